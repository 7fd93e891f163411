'use client';

import dynamic from 'next/dynamic';
import { boreChoices } from '@/core/car/hydraulics/bores';
import { hydraulics } from '@/core/car/hydraulics/hydraulics';
import type { HydraulicsInput } from '@/core/car/hydraulics/schema';
import { exceeds, fallsShort } from '@/core/car/limits/limit';
import { cn } from '@/ui/cn';
import { figure } from '@/ui/format';
import { useUnits } from '../../shell/useUnits';
import { BenchFigures } from '../BenchFigures';

const BalanceChart = dynamic(() => import('./BalanceChart').then((module) => module.BalanceChart), {
  ssr: false,
  loading: () => <p className="text-soft">Drawing the balance …</p>,
});

/** From the foot to the road in figures: deceleration, balance, who locks first, and what another bore would ask. */
export function BalanceSays({ input }: { input: HydraulicsInput }) {
  const { full } = useUnits();
  const result = hydraulics(input);
  const { linePressureMPa, torquePerRotorNm, frontShare, idealFrontShare, decelMs2, locks, pedalForceN } =
    result;
  const limit = (name: string) => result.limits.find((each) => each.name === name)!.value;
  const short = fallsShort(decelMs2, limit('type0DecelMs2'));
  const heavy = pedalForceN !== undefined && exceeds(pedalForceN, limit('type0ForceMostN'));
  const percent = (share: number | null | undefined) =>
    share === null || share === undefined ? '—' : `${figure(share * 100, 0)} %`;
  const items = [
    {
      label: `At ${figure(input.pedal.forceN, 0)} N`,
      value: `${figure(decelMs2, 1)} m/s²`,
      say: short
        ? `under ${limit('type0DecelMs2')}, the least of UN R13-H type 0`
        : `over ${limit('type0DecelMs2')}, the least of UN R13-H type 0`,
      bad: short,
    },
    {
      label: input.wanted ? `For ${figure(input.wanted.decelMs2, 1)} m/s²` : 'Wanted',
      value: pedalForceN === undefined ? '—' : `${figure(pedalForceN, 0)} N`,
      say:
        pedalForceN === undefined
          ? input.wanted
            ? 'no foot, or no tyre, reaches it'
            : 'needs a deceleration'
          : heavy
            ? `over ${limit('type0ForceMostN')} N, the most of type 0`
            : `inside ${limit('type0ForceLeastN')} to ${limit('type0ForceMostN')} N of type 0`,
      bad: heavy || (input.wanted !== undefined && pedalForceN === undefined),
    },
    {
      label: 'Front share',
      value: percent(frontShare),
      say:
        idealFrontShare === undefined
          ? 'ideal needs weight, height, wheelbase'
          : `ideal here ${percent(idealFrontShare)}`,
      bad: false,
    },
    {
      label: 'Locks first',
      value: locks ? (locks.axle === 'front' ? 'front' : 'rear') : '—',
      say: locks
        ? `at ${figure(locks.pedalForceN, 0)} N, ${figure(locks.decelMs2, 1)} m/s²${locks.axle === 'rear' ? ': the car turns round' : ''}`
        : 'needs the tyres’ grip, or no foot reaches it',
      bad: locks?.axle === 'rear',
    },
  ];
  return (
    <>
      <BenchFigures items={items} />
      <p>
        Line pressure <b className="reading font-semibold">{full(linePressureMPa.front * 1000, 'kPa', 0)}</b>{' '}
        in front, {full(linePressureMPa.rear * 1000, 'kPa', 0)} behind; torque of one wheel{' '}
        <b className="reading font-semibold">{full(torquePerRotorNm.front, 'N·m', 0)}</b> and{' '}
        {full(torquePerRotorNm.rear, 'N·m', 0)}.
      </p>
      <div className="h-[22rem]">
        <BalanceChart input={input} />
      </div>
      <section aria-labelledby="bores">
        <h2 id="bores" className="border-b-2 border-ink pb-1 text-xl">
          Another master bore
        </h2>
        <table className="w-full max-w-2xl">
          <thead>
            <tr className="narrow text-left text-[0.9375rem]">
              <th scope="col">Bore</th>
              <th scope="col" className="text-right">
                {input.wanted ? `For ${figure(input.wanted.decelMs2, 1)} m/s²` : 'Effort'}
              </th>
              <th scope="col" className="text-right">
                Travel a millilitre costs
              </th>
            </tr>
          </thead>
          <tbody className="reading">
            {boreChoices(input).map(({ boreMm, forceN, mmPerMl }) => (
              <tr
                key={boreMm}
                className={cn(
                  'border-t border-rule',
                  Math.abs(boreMm - input.master.boreMm) < 0.1 && 'bg-straw-wash font-semibold',
                )}
              >
                <td className="py-1">{full(boreMm, 'mm', 2)}</td>
                <td className="text-right">
                  {forceN === undefined ? 'not reached' : `${figure(forceN, 0)} N`}
                </td>
                <td className="text-right">{full(mmPerMl, 'mm', 1)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
    </>
  );
}
