import { LIMIT_NAMES, LIMIT_SPECS, type LimitName } from '@/core/car/limits/catalogue';
import { SOURCE_WORDS } from '@/core/car/limits/sources';
import { shownLimit } from './limitTexts';
import { SetupNumber, useSetup } from './SetupFields';

const GROUPS = [...new Set(LIMIT_NAMES.map((name) => LIMIT_SPECS[name].group))];

/** The shop's own limits: an empty one leaves what is usual, which stands behind it. */
export function LimitFields() {
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
            {LIMIT_NAMES.filter((name) => LIMIT_SPECS[name].group === group).map((name) => (
              <LimitField key={name} name={name} />
            ))}
          </div>
        </fieldset>
      ))}
    </section>
  );
}

function LimitField({ name }: { name: LimitName }) {
  const { typed, units } = useSetup();
  const { label, usual, from, about } = LIMIT_SPECS[name];
  const { unit, text } = shownLimit(name, usual, units);
  return (
    <SetupNumber
      name={`limits.${name}`}
      label={label}
      unit={unit}
      placeholder={text}
      hint={`${about}. ${typed.limits[name]?.trim() ? 'The shop’s own' : `Usual ${text}, ${SOURCE_WORDS[from]}`}`}
    />
  );
}
