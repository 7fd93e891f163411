'use client';

import dynamic from 'next/dynamic';
import { useMemo } from 'react';
import { linePressureMPa } from '@/core/car/hydraulics/linePressure';
import { firmness } from '@/core/readings/pedal/firmness';
import { gasTaken } from '@/core/readings/pedal/gas';
import { travelBudget } from '@/core/readings/pedal/travel';
import { type TravelSolution, travelSolve } from '@/core/readings/pedal/travelSolve';
import { Button } from '@/ui/Button';
import { NumberField } from '@/ui/Field';
import { figure } from '@/ui/format';
import { useKeptFigures } from '../../shell/useKeptFigures';
import { useUnits } from '../../shell/useUnits';
import { PedalFigures } from './PedalFigures';
import { PressTable } from './PressTable';
import { Suspects } from './Suspects';
import { TravelBar } from './TravelBar';
import { type PedalStart, type PedalTyped, pedalBase, pedalStart, type Read, readPedalBench } from './typed';

const PedalCurve = dynamic(() => import('./PedalCurve').then((module) => module.PedalCurve), {
  ssr: false,
  loading: () => <p className="text-soft">Drawing the curve …</p>,
});

/** What the bench starts from: a car's own figures, where it was opened from one. */
export type PedalOf = { id: string; name: string; start: PedalStart };

/**
 * The pedal on the bench: how firm it is against its own good one, gas against flex by the curve's shape, and how many
 * millimetres each suspect explains.
 */
export function PedalBench({ car }: { car?: PedalOf }) {
  const units = useUnits();
  const empty = pedalStart(car?.start ?? {}, units);
  const [typed, keep] = useKeptFigures<PedalTyped>(`bench.pedal.${car?.id ?? 'any'}`, empty, pedalBase);
  const read = useMemo(() => readPedalBench(typed, units), [typed, units]);
  const field = (name: 'bore' | 'ratio' | 'freePlay' | 'floor', label: string, unit?: string) => (
    <NumberField
      label={label}
      unit={unit}
      value={typed[name]}
      error={read.wrong[name]}
      onChange={(event) => keep({ ...typed, [name]: event.target.value })}
    />
  );
  const mm = units.unit('mm');
  const result = read.firmness && Object.keys(read.wrong).length === 0 ? firmness(read.firmness) : undefined;
  return (
    <main id="main" className="grid gap-6 p-4 desk:grid-cols-[26rem_1fr] desk:p-6">
      <section aria-labelledby="given" className="grid content-start gap-4">
        <h1 id="given" className="text-3xl">
          Pedal{car && <span className="narrow ml-3 text-lg font-normal text-soft">{car.name}</span>}
        </h1>
        <div className="grid grid-cols-2 gap-3">
          {field('bore', 'Master bore', mm)}
          {field('ratio', 'Pedal ratio')}
          {field('freePlay', 'Free play', mm)}
          {field('floor', 'Room to the floor', mm)}
        </div>
        <PressTable
          rows={typed.presses}
          wrong={read.wrong}
          onChange={(presses) => keep({ ...typed, presses })}
        />
        <p className="text-[0.9375rem] text-soft">
          Engine off, so that the foot alone makes the pressure. A light press tells most: gas gives way
          first.
        </p>
        <Suspects typed={typed} wrong={read.wrong} onChange={keep} />
        <Button onClick={() => keep(empty)}>Start afresh</Button>
      </section>
      <section aria-labelledby="said" className="grid content-start gap-6">
        <h2 id="said" className="sr-only">
          What it means
        </h2>
        {result && read.firmness ? (
          <>
            <PedalFigures result={result} />
            <CurveSays read={read} />
          </>
        ) : (
          <p className="text-lg text-soft">
            Two forces and their travels make a curve; three tell gas from flex. Fill in the table on the
            left.
          </p>
        )}
      </section>
    </main>
  );
}

/** The bars and the curve of what was pressed. */
function CurveSays({ read }: { read: Read }) {
  const units = useUnits();
  const { points, baseline } = read.firmness!;
  const first = points.filter(({ press }) => press === undefined);
  const third = points.filter(({ press }) => press === 3);
  const top = first.reduce((most, each) => (each.forceN > most.forceN ? each : most));
  const pressureMPa = linePressureMPa(top.forceN, read.car!.pedal.ratio, read.car!.master.boreMm);
  const show = (value: number) => units.full(value, 'mm', 1);
  const budget = travelBudget({ ...read.travel!, pressureMPa });
  const leftMm = top.travelMm - budget.totalMm;
  const solved = first.length < 3 ? undefined : travelSolve({ ...read.car!, points: first });
  return (
    <>
      {solved?.ok && (
        <ByShape
          solution={solved.value}
          pressureMPa={pressureMPa}
          mmPerMl={budget.mmPerMl}
          measuredMm={top.travelMm}
          floorMm={read.toFloorMm}
        />
      )}
      {solved && !solved.ok && <p className="font-semibold text-stop">{solved.issues[0]!.accepted}.</p>}
      <div>
        <TravelBar
          label={`By suspect, at ${figure(top.forceN, 0)} N (${units.full(pressureMPa * 1000, 'kPa', 0)} in the line)`}
          parts={[...budget.items, ...(leftMm > 0 ? [{ id: 'left' as const, mm: leftMm }] : [])]}
          measuredMm={top.travelMm}
          floorMm={read.toFloorMm}
          show={show}
        />
        <p className="mt-1 max-w-3xl">
          {leftMm > 0 ? (
            <>
              <b className="reading font-semibold">{show(leftMm)}</b> of {show(top.travelMm)} are not
              explained by what was given
              {budget.items.length === 0 ? ': give a suspect its figure on the left.' : '.'}
            </>
          ) : (
            <>
              What was given explains <b className="reading font-semibold">{show(-leftMm)}</b> more than the
              pedal travels: one of the figures is too high.
            </>
          )}
        </p>
      </div>
      <div className="h-[22rem]">
        <PedalCurve first={first} third={third} good={baseline?.points ?? []} />
      </div>
    </>
  );
}

/** What the shape of the curve says: gas early, flex in step with force, the rest before anything gives. */
function ByShape({
  solution,
  pressureMPa,
  mmPerMl,
  measuredMm,
  floorMm,
}: {
  solution: TravelSolution;
  pressureMPa: number;
  mmPerMl: number;
  measuredMm: number;
  floorMm?: number;
}) {
  const units = useUnits();
  const { gasMl, gasLowMl, gasHighMl, elasticMmPerMPa, offsetMm, bestNextForceN, tells, gaps } = solution;
  const gasMm = gasMl * gasTaken(pressureMPa) * mmPerMl;
  const ml = (value: number) => figure(value, 2);
  if (gaps.length > 0)
    return (
      <p className="max-w-3xl">
        <b className="font-semibold">The curve fits no pedal:</b> it asks for less than no free play. Read the
        lightest press again, from where the foot meets the first resistance.
      </p>
    );
  return (
    <div>
      <TravelBar
        label="By the shape of the curve"
        parts={[
          { id: 'free_play' as const, mm: offsetMm, note: 'and take-up, before pressure' },
          { id: 'gas' as const, mm: gasMm, note: `${ml(gasMl)} ml` },
          {
            id: 'elastic' as const,
            mm: Math.max(0, elasticMmPerMPa * pressureMPa),
            note: 'hoses, calipers, pads',
          },
        ].filter(({ mm }) => mm > 0)}
        measuredMm={measuredMm}
        floorMm={floorMm}
        show={(value) => units.full(value, 'mm', 1)}
      />
      <p className="mt-1 max-w-3xl">
        Trapped gas <b className="reading font-semibold">{ml(gasMl)} ml</b>, between {ml(gasLowMl)} and{' '}
        {ml(gasHighMl)} ml four times in five. {TELLS[tells]} One more press at about{' '}
        <b className="reading font-semibold">{bestNextForceN} N</b> would say most.
      </p>
    </div>
  );
}

const TELLS: Record<TravelSolution['tells'], string> = {
  gas: 'There is air: bleed it.',
  flex: 'Hardly any: what gives is flex, not air.',
  not_yet: 'The curve does not say yet whether it is air or flex.',
};
