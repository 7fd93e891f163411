'use client';

import { speedWords } from '@/core/base/units/speed';
import type { BedInPlan } from '@/core/planning/bedin/plan';
import type { BedInInput } from '@/core/planning/bedin/schema';
import { BED_WINDOWS } from '@/core/planning/bedin/schools';
import type { WorkPlan } from '@/core/planning/plan';
import { later } from '../shell/later';
import { useUnits } from '../shell/useUnits';

const BedInChart = later(() => import('./BedInChart').then((module) => module.BedInChart), {
  loading: () => <div className="h-full" />,
});

/** A bed-in as planned: the slowdowns, what the rotor should reach, the window, and what had to be assumed. */
export function BedInSheet({ bedIn }: { bedIn: NonNullable<WorkPlan['bedIn']> }) {
  const { plan, input, assumed } = bedIn;
  const units = useUnits();
  const groups = grouped(plan.stops.map((stop) => ({ ...stop })));
  const own = plan.limits.some((limit) => limit.from === 'car');
  const hottest = Math.max(...plan.predictedC);
  const other = otherAxle(plan, input);
  return (
    <section aria-label="Bed-in plan">
      <ul>
        {groups.map(({ count, fromKmh, toKmh, coolS }) => (
          <li key={`${fromKmh} ${toKmh} ${coolS}`}>
            <b className="reading font-semibold">{count} ×</b> {speedWords(fromKmh)} to{' '}
            {toKmh === 0 ? 'a stop' : speedWords(toKmh)}
            {coolS > 0 ? `, ${coolS} s to cool after each` : ', then back up to speed for the next'}
          </li>
        ))}
      </ul>
      <p>
        {BED_WINDOWS[input.compound].label} compound, window{' '}
        <span className="reading">
          {units.show(plan.windowC.low, '°C', 0)} to {units.full(plan.windowC.high, '°C', 0)}
        </span>{' '}
        <span className="text-soft">({own ? 'the pad maker’s, this car' : 'our model'})</span>; the hottest
        slowdown ends at <b className="reading font-semibold">{units.full(hottest, '°C', 0)}</b>
        {hottest < plan.windowC.low
          ? ', too cold'
          : hottest > plan.windowC.high
            ? ', too hot'
            : `, inside from slowdown ${plan.reachesAt}`}
        .
      </p>
      {other && (
        <p>
          {other.label} rotors: hottest{' '}
          <b className="reading font-semibold">{units.full(Math.max(...other.peaksC), '°C', 0)}</b>
          {plan.betterStops !== null && plan.countFor === other.id && '; the count is for these'}.
        </p>
      )}
      <div className="h-64 max-w-2xl print:hidden">
        <BedInChart plan={plan} ambientC={input.ambientC} />
      </div>
      <p className="text-small text-soft">
        From {units.full(input.ambientC, '°C', 0)} outside. Heat of each slowdown into the rotor at once,
        cooling between, on the way back up to speed too (our model
        {assumed.length > 0 && `; assumed: ${assumed.join(', ')}`}).
      </p>
    </section>
  );
}

/** The axle whose rotors are only along for the ride, or bedded as well; plans kept from before do not know it. */
function otherAxle({ axles }: Partial<BedInPlan>, { axle }: BedInInput) {
  const id = axle === 'rear' ? 'front' : 'rear';
  const peaksC = axles?.[id] ?? [];
  return peaksC.length === 0 ? undefined : { id, label: id === 'front' ? 'Front' : 'Rear', peaksC };
}

type Group = { count: number; fromKmh: number; toKmh: number; coolS: number };

function grouped(stops: { fromKmh: number; toKmh: number; coolS: number }[]): Group[] {
  const groups: Group[] = [];
  for (const stop of stops) {
    const last = groups.at(-1);
    if (last && last.fromKmh === stop.fromKmh && last.toKmh === stop.toKmh && last.coolS === stop.coolS)
      last.count += 1;
    else groups.push({ count: 1, ...stop });
  }
  return groups;
}
