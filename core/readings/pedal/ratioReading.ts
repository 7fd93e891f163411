import { defineReading } from '../definition';
import type { PedalRatioInput } from './pedalRatioSchema';

export const ratio = defineReading<PedalRatioInput, unknown>({
  kind: 'pedal-ratio',
  label: 'Pedal ratio',
  at: 'car',
  covers: ['pedal_ratio'],
  open: true,
  traces: {
    pedal_ratio: {
      value: 'ratio',
      unit: '',
      decimals: 2,
      limits: ['ratioLow', 'ratioHigh'],
      rule: 'pivot to pad over pivot to clevis',
    },
  },
  figures: ({ aMm, bMm }) => [{ value: aMm / bMm, unit: '', decimals: 2 }],
});
