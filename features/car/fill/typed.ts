import type { BaseUnit } from '@/core/base/units/display';
import type { FluidFill } from '@/core/planning/fill/fill';
import type { Units } from '../../shell/units';
import type { FluidTyped } from './FluidFields';

/** A fill as it is typed. */
export type FillTyped = FluidTyped & {
  filledOn: string;
  product: string;
  batch: string;
  odometer: string;
};

const BASES: Readonly<Record<string, BaseUnit>> = { dry: '°C', wet: '°C', odometer: 'km' };

/** What each of its figures stands in. */
export function fillBase(name = ''): BaseUnit | undefined {
  return BASES[name];
}

/** A fill as it would be typed. */
export function fillTyped(fill: FluidFill, units: Units): FillTyped {
  const text = (value: number | null, base: BaseUnit) => (value === null ? '' : units.about(value, base, 6));
  return {
    filledOn: fill.filledOn,
    product: fill.product,
    batch: fill.batch,
    fluidClass: fill.fluidClass,
    dry: text(fill.dryC, '°C'),
    wet: text(fill.wetC, '°C'),
    colour: fill.colour,
    odometer: text(fill.odometerKm, 'km'),
  };
}

/**
 * What was typed, as the server takes it; what is no figure goes as it was typed, for its field to be named.
 * @param from the lot it came out of
 */
export function readFill(typed: FillTyped, from: Pick<FluidFill, 'lotId' | 'lotOpenedOn'>, units: Units) {
  return {
    filledOn: typed.filledOn,
    product: typed.product.trim(),
    batch: typed.batch.trim(),
    fluidClass: typed.fluidClass,
    dryC: units.sent(typed.dry, '°C'),
    wetC: units.sent(typed.wet, '°C'),
    colour: typed.colour.trim(),
    odometerKm: units.sent(typed.odometer, 'km'),
    lotId: from.lotId,
    lotOpenedOn: from.lotOpenedOn,
  };
}
