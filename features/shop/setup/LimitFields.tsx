import { UNITS, type Unit } from '@/core/base/units/convert';
import { type BaseUnit, shownValue } from '@/core/base/units/display';
import { parseMeasure } from '@/core/base/units/parse';
import { LIMIT_NAMES, LIMIT_SPECS, type LimitName, type ShopLimits } from '@/core/car/limits/catalogue';
import { SOURCE_WORDS } from '@/core/car/limits/sources';
import { NumberField } from '@/ui/Field';
import { typedNumber } from '../../shell/typedNumber';
import type { Units } from '../../shell/units';

type Texts = Partial<Record<LimitName, string>>;
type Props = {
  texts: Texts;
  onChange: (name: LimitName, text: string) => void;
  errorOf: (field: string) => string | undefined;
  units: Units;
};

const GROUPS = [...new Set(LIMIT_NAMES.map((name) => LIMIT_SPECS[name].group))];

/** The shop's own limits: an empty one leaves what is usual, which stands behind it. */
export function LimitFields({ texts, onChange, errorOf, units }: Props) {
  return (
    <section aria-labelledby="limits" className="grid gap-4">
      <div>
        <h2 id="limits" className="border-t-2 border-ink pt-1 text-xl">
          Limits
        </h2>
        <p className="text-soft">
          Where a car has its maker’s own figure, that one holds. Empty fields leave what is usual.
        </p>
      </div>
      {GROUPS.map((group) => (
        <fieldset key={group}>
          <legend className="narrow font-semibold">{group}</legend>
          <div className="grid gap-4 sm:grid-cols-2 desk:grid-cols-3">
            {LIMIT_NAMES.filter((name) => LIMIT_SPECS[name].group === group).map((name) => {
              const { label, usual, from, about } = LIMIT_SPECS[name];
              const { unit, text } = shownLimit(name, usual, units);
              return (
                <NumberField
                  key={name}
                  label={label}
                  unit={unit}
                  value={texts[name] ?? ''}
                  placeholder={text}
                  onChange={(event) => onChange(name, event.target.value)}
                  error={errorOf(`limits.${name}`)}
                  hint={`${about}. ${texts[name]?.trim() ? 'The shop’s own' : `Usual ${text}, ${SOURCE_WORDS[from]}`}`}
                />
              );
            })}
          </div>
        </fieldset>
      ))}
    </section>
  );
}

/** Units of a limit that the shop's choice changes; the rest are told as they are. */
const CHOSEN: readonly string[] = ['mm', '°C', 'kPa', 'K'];

/** A limit in the unit that the shop works in, rid of digits that no gauge shows. */
function shownLimit(name: LimitName, value: number, units: Units): { unit: string; text: string } {
  const { unit } = LIMIT_SPECS[name];
  if (!CHOSEN.includes(unit)) return { unit, text: String(value) };
  const base = unit as BaseUnit;
  return {
    unit: units.unit(base),
    text: String(Number(shownValue(value, base, units.choice).toPrecision(4))),
  };
}

/** The limits as the form shows them. */
export function limitTexts(limits: ShopLimits, units: Units): Texts {
  return Object.fromEntries(
    Object.entries(limits).map(([name, value]) => [name, shownLimit(name as LimitName, value, units).text]),
  );
}

/**
 * What was typed as the server takes it: in the unit shown, or one typed along. One that was left as it stood stays to
 * the last digit; what is no figure goes as it is, to be refused by name.
 */
export function limitsOf(texts: Texts, limits: ShopLimits, units: Units): Record<string, unknown> {
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
