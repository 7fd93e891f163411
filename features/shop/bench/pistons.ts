import { listed } from '@/core/base/units/retype';
import { HYDRAULIC_RANGES } from '@/core/car/hydraulics/ranges';
import type { Units } from '../../shell/units';

/** Piston bores as they are listed, read as mm; undefined, with why, while they cannot be read. */
export function readPistons(
  text: string,
  opposed: boolean,
  units: Units,
): { pistonsMm?: number[]; why?: string } {
  const [least, most] = HYDRAULIC_RANGES.pistonMm;
  const pistonsMm = listed(text).map((each) => units.read(each, 'mm')!.value);
  if (pistonsMm.length === 0 || !pistonsMm.every((size) => size >= least && size <= most))
    return {
      why: `${text === '' ? 'Empty' : text} is not taken: bores of ${units.about(least, 'mm')} to ${units.about(most, 'mm')} ${units.unit('mm')}`,
    };
  if (opposed && pistonsMm.length % 2 === 1) return { why: 'An opposed caliper has an even count' };
  return { pistonsMm };
}

/** Piston bores as the bench shows them. */
export function pistonsTyped(pistonsMm: readonly number[], units: Units): string {
  return pistonsMm.map((each) => units.asTyped(each, 'mm')).join(', ');
}
