import { type Corner, cornersOf } from '../car/corner';
import type { CauseId } from '../diagnosis/causes';
import { isAbnormal } from '../readings/vocabulary/several';
import type { JobSheet } from './sheet';
import { standingAnswers } from './standing';

type Cause = { id: CauseId; corner?: Corner } | undefined;

/** Where a cause was found: the verdict's own corner, else the corners at which a check was abnormal. */
export function cornersOfCause(sheet: JobSheet, cause: Cause): Corner[] {
  if (cause?.corner) return [cause.corner];
  const places = standingAnswers(sheet.answers, 'before')
    .filter((row) => row.place !== '' && isAbnormal(row.finding, row.state!))
    .flatMap((row) => [...cornersOf(row.place || undefined)]);
  return [...new Set(places)];
}
