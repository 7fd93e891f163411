import type { ReadingRow } from '@/core/job/sheet';
import type { Figure } from '@/core/readings/definition';
import { measureOfKind } from '@/core/readings/measures';
import type { Units } from '../shell/units';

type Read = Pick<ReadingRow, 'input' | 'said' | 'unreadable'> & { kind: string };

/** A reading's figures with their units, as one would say them. */
export function readingWords({ kind, input, said, unreadable }: Read, { full }: Units): string {
  if (input === null)
    return unreadable ? `as written, not readable by today’s rule: ${short(unreadable)}` : 'taken back';
  const words = ({ before = '', value, unit, decimals, after = '' }: Figure) =>
    `${before} ${full(value, unit, decimals)} ${after}`.trim();
  const measure = measureOfKind(kind);
  const figures = measure?.figures(input, said) ?? [];
  return [
    ...figures.filter(({ value }) => value !== undefined).map(words),
    ...(measure?.seen?.(input) ?? []).map((each) => each.words),
  ].join(', ');
}

/** Figures as they stand in the record, cut short. */
function short(written: Record<string, unknown>): string {
  const text = JSON.stringify(written);
  return text.length > 80 ? `${text.slice(0, 79)}…` : text;
}
