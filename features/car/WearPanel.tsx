'use client';

import type { Corner } from '@/core/car/corner';
import type { CarSpec } from '@/core/car/spec';
import { fitsIn } from '@/core/planning/wear/forecast';
import type { CornerWear } from '@/core/planning/wear/history';
import { wearLines } from '@/core/planning/wear/lines';
import { type CarEvent, nextEvent } from '@/core/planning/wear/sessions';
import { figure } from '@/ui/format';
import { WearTrend } from '@/ui/WearTrend';
import { useShop } from '../shell/ShopContext';
import { useUnits } from '../shell/useUnits';

/** How pads and rotors have worn since they were fitted, and how many sessions are left in them. */
export function WearPanel({
  car,
  wear,
  events,
}: {
  car: CarSpec;
  wear: Record<Corner, CornerWear>;
  events: CarEvent[];
}) {
  const { limits, today } = useShop();
  const { full, show } = useUnits();
  const next = nextEvent(events, today);
  const lines = wearLines(car, wear, limits);
  if (lines.length === 0) return null;
  return (
    <section aria-labelledby="wear">
      <h2 id="wear" className="mt-6 border-b-2 border-ink pb-1 text-xl">
        Wear <span className="ml-1 text-base font-medium text-soft">since each part was fitted</span>
      </h2>
      <ul>
        {lines.map(({ label, series, newMm, limitMm, life, decimals }) => (
          <li
            key={label}
            className="grid grid-cols-[6.5rem_8rem_1fr] items-center gap-3 border-b border-rule py-1"
          >
            <span className="font-semibold">{label}</span>
            <WearTrend
              points={series.map(({ sessions, mm }) => ({ at: sessions, mm }))}
              newMm={newMm}
              limitMm={limitMm}
              life={life}
              className="h-10 w-32"
            />
            <span className="text-small">
              <b className="reading font-semibold">{full(series.at(-1)!.mm, 'mm', decimals)}</b>{' '}
              <span className="text-soft">to {show(limitMm, 'mm', decimals)}</span>
              {life && (
                <>
                  ,{' '}
                  <b className="reading font-semibold">
                    {life.sessions > 200 ? 'over 200' : figure(life.sessions, 0)}
                  </b>{' '}
                  sessions
                  {next && ` · ${next.name}: ${FITS[fitsIn(life, next.sessions)]}`}
                </>
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

const FITS = { fits: 'fits', perhaps: 'may not fit', does_not: 'does not fit' } as const;
