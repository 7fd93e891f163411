import type { ReadingRow } from '@/core/job/sheet';
import type { ReadFigure } from '@/core/readings/definition';
import { measureOfKind } from '@/core/readings/measureOf';
import type { Units } from '../shell/units';

type Read = Pick<ReadingRow, 'input' | 'unreadable'> & { kind: string };

/** A reading with its figures and their units, as one would say it; one entered a moment ago has figures once it is judged. */
export function readingWords(
  { kind, input, unreadable }: Read,
  figures: readonly ReadFigure[] | undefined,
  { full }: Units,
): string {
  if (input === null)
    return unreadable ? `as written, not readable by today’s rule: ${short(unreadable)}` : 'taken back';
  const words = ({ before = '', value, unit, decimals, after = '' }: ReadFigure) =>
    `${before} ${full(value, unit, decimals)} ${after}`.trim();
  const seen = measureOfKind(kind)?.seen?.(input) ?? [];
  return [...(figures ?? []).map(words), ...seen.map((each) => each.words)].join(', ');
}

/** Figures as they stand in the record, cut short. */
function short(written: Record<string, unknown>): string {
  const text = JSON.stringify(written);
  return text.length > 80 ? `${text.slice(0, 79)}…` : text;
}
