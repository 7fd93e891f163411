import { ownLimit } from '../../car/limits/own';
import { defineReading } from '../definition';
import type { RotorResult } from './rotor';
import type { RotorInput } from './schema';

export const rotor = defineReading<RotorInput, RotorResult>({
  kind: 'rotor',
  label: 'Rotor',
  at: 'corner',
  brake: 'disc',
  covers: ['rotor_runout', 'rotor_dtv', 'rotor_shape', 'rotor_thickness'],
  open: true,
  held: {
    fields: ['limits', 'limitsFrom', 'minimumMm'],
    own: ({ axle, shop }) => {
      const runoutMm = ownLimit('runoutMm', shop, axle?.runoutLimitMm);
      const dtvMm = ownLimit('dtvMm', shop, axle?.dtvLimitMm);
      const set = Object.entries({ runoutMm, dtvMm }).flatMap(([name, limit]) =>
        limit ? [{ name, ...limit }] : [],
      );
      return {
        ...(axle?.rotorMinimumMm ? { minimumMm: axle.rotorMinimumMm } : {}),
        ...(set.length === 0
          ? {}
          : {
              limits: Object.fromEntries(set.map(({ name, value }) => [name, value])),
              limitsFrom: Object.fromEntries(set.map(({ name, from }) => [name, from])),
            }),
      };
    },
  },
  traces: {
    rotor_runout: {
      value: 'tirMm',
      unit: 'mm',
      decimals: 3,
      limits: ['runoutMm'],
      rule: 'highest station less lowest; over the limit is high',
    },
    rotor_shape: {
      value: 'waveMm',
      unit: 'mm',
      decimals: 3,
      limits: [],
      rule: 'what is left without order 1; over half of the total it is a wave',
    },
    rotor_dtv: {
      value: 'dtvMm',
      unit: 'mm',
      decimals: 3,
      limits: ['dtvMm'],
      rule: 'thickest station less thinnest; over the limit is high',
    },
    rotor_thickness: {
      value: 'lowestMm',
      unit: 'mm',
      decimals: 2,
      limits: ['minimumMm'],
      rule: 'thinnest station against discard; the last quarter is near',
    },
  },
  figures: (_, result) => [
    { before: 'runout', value: result?.tirMm, unit: 'mm', decimals: 3 },
    { before: 'variation', value: result?.dtvMm, unit: 'mm', decimals: 3 },
    { before: 'lowest', value: result?.lowestMm, unit: 'mm', decimals: 2 },
  ],
});
