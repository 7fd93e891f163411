import { observable } from './observable';

/** That something pressed is not for whoever pressed it stays to be read so long, ms. */
const SHOWN_MS = 8_000;

const shown = observable(0);

/** Says that what was just pressed is for others, and that nothing was entered. */
export const denied = {
  say(): void {
    const mine = shown.snapshot() + 1;
    shown.set(mine);
    setTimeout(() => {
      if (shown.snapshot() === mine) shown.set(0);
    }, SHOWN_MS);
  },
  /** Which time it is said; 0 while nothing is. */
  snapshot: shown.snapshot,
  subscribe: shown.subscribe,
};
