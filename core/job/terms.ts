import { readWords } from '../diagnosis/words/words';
import { statesIn } from '../readings/vocabulary/several';
import type { JobSheet } from './sheet';
import { standingAnswers } from './standing';

/** A condition of the complaint, to be driven under again. */
export type Term =
  | { id: 'hot' | 'cold' | 'after_corners' }
  | { id: 'laps'; laps: number }
  | { id: 'speed'; kmh: number };

/** The conditions under which the complaint came, from its answers and from its words. */
export function termsOf({ job, answers }: Pick<JobSheet, 'job' | 'answers'>): Term[] {
  const said = new Set(
    standingAnswers(answers, 'before').flatMap((row) =>
      statesIn(row.state!).map((state) => `${row.finding} ${state}`),
    ),
  );
  const { conditions } = readWords(`${job.complaint}. ${job.whenWhere}`);
  const { laps, speedKmh } = conditions;
  const heat = said.has('temperature_link only_hot')
    ? true
    : said.has('temperature_link only_cold')
      ? false
      : conditions.hot;
  return [
    ...(heat === undefined ? [] : [{ id: heat ? ('hot' as const) : ('cold' as const) }]),
    ...(laps === undefined ? [] : [{ id: 'laps' as const, laps }]),
    ...(said.has('after_cornering yes') ? [{ id: 'after_corners' as const }] : []),
    ...(speedKmh === undefined ? [] : [{ id: 'speed' as const, kmh: speedKmh }]),
  ];
}
