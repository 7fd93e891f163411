/** That something pressed is not for whoever pressed it stays to be read so long, ms. */
const SHOWN_MS = 8_000;

let shown = 0;
const watchers = new Set<() => void>();

function change(next: number): void {
  shown = next;
  for (const watcher of watchers) watcher();
}

/** Says that what was just pressed is for others, and that nothing was entered. */
export const denied = {
  say(): void {
    const mine = shown + 1;
    change(mine);
    setTimeout(() => {
      if (shown === mine) change(0);
    }, SHOWN_MS);
  },
  /** Which time it is said; 0 while nothing is. */
  snapshot: () => shown,
  subscribe(watcher: () => void): () => void {
    watchers.add(watcher);
    return () => watchers.delete(watcher);
  },
};
