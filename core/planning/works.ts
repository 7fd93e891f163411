import { CAUSES } from '../diagnosis/causes';
import type { Works } from '../diagnosis/decision/stakes';
import { PROCEDURES, type ProcedureId } from './library';
import { PROCEDURE_FOR } from './procedureFor';
import type { WorkRow } from './run/rows';
import { planOf } from './run/run';

/** Minutes of a job's own run: with the bleed where lines were opened. */
export function runMinutes(id: ProcedureId): number {
  const { minutes, bleed } = PROCEDURES[id];
  // A flush, or a bleed, is its own minutes.
  return minutes + (bleed === 'opened' && id !== 'bleed' ? PROCEDURES.bleed.minutes : 0);
}

/** Minutes that each work by itself was planned with; done in one visit with others it has none of its own. */
export function plannedMinutes(works: readonly WorkRow[]): Record<WorkRow['id'], number> {
  const planned: Record<WorkRow['id'], number> = {};
  for (const work of works) {
    const { procedure } = planOf(work);
    if (procedure && work.alone === undefined) planned[work.id] = runMinutes(procedure);
  }
  return planned;
}

/** Minutes of a job with all that has to follow it: its run, and the bed-in where faces are new. */
export function wholeMinutes(id: ProcedureId): number {
  return runMinutes(id) + (PROCEDURES[id].bedIn && id !== 'bed_in' ? PROCEDURES.bed_in.minutes : 0);
}

/** The first job for each cause and its minutes, for weighing what a check is worth. */
export const WORKS = Object.fromEntries(
  CAUSES.map(({ id }) => {
    const [work] = PROCEDURE_FOR[id];
    return [id, { work, minutes: wholeMinutes(work) }];
  }),
) as Works;
