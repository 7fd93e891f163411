import { traitsOf } from '../car/traitsOf';
import type { Question } from '../diagnosis/diagnose';
import { WORKS } from '../planning/works';
import type { Phase } from '../readings/phase';
import { findingsOf } from './current';
import type { JobSheet } from './sheet';

/** What the diagnosis is asked about a job, as it stands. */
export function questionOfJob(sheet: JobSheet, phase: Phase = 'before'): Question {
  const { helper, wheelsOff, missing, place } = sheet.job;
  return {
    car: traitsOf(sheet.car),
    findings: findingsOf(sheet, phase).findings,
    works: WORKS,
    atHand: { helper, wheelsOff, missing, place },
    ...(sheet.learned ? { priors: sheet.learned.priors } : {}),
  };
}
