import { LIMIT_NAMES, LIMIT_SPECS, type LimitName, type ShopLimits } from '@/core/limits/catalogue';
import { SOURCE_WORDS } from '@/core/limits/sources';
import { UNITS, type Unit } from '@/core/units/convert';
import { parseMeasure } from '@/core/units/parse';
import { NumberField } from '@/ui/Field';

type Texts = Partial<Record<LimitName, string>>;
type Props = {
  texts: Texts;
  onChange: (name: LimitName, text: string) => void;
  errorOf: (field: string) => string | undefined;
};

const GROUPS = [...new Set(LIMIT_NAMES.map((name) => LIMIT_SPECS[name].group))];

/** The shop's own limits: an empty one leaves what is usual, which stands behind it. */
export function LimitFields({ texts, onChange, errorOf }: Props) {
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
              const { label, unit, usual, from, about } = LIMIT_SPECS[name];
              return (
                <NumberField
                  key={name}
                  label={label}
                  unit={unit}
                  value={texts[name] ?? ''}
                  placeholder={String(usual)}
                  onChange={(event) => onChange(name, event.target.value)}
                  error={errorOf(`limits.${name}`)}
                  hint={`${about}. ${texts[name]?.trim() ? 'The shop’s own' : `Usual ${usual}, ${SOURCE_WORDS[from]}`}`}
                />
              );
            })}
          </div>
        </fieldset>
      ))}
    </section>
  );
}

/** The limits as the form shows them. */
export function limitTexts(limits: ShopLimits): Texts {
  return Object.fromEntries(Object.entries(limits).map(([name, value]) => [name, String(value)]));
}

/** What was typed as the server takes it: a unit typed along is converted; what is no figure goes as it is, to be refused by name. */
export function limitsOf(texts: Texts): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(texts).flatMap(([name, text]) => {
      if (text.trim() === '') return [];
      const { unit } = LIMIT_SPECS[name as LimitName];
      const value = Object.hasOwn(UNITS, unit)
        ? parseMeasure(text, unit as Unit)
        : Number(text.trim().replace(',', '.'));
      return [[name, value === undefined || Number.isNaN(value) ? text : value]];
    }),
  );
}
