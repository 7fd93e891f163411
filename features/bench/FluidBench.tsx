'use client';

import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import type { Issue } from '@/core/base/issues/issue';
import type { BaseUnit } from '@/core/base/units/display';
import { FLUID_CLASS_IDS, FLUID_CLASSES, type FluidClass } from '@/core/car/fluidClasses';
import type { LimitName, ShopLimits } from '@/core/car/limits/catalogue';
import { SOURCE_WORDS } from '@/core/car/limits/sources';
import { type FluidInput, type FluidResult, readFluid } from '@/core/readings/fluid/fluid';
import { FLUID_RANGES } from '@/core/readings/fluid/ranges';
import { fluid } from '@/core/readings/fluid/reading';
import { Choice } from '@/ui/Choice';
import { NumberField, SelectField } from '@/ui/Field';
import { figure } from '@/ui/format';
import { useLimits } from '../measure/useLimit';
import { BetterThanClass } from '../measure/whole/BetterThanClass';
import { notTaken } from '../shell/request';
import { useShop } from '../shell/ShopContext';
import type { Units } from '../shell/units';
import { useKeptFigures } from '../shell/useKeptFigures';
import { useUnits } from '../shell/useUnits';
import { BenchFigures } from './BenchFigures';

const BoilingChart = dynamic(() => import('./BoilingChart').then((module) => module.BoilingChart), {
  ssr: false,
  loading: () => <p className="text-soft">Drawing the curves …</p>,
});

type Typed = {
  fluid: FluidClass;
  moisture: string;
  boiling: string;
  altitude: string;
  peak: string;
  dry: string;
  wet: string;
  use: 'road' | 'track';
};

/** What the bench starts from: what is in a car, where it was opened from one. */
export type FluidOf = { id: string; name: string; start: FluidInput };

/** A fluid on the bench: its point on the curve, corrected for altitude, against the caliper. */
export function FluidBench({ car }: { car?: FluidOf }) {
  const shop = useShop();
  const units = useUnits();
  const [typed, keep] = useKeptFigures<Typed>(
    car ? `bench.fluid.${car.id}` : 'bench.fluid',
    started(car?.start ?? { class: 'DOT4', moisturePct: 1.8 }, shop.altitudeM, units),
    baseOf,
  );
  const [all, setAll] = useState(true);
  const { input, unread } = useMemo(() => readTyped(typed, units, shop.limits), [typed, units, shop.limits]);
  const outcome = useMemo(() => readFluid(input), [input]);
  const issues = outcome.ok ? [] : outcome.issues;
  const errorOf = (field: keyof FluidInput) =>
    unread[field] ?? wordsOf(issues.find((issue) => issue.path === field));
  const set = (field: keyof Typed) => (event: { target: { value: string } }) =>
    keep({ ...typed, [field]: event.target.value });
  const product = FLUID_CLASSES[typed.fluid];
  const pair =
    input.dryC !== undefined && input.wetC !== undefined && outcome.ok
      ? { dryC: input.dryC, wetC: input.wetC }
      : { dryC: product.dryC, wetC: product.wetC };
  return (
    <main id="main" className="grid gap-5 p-4 desk:grid-cols-[21rem_1fr] desk:p-6">
      <section aria-labelledby="readings" className="grid content-start gap-3">
        <h1 id="readings" className="text-3xl">
          Fluid{car && <span className="narrow ml-3 text-lg font-normal text-soft">{car.name}</span>}
        </h1>
        <SelectField label="Class" value={typed.fluid} onChange={set('fluid')}>
          {FLUID_CLASS_IDS.map((id) => (
            <option key={id} value={id}>
              {FLUID_CLASSES[id].label}: {units.show(FLUID_CLASSES[id].dryC, '°C', 0)} dry,{' '}
              {units.full(FLUID_CLASSES[id].wetC, '°C', 0)} wet
            </option>
          ))}
        </SelectField>
        <div className="grid grid-cols-2 gap-3">
          <NumberField
            label="Water"
            unit="%"
            value={typed.moisture}
            onChange={set('moisture')}
            error={errorOf('moisturePct')}
          />
          <NumberField
            label="Boils at, as read"
            unit={units.unit('°C')}
            value={typed.boiling}
            onChange={set('boiling')}
            error={errorOf('boilingC')}
          />
          <NumberField
            label="Altitude"
            unit={units.unit('m')}
            value={typed.altitude}
            onChange={set('altitude')}
            error={errorOf('altitudeM')}
          />
          <NumberField
            label="Caliper peak"
            unit={units.unit('°C')}
            value={typed.peak}
            onChange={set('peak')}
            error={errorOf('caliperPeakC')}
          />
          <NumberField
            label="Product, dry"
            unit={units.unit('°C')}
            value={typed.dry}
            onChange={set('dry')}
            error={errorOf('dryC')}
            placeholder={units.show(product.dryC, '°C', 0)}
          />
          <NumberField
            label="Product, wet"
            unit={units.unit('°C')}
            value={typed.wet}
            onChange={set('wet')}
            error={errorOf('wetC')}
            placeholder={units.show(product.wetC, '°C', 0)}
          />
        </div>
        <Choice
          label="Use"
          value={typed.use}
          onChange={(use) => use !== '' && keep({ ...typed, use: use as Typed['use'] })}
          options={[
            { value: 'track', label: 'Track' },
            { value: 'road', label: 'Road' },
          ]}
        />
        <p className="text-[0.9375rem] text-soft">
          Class minimums: 49 CFR 571.116 and ISO 4925. The curve through them and the altitude shift are our
          model. The limits are the shop’s own where setup has them, else common practice; a job is held
          against the same.
        </p>
      </section>
      <section aria-labelledby="verdict" className="grid content-start gap-4">
        <h2 id="verdict" className="sr-only">
          What it means
        </h2>
        {outcome.ok ? (
          <FluidFigures result={outcome.value} use={typed.use} />
        ) : (
          <p className="font-semibold text-stop">Not readable yet: look at the marked field.</p>
        )}
        <div className="h-[24rem] desk:h-[30rem]">
          <BoilingChart
            product={typed.fluid}
            pair={pair}
            showAll={all}
            point={
              outcome.ok && outcome.value.boilingC !== null && typeof outcome.value.moisturePct === 'number'
                ? {
                    moisture: outcome.value.moisturePct,
                    boiling: outcome.value.boilingC,
                    here: outcome.value.boilingHereC!,
                  }
                : undefined
            }
            peakC={input.caliperPeakC}
          />
        </div>
        <label className="flex min-h-11 items-center gap-3">
          <input
            type="checkbox"
            className="size-6 accent-(--ink)"
            checked={all}
            onChange={(event) => setAll(event.target.checked)}
          />
          Show every class
        </label>
      </section>
    </main>
  );
}

/** The bench before anything is typed, in the units shown. */
function started(start: FluidInput, altitudeM: number, units: Units): Typed {
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

/** How well the water is known that no tester read. */
function waterFrom({ moisturePct, moistureRangePct: range }: FluidResult): string {
  if (typeof moisturePct !== 'number') return 'no reading it could come from';
  if (!range) return 'from the boiling point';
  return `from the boiling point, ${figure(range[0], 1)} to ${figure(range[1], 1)} % by a tester 3 K off`;
}

/** The verdict in figures: value, limit, and the difference said. */
function FluidFigures({ result, use }: { result: FluidResult; use: 'road' | 'track' }) {
  const units = useUnits();
  const limit = useLimits();
  const bound = (name: LimitName, base: BaseUnit, decimals = 0) =>
    units.full(limit(name).value, base, decimals);
  const least = result.limits.find((each) => each.name === 'marginK')?.value ?? 0;
  const margin = result.marginK;
  const { fluid_moisture: moisture, fluid_boiling: boiling } = result.states;
  const items = [
    {
      label: 'Water',
      value: typeof result.moisturePct === 'number' ? `${figure(result.moisturePct, 1)} %` : '—',
      say: moisture
        ? {
            dry: `dry, under ${bound('dryBelowPct', '%', 1)}`,
            borderline: `borderline, ${bound('dryBelowPct', '%', 1)} to ${bound('wetFromPct', '%', 1)}`,
            wet: `wet, from ${bound('wetFromPct', '%', 1)}: replace it`,
          }[moisture]
        : waterFrom(result),
      bad: moisture === 'wet',
    },
    {
      label: 'Boils at sea level',
      value: units.full(result.boilingC, '°C', 0),
      say: boiling
        ? {
            ok: `inside, ${bound('boilingOkFromC', '°C')} or more`,
            borderline: `borderline, ${bound('boilingLowBelowC', '°C')} to ${bound('boilingOkFromC', '°C')}`,
            low: `low, under ${bound('boilingLowBelowC', '°C')}: replace it`,
          }[boiling]
        : 'from the water',
      bad: boiling === 'low',
    },
    {
      label: 'Boils here',
      value: units.full(result.boilingHereC, '°C', 0),
      say:
        result.altitudeShiftK === null ? '' : `${units.full(result.altitudeShiftK, 'K', 1)} for the altitude`,
      bad: false,
    },
    {
      label: 'Margin over the caliper',
      value: margin === null ? '—' : units.full(margin, 'K', 0),
      say:
        margin === null
          ? 'needs the caliper peak'
          : margin < least
            ? `${units.show(least - margin, 'K', 0)} short of ${units.show(least, 'K', 0)}`
            : `inside, ${units.show(least, 'K', 0)} needed${use === 'track' ? ` (${SOURCE_WORDS[limit('trackMarginK').from]})` : ''}`,
      bad: margin !== null && margin < least,
    },
  ];
  return (
    <div>
      <BenchFigures items={items} />
      {result.disagreementC !== undefined && (
        <p>
          The two testers disagree by{' '}
          <span className="reading font-semibold">{units.full(result.disagreementC, 'K', 0)}</span>: the
          boiling point is believed.
        </p>
      )}
      {result.notes.map((note) => (
        <p key={note}>{units.words(note)}</p>
      ))}
      <BetterThanClass result={result} />
      {result.gaps.length > 0 && result.boilingC === null && (
        <p className="text-soft">{result.gaps[0]!.why}.</p>
      )}
    </div>
  );
}

function wordsOf(issue: Issue | undefined): string | undefined {
  return issue && notTaken(issue);
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
} as const satisfies Partial<Record<keyof FluidInput, keyof Typed>>;

const baseOf = (typedAs: string) =>
  Object.entries(FIELDS).flatMap(([field, name]) =>
    name === typedAs ? [UNITS[field as keyof typeof FIELDS]] : [],
  )[0];

/** What was typed as a reading held against the shop's own limits, and what of it cannot be one. */
function readTyped(
  typed: Typed,
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
