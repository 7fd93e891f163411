import { observable } from './observable';

/** Something that is said over whatever page it is, and stays to be read so long, ms. */
export function briefly(ms: number) {
  const { snapshot, subscribe, set } = observable(0);
  return {
    say(): void {
      const mine = snapshot() + 1;
      set(mine);
      setTimeout(() => {
        if (snapshot() === mine) set(0);
      }, ms);
    },
    /** Which time it is said; 0 while nothing is. */
    snapshot,
    subscribe,
  };
}

export type Briefly = ReturnType<typeof briefly>;
