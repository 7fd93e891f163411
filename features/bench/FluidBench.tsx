'use client';

import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { FLUID_CLASS_IDS, FLUID_CLASSES, type FluidClass } from '@/core/fluid/classes';
import { DEFAULT_FLUID_LIMITS } from '@/core/fluid/limits';
import { type FluidInput, type FluidResult, readFluid } from '@/core/fluid/reading';
import type { Issue } from '@/core/issues/issue';
import { parseMeasure } from '@/core/units/parse';
import { Choice } from '@/ui/Choice';
import { cn } from '@/ui/cn';
import { NumberField, SelectField } from '@/ui/Field';
import { figure } from '@/ui/format';
import { notTaken } from '../shell/request';
import { useShop } from '../shell/ShopContext';
import { useKept } from '../shell/useKept';

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

/** A fluid on the bench: its point on the curve, corrected for altitude, against the caliper. */
export function FluidBench() {
  const shop = useShop();
  const [typed, keep] = useKept<Typed>('bench.fluid', {
    fluid: 'DOT4',
    moisture: '1.8',
    boiling: '',
    altitude: String(shop.altitudeM),
    peak: '',
    dry: '',
    wet: '',
    use: 'track',
  });
  const [all, setAll] = useState(true);
  const { input, unread } = useMemo(() => readTyped(typed), [typed]);
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
          Fluid
        </h1>
        <SelectField label="Class" value={typed.fluid} onChange={set('fluid')}>
          {FLUID_CLASS_IDS.map((id) => (
            <option key={id} value={id}>
              {FLUID_CLASSES[id].label}: {FLUID_CLASSES[id].dryC} dry, {FLUID_CLASSES[id].wetC} wet
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
            unit="°C"
            value={typed.boiling}
            onChange={set('boiling')}
            error={errorOf('boilingC')}
          />
          <NumberField
            label="Altitude"
            unit="m"
            value={typed.altitude}
            onChange={set('altitude')}
            error={errorOf('altitudeM')}
          />
          <NumberField
            label="Caliper peak"
            unit="°C"
            value={typed.peak}
            onChange={set('peak')}
            error={errorOf('caliperPeakC')}
          />
          <NumberField
            label="Product, dry"
            unit="°C"
            value={typed.dry}
            onChange={set('dry')}
            error={errorOf('dryC')}
            placeholder={String(product.dryC)}
          />
          <NumberField
            label="Product, wet"
            unit="°C"
            value={typed.wet}
            onChange={set('wet')}
            error={errorOf('wetC')}
            placeholder={String(product.wetC)}
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
          Class minimums: 49 CFR 571.116 and ISO 4925. The curve through them, the altitude shift and the 30 K
          track margin are our model; 1 and 3 % water, 200 and 175 °C are common practice.
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
              outcome.ok && outcome.value.boilingC !== null && outcome.value.moisturePct !== null
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

/** The verdict in figures: value, limit, and the difference said. */
function FluidFigures({ result, use }: { result: FluidResult; use: 'road' | 'track' }) {
  const least = use === 'track' ? DEFAULT_FLUID_LIMITS.trackMarginK : DEFAULT_FLUID_LIMITS.roadMarginK;
  const margin = result.marginK;
  const items = [
    {
      label: 'Water',
      value: `${figure(result.moisturePct, 1)} %`,
      say: moistureWord(result.states.fluid_moisture),
      bad: result.states.fluid_moisture === 'wet',
    },
    {
      label: 'Boils at sea level',
      value: `${figure(result.boilingC, 0)} °C`,
      say: boilingWord(result.states.fluid_boiling),
      bad: result.states.fluid_boiling === 'low',
    },
    {
      label: 'Boils here',
      value: `${figure(result.boilingHereC, 0)} °C`,
      say: result.altitudeShiftK === null ? '' : `${figure(result.altitudeShiftK, 1)} K for the altitude`,
      bad: false,
    },
    {
      label: 'Margin over the caliper',
      value: margin === null ? '—' : `${figure(margin, 0)} K`,
      say:
        margin === null
          ? 'needs the caliper peak'
          : margin < least
            ? `${figure(least - margin, 0)} short of ${least}`
            : `inside, ${least} needed`,
      bad: margin !== null && margin < least,
    },
  ];
  return (
    <div>
      <dl className="grid grid-cols-2 border-t-2 border-ink desk:grid-cols-4" aria-live="polite">
        {items.map((item) => (
          <div key={item.label} className="py-2 pr-4">
            <dt className="text-[0.9375rem] text-soft">{item.label}</dt>
            <dd className="reading text-3xl font-semibold">{item.value}</dd>
            <dd className={cn('text-[0.9375rem] font-semibold', item.bad ? 'text-stop' : 'text-soft')}>
              {item.say}
            </dd>
          </div>
        ))}
      </dl>
      {result.disagreementC !== undefined && (
        <p>
          The two testers disagree by{' '}
          <span className="reading font-semibold">{figure(result.disagreementC, 0)} K</span>: the boiling
          point is believed.
        </p>
      )}
      {result.notes.map((note) => (
        <p key={note}>{note}</p>
      ))}
      {result.gaps.length > 0 && result.boilingC === null && (
        <p className="text-soft">{result.gaps[0]!.why}.</p>
      )}
    </div>
  );
}

function moistureWord(state: string | undefined): string {
  if (state === undefined) return 'from the boiling point';
  return { dry: 'dry, under 1 %', borderline: 'borderline, 1 to 3 %', wet: 'wet, from 3 %: replace it' }[
    state
  ]!;
}

function boilingWord(state: string | undefined): string {
  if (state === undefined) return 'from the water';
  return {
    ok: 'inside, 200 or more',
    borderline: 'borderline, 175 to 200',
    low: 'low, under 175: replace it',
  }[state]!;
}

function wordsOf(issue: Issue | undefined): string | undefined {
  return issue && notTaken(issue);
}

const RANGES = {
  moisturePct: [0, 10, '%'],
  altitudeM: [-500, 5000, 'm'],
  caliperPeakC: [-40, 1000, '°C'],
  dryC: [111, 400, '°C'],
  wetC: [111, 400, '°C'],
  boilingC: [111, 400, '°C'],
} as const;

function readTyped(typed: Typed): { input: FluidInput; unread: Partial<Record<keyof FluidInput, string>> } {
  const input: FluidInput = { class: typed.fluid, use: typed.use };
  const unread: Partial<Record<keyof FluidInput, string>> = {};
  const take = (field: keyof typeof RANGES, text: string, value: number | undefined) => {
    if (text.trim() === '') return;
    const [low, high, unit] = RANGES[field];
    if (value === undefined || value < low || value > high)
      unread[field] = `${text} is not taken: ${low} to ${high} ${unit}`;
    else input[field] = value;
  };
  const plain = Number(typed.moisture.trim().replace(',', '.').replace(/\s*%$/, ''));
  take('moisturePct', typed.moisture, Number.isFinite(plain) ? plain : undefined);
  take('boilingC', typed.boiling, parseMeasure(typed.boiling, '°C'));
  take('altitudeM', typed.altitude, parseMeasure(typed.altitude, 'm'));
  take('caliperPeakC', typed.peak, parseMeasure(typed.peak, '°C'));
  take('dryC', typed.dry, parseMeasure(typed.dry, '°C'));
  take('wetC', typed.wet, parseMeasure(typed.wet, '°C'));
  return { input, unread };
}
