'use client';

import { useMemo } from 'react';
import { linePressureMPa } from '@/core/car/hydraulics/linePressure';
import { firmness } from '@/core/readings/pedal/firmness';
import { gasTaken } from '@/core/readings/pedal/gas';
import { type TravelItem, travelBudget } from '@/core/readings/pedal/travel';
import { type TravelSolution, travelSolve } from '@/core/readings/pedal/travelSolve';
import { NumberField } from '@/ui/Field';
import { figure } from '@/ui/format';
import { PedalFigures, pedalFigures } from '../../../measure/pedal/PedalFigures';
import { later } from '../../../shell/later';
import { useShop } from '../../../shell/ShopContext';
import { useUnits } from '../../../shell/useUnits';
import { BenchFrame } from '../frame/BenchFrame';
import type { BenchPlace } from '../frame/place';
import { useBench } from '../frame/useBench';
import { PressTable } from './PressTable';
import { Suspects } from './Suspects';
import { TravelBar } from './TravelBar';
import { type PedalStart, type PedalTyped, pedalBase, pedalStart, type Read, readPedalBench } from './typed';

const PedalCurve = later(
  () => import('../../../measure/pedal/PedalCurve').then((module) => module.PedalCurve),
  { loading: () => <p className="text-soft">Drawing the curve …</p> },
);

/**
 * The pedal on the bench: how firm it is against its own good one, gas against flex by the curve's shape, and how many
 * millimetres each suspect explains.
 */
export function PedalBench({ place, start = {} }: { place: BenchPlace; start?: PedalStart }) {
  const units = useUnits();
  const shop = useShop();
  const empty = pedalStart(start, units);
  const work = useBench<PedalTyped>('pedal', place, { empty, baseOf: pedalBase, units });
  const { typed, keep } = work;
  const figuresOf = (each: PedalTyped) => {
    const firm = firmnessOf(readPedalBench(each, units, shop.limits));
    return firm && pedalFigures(firm, units);
  };
  const read = useMemo(() => readPedalBench(typed, units, shop.limits), [typed, units, shop.limits]);
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
  const result = firmnessOf(read);
  return (
    <BenchFrame
      bench="pedal"
      title="Pedal"
      place={place}
      work={work}
      figuresOf={figuresOf}
      readings={result ? [{ kind: 'firmness', input: read.firmness! }] : []}
      unitKinds={['lengthUnit', 'pressureUnit']}
      given={
        <>
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
          <p className="text-small text-soft">
            Engine off, so that the foot alone makes the pressure. A light press tells most: gas gives way
            first.
          </p>
          <Suspects typed={typed} wrong={read.wrong} onChange={keep} />
        </>
      }
      said={
        result && read.firmness ? (
          <>
            <PedalFigures result={result} />
            <CurveSays read={read} />
          </>
        ) : (
          <p className="text-lg text-soft">
            Two forces and their travels make a curve; three tell gas from flex. Fill in the table on the
            left.
          </p>
        )
      }
    />
  );
}

/** How firm the pedal is, where everything that was typed is a figure. */
function firmnessOf({ firmness: input, wrong }: Read) {
  return input && Object.keys(wrong).length === 0 ? firmness(input) : undefined;
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
          parts={[
            ...budget.items.map((item) => ({ ...item, note: restsOn(item.id, read) })),
            ...(leftMm > 0 ? [{ id: 'left' as const, mm: leftMm }] : []),
          ]}
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

/** What a suspect's millimetres rest on: a figure that was given, or one that was assumed with it. */
function restsOn(id: TravelItem['id'], { travel }: Read): string | undefined {
  if (id === 'hoses') return 'at most, by 49 CFR 571.106';
  if (id === 'fluid' && travel?.bulkModulusMPa === undefined) return 'bulk modulus assumed';
  if (id === 'gas') return 'by Boyle’s law';
  return undefined;
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
  const { gasMl, gasLowMl, gasHighMl, elasticMmPerMPa, offsetMm, bestNextForceN, tells, gaps, correlation } =
    solution;
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
        <b className="reading font-semibold">{bestNextForceN} N</b> would say most. To these presses gas and
        flex look {Math.abs(correlation) > ALIKE ? 'much alike' : 'apart'} (correlation{' '}
        <span className="reading">{figure(correlation, 2)}</span>)
        {Math.abs(correlation) > ALIKE ? ': more of the one is less of the other.' : '.'}
      </p>
    </div>
  );
}

/** From here on two suspects are hardly told apart (our model). */
const ALIKE = 0.9;

const TELLS: Record<TravelSolution['tells'], string> = {
  gas: 'There is air: bleed it.',
  flex: 'Hardly any: what gives is flex, not air.',
  not_yet: 'The curve does not say yet whether it is air or flex.',
};
