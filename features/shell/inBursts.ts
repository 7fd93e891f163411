/** Does once what is asked for in a burst, when that has gone on for a while, ms. */
export function inBursts(work: () => void, ms: number): { soon: () => void; callOff: () => void } {
  let timer: ReturnType<typeof setTimeout> | undefined;
  return {
    soon() {
      timer ??= setTimeout(() => {
        timer = undefined;
        work();
      }, ms);
    },
    callOff: () => clearTimeout(timer),
  };
}
