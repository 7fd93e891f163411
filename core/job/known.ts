import { cornersOf } from '../car/corner';
import type { Known } from '../planning/known';
import { looksInAt } from '../planning/run/lookIns';
import { planOf } from '../planning/run/run';
import { MEASURES } from '../readings/measures';
import { statesIn } from '../readings/vocabulary/several';
import type { JobSheet } from './sheet';
import { standingAnswers } from './standing';

/** What the job's answers say that changes a plan of its work. */
export function knownOf(sheet: JobSheet): Known {
  const answered = (id: string, state: string) =>
    standingAnswers(sheet.answers, 'before').some(
      (row) => row.finding === id && statesIn(row.state!).includes(state),
    );
  return {
    opened: answered('system_opened', 'yes'),
    softAfterBleed: answered('after_full_bleed', 'still_soft'),
    stuckBleeders: standingAnswers(sheet.answers, 'before').flatMap((row) =>
      row.finding === 'bleeder_screw' && row.place !== '' && statesIn(row.state!).includes('stuck')
        ? [...cornersOf(row.place)]
        : [],
    ),
    lookedIn: [
      ...sheet.works.flatMap((work) => looksInAt(planOf(work).steps)),
      ...sheet.readings.flatMap(({ kind, corner, input }) =>
        kind === MEASURES.lookIn.kind && corner !== '' && input !== null ? [corner] : [],
      ),
    ],
    ...(sheet.clearAtMl ? { clearAtMl: sheet.clearAtMl } : {}),
  };
}
