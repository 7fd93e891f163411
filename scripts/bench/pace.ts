/** A multiplication and an addition, each waiting for the one before: cycles (Fog, Instruction tables, MULSD and ADDSD on Skylake). */
const CYCLES = 8;
const STEPS = 40e6;
const ROUNDS = 5;

/** How fast this machine is just now, by what hangs on its clock alone: times taken on another, or beside other work, mean nothing without it. */
export function paceOfMachine(): string {
  let best = Number.POSITIVE_INFINITY;
  let kept = 1;
  for (let round = 0; round < ROUNDS; round++) {
    const started = performance.now();
    for (let step = 0; step < STEPS; step++) kept = kept * 0.999999 + 1e-6;
    best = Math.min(best, performance.now() - started);
  }
  const nanoseconds = (best * 1e6) / STEPS;
  // The sum is used, so that nobody leaves it out.
  if (!(kept > 0)) throw new Error('the sum is lost');
  return `${nanoseconds.toFixed(1)} ns for a multiplication and an addition that wait for each other, as a core at ${(CYCLES / nanoseconds).toFixed(1)} GHz takes`;
}
