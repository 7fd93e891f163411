import { measureOfKind } from '@/core/readings/measures';

/** What the shop calls a kind of reading. */
export function readingLabel(kind: string): string {
  return measureOfKind(kind)?.label ?? kind;
}
