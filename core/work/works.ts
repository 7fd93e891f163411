import type { Works } from '../diagnosis/decision/stakes';
import { CAUSES } from '../diagnosis/vocabulary/causes';
import { PROCEDURES } from './library';
import { PROCEDURE_FOR } from './procedureFor';

/** The first job for each cause and its minutes, for weighing what a check is worth. */
export const WORKS = Object.fromEntries(
  CAUSES.map(({ id }) => {
    const [work] = PROCEDURE_FOR[id];
    return [id, { work, minutes: PROCEDURES[work].minutes }];
  }),
) as Works;
