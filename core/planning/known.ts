import type { JobSheet } from '../job/sheet';
import { standingAnswers } from '../job/standing';

/** What is known of the car's trouble that changes a plan. */
export type Known = { opened: boolean; softAfterBleed: boolean };

/** What the job's answers say that changes a plan of its work. */
export function knownOf(sheet: JobSheet): Known {
  const answered = (id: string, state: string) =>
    standingAnswers(sheet.answers, 'before').some((row) => row.finding === id && row.state === state);
  return {
    opened: answered('system_opened', 'yes'),
    softAfterBleed: answered('after_full_bleed', 'still_soft'),
  };
}
