import type { Corner } from '../car/corner';
import type { FigureSlot } from '../planning/run/rows';
import { MEASURES, type MeasureId } from '../readings/measures';
import { findingOf } from '../readings/vocabulary/findings';
import { isAbnormal } from '../readings/vocabulary/several';
import type { JobCause } from './jobVerdict';
import type { JobSheet, ReadingRow } from './sheet';
import { standing, standingAnswers } from './standing';

/** A figure or an answer that a work can be held against, most telling first. */
export type BeforeFigure = { slot: FigureSlot; reading?: ReadingRow; state?: string };

/**
 * What stands on the sheet that the work will change: readings the job is measured by first, or that answer what speaks for the cause,
 * then the abnormal checks that speak for it, then what else was read. A sound rotor is no figure of a loose bearing.
 */
export function beforeFigures(
  sheet: JobSheet,
  measures: readonly MeasureId[],
  corners: readonly Corner[],
  cause: Pick<JobCause, 'speaksFor'> | undefined,
): BeforeFigure[] {
  const kinds: string[] = measures.map((measure) => MEASURES[measure].kind);
  const readings = standing(sheet.readings, 'before')
    .filter((row) => row.input !== null && kinds.includes(row.kind))
    .filter((row) => row.corner === '' || corners.length === 0 || corners.includes(row.corner))
    .sort((left, right) => kinds.indexOf(left.kind) - kinds.indexOf(right.kind))
    .map((row): BeforeFigure => ({ slot: { reading: row.kind, corner: row.corner }, reading: row }));
  const speaking = new Set(cause?.speaksFor.map(({ finding }) => finding));
  const answers = standingAnswers(sheet.answers, 'before')
    .filter((row) => findingOf(row.finding).stage === 'check' && isAbnormal(row.finding, row.state!))
    .filter((row) => speaking.has(row.finding))
    .map((row): BeforeFigure => ({ slot: { finding: row.finding, place: row.place }, state: row.state! }));
  const speaks = ({ kind }: ReadingRow) =>
    measures.some(
      (measure) =>
        MEASURES[measure].kind === kind && MEASURES[measure].covers.some((each) => speaking.has(each)),
    );
  const isTelling = ({ reading }: BeforeFigure) =>
    reading !== undefined && (reading.kind === kinds[0] || cause === undefined || speaks(reading));
  const [first] = readings.filter(isTelling);
  const telling = readings.filter(({ reading }) => reading?.kind === first?.reading?.kind);
  return [...telling, ...answers, ...readings.filter((each) => !telling.includes(each))].slice(0, 4);
}
