import type { Run } from '../run/run';
import { HEAT_FIELDS } from './heatFields';
import type { StageHeat } from './refit';

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
