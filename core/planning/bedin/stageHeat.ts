import type { Run } from '../run/run';
import type { StageHeat } from './refit';

/** What is written down where a stage's heat is read. */
export const HEAT_FIELDS = { rotorC: 'rotorC', waitedS: 'waited' } as const;

/** What a phone felt of a slowdown: how hard on average, m/s², and whether the car stood after it. */
export const FELT = { ms2: 'feltBraking', stood: 'stood' } as const;

/** Marks slowdowns that were left out because the rotor was warm enough. */
export const WARM_ENOUGH = 'warmEnough';

/** What was measured at the ends of the stages of a bed-in so far. */
export function measuredHeat({ steps, last }: Pick<Run, 'steps' | 'last'>): StageHeat[] {
  return steps.flatMap(({ id, heat }) => {
    const record = last.get(id)?.record ?? {};
    const rotorC = record[HEAT_FIELDS.rotorC];
    return heat && typeof rotorC === 'number'
      ? [{ after: heat.after, rotorC, waitedS: Number(record[HEAT_FIELDS.waitedS] ?? 0) }]
      : [];
  });
}
