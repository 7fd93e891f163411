'use client';

import { useMemo, useState } from 'react';
import type { Issue } from '@/core/base/issues/issue';
import { FLUID_CLASS_IDS, FLUID_CLASSES } from '@/core/car/fluidClasses';
import { type FluidInput, type FluidResult, readFluid } from '@/core/readings/fluid/fluid';
import { Choice } from '@/ui/Choice';
import { NumberField, SelectField } from '@/ui/Field';
import { FigureList } from '@/ui/FigureList';
import { Tick } from '@/ui/Tick';
import { useLimits } from '../../../measure/useLimit';
import { BetterThanClass } from '../../../measure/whole/BetterThanClass';
import { later } from '../../../shell/later';
import { notTaken } from '../../../shell/request';
import { useShop } from '../../../shell/ShopContext';
import { useUnits } from '../../../shell/useUnits';
import { BenchFrame } from '../frame/BenchFrame';
import type { BenchPlace } from '../frame/place';
import { useBench } from '../frame/useBench';
import { fluidFigures } from './figures';
import { type FluidTyped, fluidBase, fluidStart, readFluidBench } from './typed';

const BoilingChart = later(() => import('./BoilingChart').then((module) => module.BoilingChart), {
  loading: () => <p className="text-soft">Drawing the curves …</p>,
});

/** A fluid on the bench: its point on the curve, corrected for altitude, against the caliper. */
export function FluidBench({ place, start }: { place: BenchPlace; start?: FluidInput }) {
  const shop = useShop();
  const units = useUnits();
  const limit = useLimits();
  const empty = fluidStart(start ?? { class: 'DOT4', moisturePct: 1.8 }, shop.altitudeM, units);
  const work = useBench<FluidTyped>('fluid', place, { empty, baseOf: fluidBase, units });
  const { typed, keep } = work;
  const figuresOf = (each: FluidTyped) => {
    const read = readFluid(readFluidBench(each, units, shop.limits).input);
    return read.ok ? fluidFigures(read.value, each.use, { units, limit }) : undefined;
  };
  const [all, setAll] = useState(true);
  const { input, unread } = useMemo(
    () => readFluidBench(typed, units, shop.limits),
    [typed, units, shop.limits],
  );
  const outcome = useMemo(() => readFluid(input), [input]);
  const issues = outcome.ok ? [] : outcome.issues;
  const errorOf = (field: keyof FluidInput) =>
    unread[field] ?? wordsOf(issues.find((issue) => issue.path === field));
  const set = (field: keyof FluidTyped) => (event: { target: { value: string } }) =>
    keep({ ...typed, [field]: event.target.value });
  const product = FLUID_CLASSES[typed.fluid];
  const pair =
    input.dryC !== undefined && input.wetC !== undefined && outcome.ok
      ? { dryC: input.dryC, wetC: input.wetC }
      : { dryC: product.dryC, wetC: product.wetC };
  return (
    <BenchFrame
      bench="fluid"
      title="Fluid"
      narrow
      place={place}
      work={work}
      figuresOf={figuresOf}
      readings={outcome.ok ? [{ kind: 'fluid', input }] : []}
      unitKinds={['temperatureUnit']}
      given={
        <>
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
            onChange={(use) => use !== '' && keep({ ...typed, use: use as FluidTyped['use'] })}
            options={[
              { value: 'track', label: 'Track' },
              { value: 'road', label: 'Road' },
            ]}
          />
          <p className="text-small text-soft">
            Class minimums: 49 CFR 571.116 and ISO 4925. The curve through them and the altitude shift are our
            model. The limits are the shop’s own where setup has them, else common practice; a job is held
            against the same.
          </p>
        </>
      }
      said={
        <>
          {outcome.ok ? (
            <FluidSays result={outcome.value} use={typed.use} />
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
          <Tick checked={all} onChange={setAll}>
            Show every class
          </Tick>
        </>
      }
    />
  );
}

/** The verdict in figures, and what is to be said of it. */
function FluidSays({ result, use }: { result: FluidResult; use: 'road' | 'track' }) {
  const units = useUnits();
  const limit = useLimits();
  return (
    <div>
      <FigureList items={fluidFigures(result, use, { units, limit })} />
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
