import { defineReading } from '../definition';
import { ofTheShop } from '../heldAgainst';
import type { DrumInput } from './drum';

export const drum = defineReading<DrumInput, unknown>({
  kind: 'drum',
  label: 'Drum',
  at: 'corner',
  brake: 'drum',
  covers: ['drum_adjustment', 'drum_surface'],
  held: ofTheShop('drumOvalMm', 'shoeGapMm'),
  traces: {
    drum_surface: {
      value: 'ovalMm',
      unit: 'mm',
      decimals: 2,
      limits: ['drumOvalMm'],
      rule: 'widest bore less narrowest',
    },
    drum_adjustment: {
      value: 'clearanceMm',
      unit: 'mm',
      decimals: 2,
      limits: ['shoeGapMm'],
      rule: 'drum bore less the diameter over the shoes',
    },
  },
  figures: ({ boreMm, shoesMm }) => [
    { before: 'bore', value: Math.min(...boreMm), unit: 'mm', decimals: 2 },
    { before: 'to', value: Math.max(...boreMm), unit: 'mm', decimals: 2 },
    { before: 'shoes', value: shoesMm, unit: 'mm', decimals: 2 },
  ],
});
