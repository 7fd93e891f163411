import type { Corner } from '../../car/corner';
import { defineReading } from '../definition';
import { ofTheShop } from '../heldAgainst';
import type { HeatInput } from './schema';

export const heat = defineReading<HeatInput, unknown>({
  kind: 'heat',
  label: 'Heat round the car',
  at: 'car',
  covers: ['heat_spread', 'rotor_peak', 'caliper_peak'],
  held: {
    fields: ['limits', 'padLimitC'],
    own: (holder) => {
      const pads = (['front', 'rear'] as const).flatMap((axle) => {
        const limitC = holder.car?.[axle].padLimitC;
        return limitC === null || limitC === undefined ? [] : [[axle, limitC] as const];
      });
      return {
        ...ofTheShop('wheelSpreadK', 'allHotC', 'trackMarginK').own(holder),
        ...(pads.length === 0 ? {} : { padLimitC: Object.fromEntries(pads) }),
      };
    },
  },
  traces: {
    heat_spread: {
      value: 'overOtherK',
      unit: 'K',
      decimals: 0,
      limits: ['wheelSpreadK', 'allHotC'],
      rule: 'this face less the other one of its axle',
    },
    rotor_peak: {
      value: 'rotorPeakC',
      unit: '°C',
      decimals: 0,
      limits: ['padLimitC.front', 'padLimitC.rear'],
      rule: 'paint on the rotor against the pad’s own limit',
    },
    caliper_peak: {
      value: 'marginK',
      unit: 'K',
      decimals: 0,
      limits: ['trackMarginK'],
      rule: 'boiling point here less the caliper’s peak',
    },
  },
  figures: ({ corners }) =>
    (Object.entries(corners) as [Corner, NonNullable<(typeof corners)[Corner]>][]).map(([corner, read]) => ({
      before: corner,
      value: read.faceC ?? read.rotorPeakC ?? read.caliperPeakC,
      unit: '°C',
      decimals: 0,
    })),
});
