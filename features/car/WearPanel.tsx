'use client';

import { axleOf, CORNERS, type Corner } from '@/core/car/corner';
import { limitFor } from '@/core/car/limits/catalogue';
import type { CarSpec } from '@/core/car/spec';
import { fitsIn, padForecast } from '@/core/planning/wear/forecast';
import type { CornerWear, WearPoint } from '@/core/planning/wear/history';
import { type LifeLeft, rotorLife } from '@/core/planning/wear/rotorLife';
import { type CarEvent, nextEvent } from '@/core/planning/wear/sessions';
import { figure } from '@/ui/format';
import { WearTrend } from '@/ui/WearTrend';
import { useShop } from '../shell/ShopContext';
import { useUnits } from '../shell/useUnits';

type Line = {
  part: string;
  series: WearPoint[];
  newMm: number;
  limitMm: number;
  life?: LifeLeft;
  decimals: number;
};

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
  const lines = CORNERS.flatMap((corner): Line[] => {
    const axle = car[axleOf(corner)];
    const padNew = axle.padNewMm ?? 12;
    const padLimit = Math.max(limitFor('trackPadMm', limits).value, padNew / 2);
    const pads = (['inner', 'outer'] as const)
      .map((side) => ({
        part: `${corner} ${side} pad`,
        series: wear[corner][side],
        newMm: padNew,
        limitMm: padLimit,
        life: padForecast(wear[corner][side], padLimit),
        decimals: 1,
      }))
      .filter((line) => line.series.length > 0);
    const rotor = wear[corner].rotor;
    return [
      ...pads,
      ...(rotor.length > 0 && axle.rotorMinimumMm !== null
        ? [
            {
              part: `${corner} rotor`,
              series: rotor,
              newMm: axle.rotorNewMm ?? rotor[0]!.mm,
              limitMm: axle.rotorMinimumMm,
              life: rotorLife(rotor, axle.rotorMinimumMm),
              decimals: 2,
            },
          ]
        : []),
    ];
  });
  if (lines.length === 0) return null;
  return (
    <section aria-labelledby="wear">
      <h2 id="wear" className="mt-6 border-b-2 border-ink pb-1 text-xl">
        Wear <span className="ml-1 text-base font-medium text-soft">since each part was fitted</span>
      </h2>
      <ul>
        {lines.map(({ part, series, newMm, limitMm, life, decimals }) => (
          <li
            key={part}
            className="grid grid-cols-[6.5rem_8rem_1fr] items-center gap-3 border-b border-rule py-1"
          >
            <span className="font-semibold">{part}</span>
            <WearTrend
              points={series.map(({ sessions, mm }) => ({ at: sessions, mm }))}
              newMm={newMm}
              limitMm={limitMm}
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
