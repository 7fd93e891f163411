'use client';

import dynamic from 'next/dynamic';
import { exceeds } from '@/core/car/limits/limit';
import type { HeatSessionInput } from '@/core/readings/heat/sessionSchema';
import { figure } from '@/ui/format';
import { useUnits } from '../../shell/useUnits';
import { BenchFigures } from '../BenchFigures';
import type { Worked } from './useSession';

const HeatChart = dynamic(() => import('./HeatChart').then((module) => module.HeatChart), {
  ssr: false,
  loading: () => <p className="text-soft">Drawing the laps …</p>,
});

/** What a session comes to: which lap stops it, the curve, and which single change buys the most laps. */
export function HeatSays({ worked, input }: { worked: Worked; input: HeatSessionInput }) {
  const { full, words } = useUnits();
  const { session, changes } = worked;
  const { laps, padLimitLap, fluidLimitLap, soakPeakC, energyPerLapKJ, fit } = session;
  const { padC, fluidC } = input.limits ?? {};
  const last = laps.at(-1)!;
  const boilsStanding = fluidC !== undefined && exceeds(soakPeakC, fluidC);
  const items = [
    {
      label: 'Pads',
      value: padC === undefined ? '—' : padLimitLap === null ? 'all laps' : `lap ${padLimitLap}`,
      say:
        padC === undefined
          ? 'needs what the pad is good to'
          : padLimitLap === null
            ? `inside ${full(padC, '°C', 0)}, highest ${full(highest(laps.map((lap) => lap.rotorPeakC)), '°C', 0)}`
            : `past ${full(padC, '°C', 0)} from there`,
      bad: padLimitLap !== null,
    },
    {
      label: 'Fluid',
      value: fluidC === undefined ? '—' : fluidLimitLap === null ? 'all laps' : `lap ${fluidLimitLap}`,
      say:
        fluidC === undefined
          ? 'needs where the fluid boils'
          : fluidLimitLap === null
            ? `inside ${full(fluidC, '°C', 0)}, highest ${full(highest(laps.map((lap) => lap.caliperPeakC)), '°C', 0)}`
            : `boils at ${full(fluidC, '°C', 0)} from there`,
      bad: fluidLimitLap !== null,
    },
    {
      label: 'Standing after',
      value: full(soakPeakC, '°C', 0),
      say: boilsStanding ? 'the fluid boils in the paddock' : 'the caliper’s highest, heat soaking in',
      bad: boilsStanding,
    },
    {
      label: 'Heat a lap',
      value: `${figure(energyPerLapKJ, 0)} kJ`,
      say: `at this corner; last lap ${full(last.rotorPeakC, '°C', 0)} and ${full(last.caliperPeakC, '°C', 0)}`,
      bad: false,
    },
  ];
  return (
    <>
      <BenchFigures items={items} />
      <div className="h-[24rem]">
        <HeatChart laps={laps} limits={input.limits} measured={input.measured} />
      </div>
      {fit && (
        <p>
          Fitted to what was measured: cooling{' '}
          <b className="reading font-semibold">{times(fit.coolingScale)}</b>
          {fit.couplingFixed
            ? '; a rotor and a caliper peak would tell what goes through the pads as well'
            : `, through the pads ${times(fit.couplingScale)}`}
          , four times in five.
        </p>
      )}
      <section aria-labelledby="changes">
        <h2 id="changes" className="border-b-2 border-ink pb-1 text-xl">
          What buys laps
        </h2>
        {changes.length === 0 ? (
          <p className="py-2 text-soft">
            {padLimitLap === null && fluidLimitLap === null
              ? 'Nothing is needed: no limit is passed.'
              : 'No single change buys a whole lap: two together, or another car.'}
          </p>
        ) : (
          <table className="w-full max-w-3xl">
            <thead>
              <tr className="narrow text-left text-[0.9375rem]">
                <th scope="col">One change</th>
                <th scope="col" className="text-right">
                  Laps
                </th>
                <th scope="col" className="text-right">
                  More
                </th>
                <th scope="col" className="pl-4">
                  What it costs
                </th>
              </tr>
            </thead>
            <tbody>
              {changes.map(({ id, label, cost, laps: inside, gained }) => (
                <tr key={id} className="border-t border-rule">
                  <td className="py-1">{words(label)}</td>
                  <td className="reading text-right">{inside}</td>
                  <td className="reading text-right font-semibold">+{gained}</td>
                  <td className="pl-4 text-soft">{cost}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </section>
    </>
  );
}

const highest = (values: readonly number[]) => Math.max(...values);

/** A factor on the model's own, with its bounds. */
function times({ value, low, high }: { value: number; low: number; high: number }): string {
  return `${figure(value, 2)} times the model’s (${figure(low, 2)} to ${figure(high, 2)})`;
}
