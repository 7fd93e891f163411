import { readWords } from '../diagnosis/words/words';
import { statesIn } from '../readings/vocabulary/several';
import type { JobSheet } from './sheet';
import { standingAnswers } from './standing';
import { wordsOf } from './wordsOf';

/** A condition of the complaint, to be driven under again. */
export type DriveCondition =
  | { id: 'hot' | 'cold' | 'after_corners' }
  | { id: 'laps'; laps: number }
  | { id: 'speed'; kmh: number };

/** The conditions under which the complaint came, from its answers and from its words. */
export function driveConditions({ job, answers }: Pick<JobSheet, 'job' | 'answers'>): DriveCondition[] {
  const said = new Set(
    standingAnswers(answers, 'before').flatMap((row) =>
      statesIn(row.state!).map((state) => `${row.finding} ${state}`),
    ),
  );
  const { laps, speedKmh, hot } = readWords(wordsOf(job)).conditions;
  // The answer goes before the words.
  const answered = ['hot', 'cold'].find((heat) => said.has(`temperature_link only_${heat}`));
  const isHot = answered === undefined ? hot : answered === 'hot';
  return [
    ...(isHot === undefined ? [] : [{ id: isHot ? ('hot' as const) : ('cold' as const) }]),
    ...(laps === undefined ? [] : [{ id: 'laps' as const, laps }]),
    ...(said.has('after_cornering yes') ? [{ id: 'after_corners' as const }] : []),
    ...(speedKmh === undefined ? [] : [{ id: 'speed' as const, kmh: speedKmh }]),
  ];
}
