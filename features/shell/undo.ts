import { observable } from './observable';

/** Something that was done at once, and can be taken back for a while. */
export type Offer = { id: number; label: string; undo: () => void; shown: boolean };

/** How long it can be taken back, ms. */
export const UNDO_MS = 10_000;

let made = 0;
const last = observable<Offer | null>(null);

/**
 * What was done last, kept for ten seconds so that it can be taken back by its key on the screen or by Ctrl+Z; what was
 * done before it is not what anybody means. An answer shows what it was by itself: it is offered to the keyboard alone.
 */
export const undo = {
  offer(label: string, act: () => void, { shown = true }: { shown?: boolean } = {}): void {
    made += 1;
    const offer = { id: made, label, undo: act, shown };
    last.set(offer);
    setTimeout(() => undo.drop(offer), UNDO_MS);
  },
  take(offer: Offer): void {
    undo.drop(offer);
    offer.undo();
  },
  drop(offer: Offer): void {
    if (last.snapshot() === offer) last.set(null);
  },
  snapshot: last.snapshot,
  subscribe: last.subscribe,
};
