import type { BaseUnit } from '@/core/base/units/display';
import type { FluidClass } from '@/core/car/fluidClasses';
import type { ShopLimits } from '@/core/car/limits/catalogue';
import type { FluidInput } from '@/core/readings/fluid/fluid';
import { FLUID_RANGES } from '@/core/readings/fluid/ranges';
import { fluid } from '@/core/readings/fluid/reading';
import type { Units } from '../../../shell/units';

export type FluidTyped = {
  fluid: FluidClass;
  moisture: string;
  boiling: string;
  altitude: string;
  peak: string;
  dry: string;
  wet: string;
  use: 'road' | 'track';
};

/** The bench before anything is typed, in the units shown. */
export function fluidStart(start: FluidInput, altitudeM: number, units: Units): FluidTyped {
  const typed = (value: number | undefined, base: BaseUnit) =>
    value === undefined ? '' : units.asTyped(value, base);
  return {
    fluid: start.class,
    moisture: typed(start.moisturePct, '%'),
    boiling: typed(start.boilingC, '°C'),
    altitude: units.asTyped(altitudeM, 'm'),
    peak: typed(start.caliperPeakC, '°C'),
    dry: typed(start.dryC, '°C'),
    wet: typed(start.wetC, '°C'),
    use: 'track',
  };
}

const UNITS = {
  moisturePct: '%',
  altitudeM: 'm',
  caliperPeakC: '°C',
  dryC: '°C',
  wetC: '°C',
  boilingC: '°C',
} as const satisfies Record<keyof typeof FLUID_RANGES, BaseUnit>;

const FIELDS = {
  moisturePct: 'moisture',
  boilingC: 'boiling',
  altitudeM: 'altitude',
  caliperPeakC: 'peak',
  dryC: 'dry',
  wetC: 'wet',
} as const satisfies Partial<Record<keyof FluidInput, keyof FluidTyped>>;

export const fluidBase = (typedAs: string) =>
  Object.entries(FIELDS).flatMap(([field, name]) =>
    name === typedAs ? [UNITS[field as keyof typeof FIELDS]] : [],
  )[0];

/** What was typed as a reading held against the shop's own limits, and what of it cannot be one. */
export function readFluidBench(
  typed: FluidTyped,
  units: Units,
  shopLimits: ShopLimits,
): { input: FluidInput; unread: Partial<Record<keyof FluidInput, string>> } {
  const input: FluidInput = { class: typed.fluid, use: typed.use, ...fluid.held!.own({ shop: shopLimits }) };
  const unread: Partial<Record<keyof FluidInput, string>> = {};
  for (const [name, typedAs] of Object.entries(FIELDS)) {
    const field = name as keyof typeof FIELDS;
    const text = typed[typedAs];
    const [low, high] = FLUID_RANGES[field];
    const unit = UNITS[field];
    const value = units.read(text, unit)?.value;
    if (text.trim() === '') continue;
    if (value !== undefined && value >= low && value <= high) input[field] = value;
    else {
      unread[field] = `${text} is not taken: ${units.show(low, unit, 0)} to ${units.full(high, unit, 0)}`;
    }
  }
  return { input, unread };
}
