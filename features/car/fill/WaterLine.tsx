'use client';

import { dayWords } from '@/core/base/dates';
import type { WaterTrend } from '@/core/planning/due/water';
import { figure } from '@/ui/format';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';

/** How the water of what is in the car rises, against what, and until when it will do. */
export function WaterLine({ water: { perMonth, last, limit, goneOn, between } }: { water: WaterTrend }) {
  const { dateOrder } = useShop();
  const units = useUnits();
  const day = (on: string) => dayWords(on, dateOrder);
  const limitWords =
    limit.by === 'wet'
      ? `${figure(limit.pct, 1)} % is wet`
      : `at ${figure(limit.pct, 1)} % it boils within ${units.full(limit.by.marginK, 'K', 0)} of the ${units.full(limit.by.peakC, '°C', 0)} its calipers reached`;
  const until =
    goneOn === null
      ? 'It does not get there in ten years'
      : goneOn <= last.on
        ? 'It is past that now: change it'
        : `It gets there about ${day(goneOn)}`;
  const range = between
    ? `, in 8 of 10 cases ${between[1] === null ? `not before ${day(between[0])}` : `from ${day(between[0])} to ${day(between[1])}`}`
    : goneOn === null || goneOn <= last.on
      ? ''
      : ', roughly: two readings are a line without a measure of its error';
  return (
    <p className="border-b border-rule py-2">
      Water <b className="reading font-semibold">{figure(last.pct, 1)} %</b> on {day(last.on)},{' '}
      <b className="reading font-semibold">
        {perMonth < 0 ? '−' : '+'}
        {figure(Math.abs(perMonth), 2)} %
      </b>{' '}
      a month; {limitWords}. {until}
      {range}.
    </p>
  );
}
