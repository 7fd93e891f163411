import { inSentence } from '@/core/base/sentence';
import { CIRCUITS } from '@/core/car/circuits';
import type { CarEvent } from '@/core/planning/wear/sessions';
import type { Units } from '../shell/units';

/** What a day on track is like, as far as somebody said. */
export function eventWords({ circuit, airC }: CarEvent, units: Units): string[] {
  return [
    ...(circuit ? [inSentence(CIRCUITS[circuit].label)] : []),
    ...(airC === null || airC === undefined ? [] : [`air ${units.full(airC, '°C', 0)}`]),
  ];
}
