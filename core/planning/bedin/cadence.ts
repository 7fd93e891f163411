import type { Run } from '../run/run';
import { WARM_ENOUGH } from './heatFields';
import type { Slowdown } from './plan';

/** How firmly a car is slowed on average, m/s²: the time of the braking itself (model). */
const BRAKING_MS2 = 4;

/** How often slowdowns really came and how often the plan counts on, s from release to release. */
export type Cadence = { reallyS: number; plannedS: number };

/**
 * The pace of a bed-in so far, by the moments at which the brake was released; a plan that is driven more slowly leaves the
 * rotors cooler than it says. The first pause of a stage is nobody's pace and is left out where the rotor was read before it.
 * @returns nothing before three pauses
 */
export function cadenceOf(
  { steps, last }: Pick<Run, 'steps' | 'last'>,
  stops: readonly Slowdown[],
): Cadence | undefined {
  const releases = steps.flatMap((step, at): { ms: number | undefined; read: boolean; stop: Slowdown }[] => {
    if (!step.slowdown) return [];
    const tick = last.get(step.id);
    const released =
      tick?.done && tick.record[WARM_ENOUGH] === undefined ? tick.record.releasedAt : undefined;
    const stop = stops[Number(step.id.replace('stop-', '')) - 1];
    return stop
      ? [
          {
            ms: typeof released === 'string' ? Date.parse(released) : undefined,
            read: steps[at - 1]?.heat !== undefined,
            stop,
          },
        ]
      : [];
  });
  const pauses = releases.flatMap((release, at) => {
    const before = releases[at - 1];
    if (!before || before.ms === undefined || release.ms === undefined || release.read) return [];
    const brakingS = (release.stop.fromKmh - release.stop.toKmh) / 3.6 / BRAKING_MS2;
    return [
      { reallyS: (release.ms - before.ms) / 1000, plannedS: before.stop.upS + before.stop.coolS + brakingS },
    ];
  });
  if (pauses.length < 3) return undefined;
  const mean = (of: (pause: Cadence) => number) =>
    pauses.reduce((sum, each) => sum + of(each), 0) / pauses.length;
  return { reallyS: mean((each) => each.reallyS), plannedS: mean((each) => each.plannedS) };
}
