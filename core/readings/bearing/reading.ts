import { ownLimit } from '../../car/limits/own';
import { defineReading } from '../definition';
import type { BearingInput } from './bearing';

export const bearing = defineReading<BearingInput, unknown>({
  kind: 'bearing',
  label: 'Bearing play',
  at: 'corner',
  covers: ['bearing_play'],
  held: {
    fields: ['limitMm', 'limitFrom'],
    own: ({ axle, shop }) => {
      const limit = ownLimit('playLimitMm', shop, axle?.playLimitMm);
      return limit ? { limitMm: limit.value, limitFrom: limit.from } : {};
    },
  },
  traces: {
    bearing_play: {
      value: 'playMm',
      unit: 'mm',
      decimals: 3,
      limits: ['limitMm'],
      rule: 'dial on the rim of the hub, rocked',
    },
  },
  figures: ({ playMm }) => [{ value: playMm, unit: 'mm', decimals: 3 }],
});
