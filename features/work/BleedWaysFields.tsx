'use client';

import { USUAL_RESERVOIR_ML } from '@/core/planning/bleed/usual';
import type { WorkOptions } from '@/core/planning/options';
import { PRESSURE_SCHOOLS, WAYS } from '@/core/planning/ways';
import { Choice } from '@/ui/Choice';
import { NumberField } from '@/ui/Field';
import { typedNumber } from '../shell/typedNumber';
import { useKeptFigures } from '../shell/useKeptFigures';
import { useUnits } from '../shell/useUnits';
import { useWorkPlace } from './WorkPlace';

type BleedProps = {
  jobId: string;
  chosen: NonNullable<WorkOptions['bleed']>;
  onChange: (chosen: NonNullable<WorkOptions['bleed']>) => void;
  ceilingKPa: number;
};

const KEYS = {
  bleedMethod: 'method',
  potSchool: 'pot',
  bleedOrder: 'order',
  twoBleeders: 'twoBleeders',
  reservoirSchool: 'reservoir',
  strainerSchool: 'strainer',
} as const;

const NOTHING = { pressure: '', bottle: '', catch: '', reservoir: '' };
const baseOf = (name: string) => (name === 'pressure' ? ('kPa' as const) : undefined);

/** What they are kept under while they are typed. */
export const bleedFigures = (jobId: string) => `bleed-figures.${jobId}`;

/** Another way for this once: method, schools, pressure and bottles over the shop's own, each with who holds it and why. */
export function BleedWaysFields({ jobId, chosen, onChange, ceilingKPa }: BleedProps) {
  const { ways } = useWorkPlace();
  const units = useUnits();
  const [typed, keep] = useKeptFigures(bleedFigures(jobId), NOTHING, baseOf);
  const pressure = units.read(typed.pressure, 'kPa')?.value;
  const pressureNow = chosen.pressureKPa ?? Math.min(ways.bleedPressureKPa, ceilingKPa);
  const wrongPressure =
    pressure !== undefined && !(pressure >= 20 && pressure <= ceilingKPa)
      ? `${typed.pressure} is not taken: ${units.show(20, 'kPa', 0)} to ${units.full(ceilingKPa, 'kPa', 0)}, this reservoir’s ceiling`
      : undefined;
  const volume = (text: string) => typedNumber(text) ?? undefined;
  const wrongVolume = (text: string, high: number, low = 100) => {
    const value = volume(text);
    return value !== undefined && !(value >= low && value <= high)
      ? `${text} is not taken: ${low} to ${high} ml`
      : undefined;
  };
  const figures = (next: typeof typed) => {
    keep(next);
    const kPa = units.read(next.pressure, 'kPa')?.value;
    const fine = (value: number | undefined, low: number, high: number) =>
      value !== undefined && value >= low && value <= high ? value : undefined;
    const { pressureKPa: _, bottleMl: __, catchMl: ___, reservoirMl: ____, ...rest } = chosen;
    const own = {
      pressureKPa: fine(kPa, 20, ceilingKPa),
      bottleMl: fine(volume(next.bottle), 100, 25000),
      catchMl: fine(volume(next.catch), 100, 5000),
      reservoirMl: fine(volume(next.reservoir), 20, 1500),
    };
    onChange({
      ...rest,
      ...Object.fromEntries(Object.entries(own).filter(([, value]) => value !== undefined)),
    });
  };
  return (
    <div className="grid gap-3">
      {(Object.keys(KEYS) as (keyof typeof KEYS)[]).map((way) => (
        <WayChoice
          key={way}
          way={way}
          value={(chosen[KEYS[way]] as string | undefined) ?? ways[way]}
          onChange={(value) => onChange({ ...chosen, [KEYS[way]]: value })}
        />
      ))}
      <PressureChoice
        kPa={pressureNow}
        ceilingKPa={ceilingKPa}
        onChange={(kPa) => figures({ ...typed, pressure: units.asTyped(kPa, 'kPa') })}
      />
      <div className="grid gap-3 sm:grid-cols-2 desk:grid-cols-4">
        <NumberField
          label="Working pressure"
          unit={units.unit('kPa')}
          value={typed.pressure}
          placeholder={units.show(pressureNow, 'kPa', 0)}
          onChange={(event) => figures({ ...typed, pressure: event.target.value })}
          error={wrongPressure}
        />
        <NumberField
          label="Bottle"
          unit="ml"
          value={typed.bottle}
          placeholder={String(ways.bottleMl)}
          onChange={(event) => figures({ ...typed, bottle: event.target.value })}
          error={wrongVolume(typed.bottle, 25000)}
        />
        <NumberField
          label="Catch bottle"
          unit="ml"
          value={typed.catch}
          placeholder={String(ways.catchMl)}
          onChange={(event) => figures({ ...typed, catch: event.target.value })}
          error={wrongVolume(typed.catch, 5000)}
        />
        <NumberField
          label="Reservoir, mark to mark"
          unit="ml"
          value={typed.reservoir}
          placeholder={String(USUAL_RESERVOIR_ML)}
          onChange={(event) => figures({ ...typed, reservoir: event.target.value })}
          error={wrongVolume(typed.reservoir, 1500, 20)}
        />
      </div>
    </div>
  );
}

function WayChoice({
  way,
  value,
  onChange,
}: {
  way: keyof typeof KEYS;
  value: string;
  onChange: (value: string) => void;
}) {
  const { label, options } = WAYS[way];
  const about = (options as Record<string, readonly [string, string]>)[value]?.[1];
  return (
    <div>
      <p className="narrow text-small font-semibold">
        {label} <span className="font-normal text-soft">{about}</span>
      </p>
      <Choice
        label={label}
        value={value}
        onChange={(next) => next !== '' && onChange(next)}
        options={Object.entries(options).map(([id, [name]]) => ({ value: id, label: name as string }))}
      />
    </div>
  );
}

/** The pressures that are held to, those this reservoir takes, each with who holds it and why. */
function PressureChoice({
  kPa,
  ceilingKPa,
  onChange,
}: {
  kPa: number;
  ceilingKPa: number;
  onChange: (kPa: number) => void;
}) {
  const near = PRESSURE_SCHOOLS.find((school) => Math.abs(school.kPa - kPa) < 3);
  return (
    <div>
      <p className="narrow text-small font-semibold">
        Pressure <span className="font-normal text-soft">{near?.about ?? 'A pressure of your own'}</span>
      </p>
      <Choice
        label="Pressure school"
        value={near ? String(near.kPa) : ''}
        onChange={(next) => next !== '' && onChange(Number(next))}
        options={PRESSURE_SCHOOLS.filter((school) => school.kPa <= ceilingKPa).map((school) => ({
          value: String(school.kPa),
          label: school.psi,
        }))}
      />
    </div>
  );
}
