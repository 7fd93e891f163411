import { defineReading } from '../definition';
import type { FirmnessInput } from './firmnessSchema';

/** The pedal by a scale or a gauge: force and travel, first and third press. */
export const firmness = defineReading<FirmnessInput, unknown>({
  kind: 'firmness',
  label: 'Pedal firmness',
  at: 'car',
  covers: ['pedal_now', 'pedal_pump'],
  held: {
    fields: ['limits'],
    own: ({ shop: { softPct, longMm, pumpMm } }) => {
      const limits = {
        ...(softPct === undefined ? {} : { softShare: softPct / 100 }),
        ...(longMm === undefined ? {} : { longMm }),
        ...(pumpMm === undefined ? {} : { pumpMm }),
      };
      return Object.keys(limits).length === 0 ? {} : { limits };
    },
  },
  traces: {
    pedal_now: (state) =>
      state === 'long'
        ? {
            value: 'travelMoreMm',
            unit: 'mm',
            decimals: 0,
            limits: ['longMm'],
            rule: 'travel more than its good pedal, at the same force',
          }
        : {
            value: 'stiffnessRatio',
            unit: '',
            decimals: 2,
            limits: ['softShare'],
            rule: 'newtons a millimetre, as a share of its good pedal',
          },
    pedal_pump: {
      value: 'riseByPumpingMm',
      unit: 'mm',
      decimals: 0,
      limits: ['pumpMm'],
      rule: 'first press less third press, at the same force',
    },
  },
  figures: ({ points, toFloorMm }) => {
    const [hardest] = points
      .filter(({ press }) => (press ?? 1) === 1)
      .sort((left, right) => right.forceN - left.forceN);
    return [
      {
        value: hardest?.travelMm,
        unit: 'mm',
        decimals: 0,
        after: `at ${Math.round(hardest?.forceN ?? 0)} N`,
      },
      { before: 'room to the floor', value: toFloorMm, unit: 'mm', decimals: 0 },
    ];
  },
});
