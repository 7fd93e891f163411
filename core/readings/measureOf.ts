import { MEASURES, type MeasureId } from './measures';
import type { FindingId } from './vocabulary/findings';

type Measure = (typeof MEASURES)[MeasureId];

const IDS = Object.keys(MEASURES) as MeasureId[];

/** The measure that yields a finding, where there is one. */
export function measureOf(finding: FindingId): MeasureId | undefined {
  return IDS.find((id) => MEASURES[id].covers.includes(finding));
}

/** The measure whose form stands under a check: that of the first check it answers. */
export function formUnder(finding: FindingId): MeasureId | undefined {
  return IDS.find((id) => MEASURES[id].covers[0] === finding);
}

/** What is known of a kind of reading, by the name it is written down under. */
export function measureOfKind(kind: string): Measure | undefined {
  return Object.values(MEASURES).find((each) => each.kind === kind);
}

/** What a bench writes down in a job, or a case file brings: sums that imply no finding. */
const SUMS: Record<string, string> = {
  hydraulics: 'Balance on the bench',
  'heat-session': 'Heat on the bench',
  'heat-stops': 'Heat of stops',
  travel: 'Travel budget',
  'travel-solve': 'Gas against flex',
};

/** What the shop calls a kind of reading. */
export function readingLabel(kind: string): string {
  return measureOfKind(kind)?.label ?? SUMS[kind] ?? kind;
}
