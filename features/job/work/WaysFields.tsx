'use client';

import { MAKER_ROWS } from '@/core/bedin/inputFor';
import { BED_IN_SCHOOLS, BED_WINDOWS } from '@/core/bedin/schools';
import type { WorkOptions } from '@/core/work/options';
import { WAYS, type Ways } from '@/core/work/ways';
import { Choice } from '@/ui/Choice';
import { NumberField } from '@/ui/Field';
import { useKept } from '../../shell/useKept';
import { useUnits } from '../../shell/useUnits';
import { MakerRows } from './MakerRows';
import { useWorkPlace } from './WorkPlace';

type BleedProps = {
  jobId: string;
  chosen: NonNullable<WorkOptions['bleed']>;
  onChange: (chosen: NonNullable<WorkOptions['bleed']>) => void;
  ceilingKPa: number;
};

const KEYS = {
  bleedMethod: 'method',
  bleedOrder: 'order',
  twoBleeders: 'twoBleeders',
  reservoirSchool: 'reservoir',
  strainerSchool: 'strainer',
} as const;

/** Another way for this once: method, schools, pressure and bottles over the shop's own, each with who holds it and why. */
export function BleedWaysFields({ jobId, chosen, onChange, ceilingKPa }: BleedProps) {
  const { ways } = useWorkPlace();
  const units = useUnits();
  const [typed, keep] = useKept(`bleed-figures.${jobId}`, { pressure: '', bottle: '', catch: '' });
  const pressure = units.read(typed.pressure, 'kPa')?.value;
  const wrongPressure =
    pressure !== undefined && !(pressure >= 20 && pressure <= ceilingKPa)
      ? `${typed.pressure} is not taken: ${units.show(20, 'kPa', 0)} to ${units.full(ceilingKPa, 'kPa', 0)}, this reservoir’s ceiling`
      : undefined;
  const volume = (text: string) => (text.trim() === '' ? undefined : Number(text.replace(',', '.')));
  const wrongVolume = (text: string, high: number) => {
    const value = volume(text);
    return value !== undefined && !(value >= 100 && value <= high)
      ? `${text} is not taken: 100 to ${high} ml`
      : undefined;
  };
  const figures = (next: typeof typed) => {
    keep(next);
    const kPa = units.read(next.pressure, 'kPa')?.value;
    const fine = (value: number | undefined, low: number, high: number) =>
      value !== undefined && value >= low && value <= high ? value : undefined;
    const { pressureKPa: _, bottleMl: __, catchMl: ___, ...rest } = chosen;
    const own = {
      pressureKPa: fine(kPa, 20, ceilingKPa),
      bottleMl: fine(volume(next.bottle), 100, 25000),
      catchMl: fine(volume(next.catch), 100, 5000),
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
      <div className="grid gap-3 sm:grid-cols-3">
        <NumberField
          label="Working pressure"
          unit={units.unit('kPa')}
          value={typed.pressure}
          placeholder={units.show(Math.min(ways.bleedPressureKPa, ceilingKPa), 'kPa', 0)}
          onChange={(event) => figures({ ...typed, pressure: event.target.value })}
          error={wrongPressure}
          hint="10 psi, 15 psi, 20 to 25 psi are all held to; 15 is usual"
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
      <p className="narrow text-[0.9375rem] font-semibold">
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

type BedInProps = {
  jobId: string;
  chosen: NonNullable<WorkOptions['bedIn']>;
  onChange: (chosen: NonNullable<WorkOptions['bedIn']>) => void;
  ways: Ways;
  betterStops: number | null;
  /** Axles with discs: drums are not bedded in like this. */
  axles: readonly ('front' | 'rear')[];
};

/** School, axle, compound and count of a bed-in; the pad maker's own rows where they are chosen. */
export function BedInFields({ jobId, chosen, onChange, ways, betterStops, axles }: BedInProps) {
  const units = useUnits();
  const school = chosen.school ?? ways.bedInSchool;
  const [ambient, setAmbient] = useKept(`bed-in-ambient.${jobId}`, '');
  const ambientC = units.read(ambient, '°C')?.value;
  const wrong = ambientC !== undefined && !(ambientC >= -40 && ambientC <= 60);
  return (
    <div className="grid gap-3">
      <div>
        <p className="narrow text-[0.9375rem] font-semibold">
          School{' '}
          <span className="font-normal text-soft">
            {school === 'maker'
              ? 'The pad maker’s own way comes before any school'
              : BED_IN_SCHOOLS[school].about}
          </span>
        </p>
        <Choice
          label="School"
          value={school}
          onChange={(next) => next !== '' && onChange({ ...chosen, school: next as 'A', stops: undefined })}
          options={[
            ...(['A', 'B', 'C'] as const).map((id) => ({ value: id, label: BED_IN_SCHOOLS[id].label })),
            { value: 'maker', label: 'The pad maker’s' },
          ]}
        />
      </div>
      {school === 'maker' && (
        <MakerRows rows={chosen.rows ?? MAKER_ROWS} onChange={(rows) => onChange({ ...chosen, rows })} />
      )}
      {betterStops !== null && (
        <button
          type="button"
          className="min-h-11 justify-self-start border-2 border-ink bg-card px-4 font-semibold hover:bg-straw-wash"
          onClick={() => onChange({ ...chosen, stops: betterStops })}
        >
          Make it {betterStops} slowdowns
        </button>
      )}
      <div className="grid gap-3 sm:grid-cols-3">
        <div>
          <p className="narrow text-[0.9375rem] font-semibold">Axle</p>
          <Choice
            label="Axle"
            value={chosen.axle ?? 'front'}
            onChange={(next) => next !== '' && onChange({ ...chosen, axle: next as 'front' })}
            options={axles.map((axle) => ({ value: axle, label: axle === 'front' ? 'Front' : 'Rear' }))}
          />
        </div>
        <div>
          <p className="narrow text-[0.9375rem] font-semibold">Compound</p>
          <Choice
            label="Compound"
            value={chosen.compound ?? ''}
            onChange={(next) =>
              onChange({ ...chosen, compound: next === '' ? undefined : (next as 'street') })
            }
            options={Object.entries(BED_WINDOWS).map(([id, { label }]) => ({ value: id, label }))}
          />
        </div>
        <NumberField
          label="Outside"
          unit={units.unit('°C')}
          value={ambient}
          placeholder={units.show(20, '°C', 0)}
          error={
            wrong
              ? `${ambient} is not taken: ${units.show(-40, '°C', 0)} to ${units.full(60, '°C', 0)}`
              : undefined
          }
          onChange={(event) => {
            setAmbient(event.target.value);
            const read = units.read(event.target.value, '°C')?.value;
            onChange({
              ...chosen,
              ambientC: read !== undefined && read >= -40 && read <= 60 ? read : undefined,
            });
          }}
        />
      </div>
    </div>
  );
}
