import type { Corner } from '../../car/corner';
import { LIFT } from './marks';
import type { Step } from './step';

/**
 * A run with a look-in at the corners whose wheels come off in it: right after the lift, while everything is as it was driven. Not
 * where the run reads the pads as they are found, which is a longer look, nor where this job has looked in already.
 * @param corners whose wheels come off
 * @param lookedIn corners at which this job has, or plans, a look-in
 */
export function withLookIns(
  steps: readonly Step[],
  corners: readonly Corner[],
  lookedIn: readonly Corner[] = [],
): Step[] {
  const lift = steps.findIndex(({ id }) => id === LIFT);
  const read = steps.flatMap(({ measure }) =>
    measure?.measure === 'pads' && measure.phase === 'before' && measure.corner ? [measure.corner] : [],
  );
  const open = corners.filter((corner) => !read.includes(corner) && !lookedIn.includes(corner));
  if (lift < 0 || open.length === 0) return [...steps];
  return [...steps.slice(0, lift + 1), lookInStep(open), ...steps.slice(lift + 1)];
}

function lookInStep(lookIn: Corner[]): Step {
  return {
    ...{ id: 'look-in', part: 'Before', title: 'Look in at each corner', lookIn },
    how: 'Twenty seconds while the wheel is off: low end of the pads, the face with a nail, hose, boots, studs, rocked by hand at twelve and six. Nothing is taken apart for it.',
    why: 'It is the cheapest reading there is, and wear is told from it.',
  };
}

/** Corners at which a plan looks in. */
export function looksInAt(steps: readonly Step[]): Corner[] {
  return steps.flatMap(({ lookIn }) => [...(lookIn ?? [])]);
}
