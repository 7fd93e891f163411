import { HYDRAULIC_RANGES } from '@/core/car/hydraulics/ranges';

/** Piston diameters as they are listed, mm; undefined, with why, while they cannot be read. */
export function readPistons(text: string, opposed: boolean): { pistonsMm?: number[]; why?: string } {
  const [least, most] = HYDRAULIC_RANGES.pistonMm;
  const pistonsMm = text
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map(Number);
  if (pistonsMm.length === 0 || !pistonsMm.every((size) => size >= least && size <= most))
    return { why: `${text === '' ? 'Empty' : text} is not taken: diameters of ${least} to ${most} mm` };
  if (opposed && pistonsMm.length % 2 === 1) return { why: 'An opposed caliper has an even count' };
  return { pistonsMm };
}
