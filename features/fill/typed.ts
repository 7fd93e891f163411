import type { BaseUnit } from '@/core/base/units/display';
import type { FluidFill } from '@/core/planning/fill/fill';
import type { Units } from '../shell/units';

/** A fill as it is typed. */
export type FillTyped = {
  filledOn: string;
  product: string;
  batch: string;
  fluidClass: string;
  dry: string;
  wet: string;
  colour: string;
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
export function readFill(
  typed: FillTyped,
  from: Pick<FluidFill, 'lotId' | 'lotOpenedOn'>,
  units: Units,
): object {
  const figure = (text: string, base: BaseUnit) => {
    const value = units.read(text, base)?.value;
    return value === undefined ? null : Number.isNaN(value) ? text : value;
  };
  return {
    filledOn: typed.filledOn,
    product: typed.product.trim(),
    batch: typed.batch.trim(),
    fluidClass: typed.fluidClass,
    dryC: figure(typed.dry, '°C'),
    wetC: figure(typed.wet, '°C'),
    colour: typed.colour.trim(),
    odometerKm: figure(typed.odometer, 'km'),
    lotId: from.lotId,
    lotOpenedOn: from.lotOpenedOn,
  };
}
