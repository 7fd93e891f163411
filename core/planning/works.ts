import { CAUSES } from '../diagnosis/causes';
import type { Works } from '../diagnosis/decision/stakes';
import { PROCEDURES, type ProcedureId } from './library';
import { PROCEDURE_FOR } from './procedureFor';

/** Minutes of a job with what has to follow it: the bleed where lines were opened, the bed-in where faces are new. */
export function wholeMinutes(id: ProcedureId): number {
  const { minutes, bleed, bedIn } = PROCEDURES[id];
  return (
    minutes +
    // A flush, or a bleed, is its own minutes.
    (bleed === 'opened' && id !== 'bleed' ? PROCEDURES.bleed.minutes : 0) +
    (bedIn && id !== 'bed_in' ? PROCEDURES.bed_in.minutes : 0)
  );
}

/** The first job for each cause and its minutes, for weighing what a check is worth. */
export const WORKS = Object.fromEntries(
  CAUSES.map(({ id }) => {
    const [work] = PROCEDURE_FOR[id];
    return [id, { work, minutes: wholeMinutes(work) }];
  }),
) as Works;
