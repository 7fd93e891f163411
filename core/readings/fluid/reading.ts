import { defineReading } from '../definition';
import { ofTheShop } from '../heldAgainst';
import type { FluidInput } from './fluid';
import { FLUID_LIMITS } from './limits';

export const fluid = defineReading<FluidInput, unknown>({
  kind: 'fluid',
  label: 'Fluid',
  at: 'car',
  covers: ['fluid_moisture', 'fluid_boiling'],
  open: true,
  held: ofTheShop(...FLUID_LIMITS),
  traces: {
    fluid_moisture: {
      value: 'moisturePct',
      unit: '%',
      decimals: 1,
      limits: ['wetFromPct', 'dryBelowPct'],
      rule: 'tester set to the fluid’s class',
    },
    fluid_boiling: {
      value: 'boilingC',
      unit: '°C',
      decimals: 0,
      limits: ['boilingOkFromC', 'boilingLowBelowC'],
      rule: 'as read, brought to sea level',
    },
    caliper_peak: {
      value: 'marginK',
      unit: 'K',
      decimals: 0,
      limits: ['marginK'],
      rule: 'boiling point here less the caliper’s peak',
    },
  },
  figures: ({ moisturePct, boilingC, caliperPeakC }) => [
    { value: moisturePct, unit: '%', decimals: 1, after: 'water' },
    { before: 'boils', value: boilingC, unit: '°C', decimals: 0 },
    { before: 'caliper', value: caliperPeakC, unit: '°C', decimals: 0 },
  ],
});
