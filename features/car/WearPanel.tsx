'use client';

import type { Corner } from '@/core/car/corner';
import type { CarSpec } from '@/core/car/spec';
import { fitsIn } from '@/core/planning/wear/forecast';
import type { CornerWear } from '@/core/planning/wear/history';
import { type WearLine, wearLines } from '@/core/planning/wear/lines';
import { type CarEvent, nextEvent, sessionsBy } from '@/core/planning/wear/sessions';
import { figure } from '@/ui/format';
import { Opens } from '@/ui/Opens';
import { WearTrend } from '@/ui/WearTrend';
import { later } from '../shell/later';
import { useShop } from '../shell/ShopContext';
import { useUnits } from '../shell/useUnits';

// Drawn only where somebody opens it.
const WearFan = later(() => import('./WearFan').then((module) => module.WearFan), {
  loading: () => <div className="h-80" />,
});

type Props = { car: CarSpec; wear: Record<Corner, CornerWear>; events: CarEvent[] };

/** How pads and rotors have worn since they were fitted, and how many sessions are left in them; each opens to its picture. */
export function WearPanel({ car, wear, events }: Props) {
  const { limits, today } = useShop();
  const next = nextEvent(events, today);
  const lines = wearLines(car, wear, limits);
  if (lines.length === 0) return null;
  return (
    <section aria-labelledby="wear">
      <h2 id="wear" className="mt-6 border-b-2 border-ink pb-1 text-xl">
        Wear <span className="ml-1 text-base font-medium text-soft">since each part was fitted</span>
      </h2>
      <ul>
        {lines.map((line) => (
          <li key={line.label} className="border-b border-rule">
            <Opens head={<WearHead line={line} next={next} />}>
              <WearFan line={line} next={next && { name: next.name, by: sessionsBy(events, next.onDate) }} />
            </Opens>
          </li>
        ))}
      </ul>
    </section>
  );
}

function WearHead({ line, next }: { line: WearLine; next: CarEvent | undefined }) {
  const { label, series, newMm, limitMm, life, decimals } = line;
  const { full, show } = useUnits();
  return (
    <span className="grid grid-cols-[6rem_1fr] items-center gap-x-3 py-1 sm:grid-cols-[6rem_7rem_1fr]">
      <span className="font-semibold">{label}</span>
      <WearTrend
        points={series.map(({ sessions, mm }) => ({ at: sessions, mm }))}
        newMm={newMm}
        limitMm={limitMm}
        className="h-10 w-28"
      />
      <span className="col-span-2 text-small sm:col-span-1">
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
    </span>
  );
}

const FITS = { fits: 'fits', perhaps: 'may not fit', does_not: 'does not fit' } as const;
