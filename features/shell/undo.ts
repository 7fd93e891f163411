/** Something that was done at once, and can be taken back for a while. */
export type Offer = { id: number; label: string; undo: () => void; shown: boolean };

/** How long it can be taken back, ms. */
export const UNDO_MS = 10_000;

let last: Offer | null = null;
let made = 0;
const watchers = new Set<() => void>();

function change(next: Offer | null): void {
  last = next;
  for (const watcher of watchers) watcher();
}

/**
 * What was done last, kept for ten seconds so that it can be taken back by its key on the screen or by Ctrl+Z; what was
 * done before it is not what anybody means. An answer shows what it was by itself: it is offered to the keyboard alone.
 */
export const undo = {
  offer(label: string, act: () => void, { shown = true }: { shown?: boolean } = {}): void {
    made += 1;
    const offer = { id: made, label, undo: act, shown };
    change(offer);
    setTimeout(() => undo.drop(offer), UNDO_MS);
  },
  take(offer: Offer): void {
    undo.drop(offer);
    offer.undo();
  },
  drop(offer: Offer): void {
    if (last === offer) change(null);
  },
  snapshot: () => last,
  subscribe(watcher: () => void): () => void {
    watchers.add(watcher);
    return () => watchers.delete(watcher);
  },
};
