const ROUNDS = 25;
const STEPS = 400_000;

/**
 * How much longer things take than they would if this processor were ours alone just now, 1 or more: what is computed again and again takes
 * its shortest time when nobody else is at it, and its mean time as things are. Limits of time are told for a machine that is not shared.
 */
function slowness(): number {
  const times = Array.from({ length: ROUNDS }, () => {
    const started = performance.now();
    let sum = 0;
    for (let step = 0; step < STEPS; step++) sum += Math.sqrt(step);
    return sum > 0 ? performance.now() - started : 0;
  });
  const mean = times.reduce((total, each) => total + each, 0) / ROUNDS;
  return mean / Math.min(...times);
}

/** Under this a processor counts as ours. */
const OURS = 1.15;
/** One that is shared is shared unevenly: what it gave a moment ago says little of what it gives a whole process. */
const UNEVEN = 3;

/** As it was when this was loaded, before anything was measured: what is measured in between may have met either. */
const before = slowness();

/** A limit of time as it is to be kept just now. */
export function limitNow(ms: number): number {
  const slow = Math.max(before, slowness());
  return slow < OURS ? ms : ms * slow * UNEVEN;
}

const TRIES = 20;

/** How long something takes when nobody else is at the processor, ms: the shortest of several times. */
export function shortest(run: () => unknown): number {
  const times = Array.from({ length: TRIES }, () => {
    const started = performance.now();
    run();
    return performance.now() - started;
  });
  return Math.min(...times);
}
