import { defineReading } from '../definition';
import type { JudderInput } from './judder';

export const judder = defineReading<JudderInput, unknown>({
  kind: 'judder',
  label: 'Judder',
  at: 'car',
  covers: ['judder_order'],
  traces: {
    judder_order: {
      value: 'order',
      unit: '',
      decimals: 2,
      limits: [],
      rule: 'felt beats a second over turns of the wheel a second',
    },
  },
  figures: ({ speedKmh, frequencyHz }) => [
    { value: speedKmh, unit: 'km/h', decimals: 0 },
    { value: frequencyHz, unit: '', decimals: 1, after: 'beats a second' },
  ],
});
