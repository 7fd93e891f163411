import { UNITS, type Unit } from '@/core/base/units/convert';
import { type BaseUnit, shownValue } from '@/core/base/units/display';
import { parseMeasure } from '@/core/base/units/parse';
import { LIMIT_SPECS, type LimitName, type ShopLimits } from '@/core/car/limits/catalogue';
import { typedNumber } from '../../shell/typedNumber';
import type { Units } from '../../shell/units';

/** The shop's own limits as they are typed; one that is not there, or empty, leaves what is usual. */
export type LimitTexts = Partial<Record<LimitName, string>>;

/** Units of a limit that the shop's choice changes; the rest are told as they are. */
const CHOSEN: readonly string[] = ['mm', '°C', 'kPa', 'K'];

/** A limit in the unit that the shop works in, rid of digits that no gauge shows. */
export function shownLimit(name: LimitName, value: number, units: Units): { unit: string; text: string } {
  const { unit } = LIMIT_SPECS[name];
  if (!CHOSEN.includes(unit)) return { unit, text: String(value) };
  const base = unit as BaseUnit;
  return {
    unit: units.unit(base),
    text: String(Number(shownValue(value, base, units.choice).toPrecision(4))),
  };
}

/** The limits as the form shows them. */
export function limitTexts(limits: ShopLimits, units: Units): LimitTexts {
  return Object.fromEntries(
    Object.entries(limits).map(([name, value]) => [name, shownLimit(name as LimitName, value, units).text]),
  );
}

/**
 * What was typed as the server takes it: in the unit shown, or one typed along. One that was left as it stood stays to
 * the last digit; what is no figure goes as it is, to be refused by name.
 */
export function limitsOf(texts: LimitTexts, limits: ShopLimits, units: Units): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(texts).flatMap(([key, text]) => {
      const name = key as LimitName;
      if (text.trim() === '') return [];
      const stood = limits[name];
      if (stood !== undefined && shownLimit(name, stood, units).text === text) return [[name, stood]];
      const { unit } = LIMIT_SPECS[name];
      const value = CHOSEN.includes(unit)
        ? units.read(text, unit as BaseUnit)?.value
        : Object.hasOwn(UNITS, unit)
          ? parseMeasure(text, unit as Unit)
          : typedNumber(text)!;
      return [[name, value === undefined || Number.isNaN(value) ? text : value]];
    }),
  );
}
