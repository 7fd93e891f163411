'use client';

import { usePathname, useRouter, useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { FLUID_RANGES } from '@/core/readings/fluid/ranges';
import type { CarPreparation } from '@/server/prep/queries';
import { Button } from '@/ui/Button';
import { NumberField } from '@/ui/Field';
import { Link } from '@/ui/Link';
import { useUnits } from '../../shell/useUnits';

/** What a caliper may reach, °C. */
const RANGE = FLUID_RANGES.caliperPeakC;

const FROM = {
  said: 'As said here',
  measured: 'As last measured with the fluid',
  ahead: 'What was last measured, as it comes to here',
} as const;

/** The hottest caliper the event is expected to bring, on which the margin of the fluid rests; it stands in the address. */
export function PeakField({ peak, heat, carId }: Pick<CarPreparation, 'peak' | 'heat'> & { carId: string }) {
  const units = useUnits();
  const router = useRouter();
  const path = usePathname();
  const search = useSearchParams();
  const [text, setText] = useState(peak ? units.show(peak.c, '°C', 0) : '');
  const [error, setError] = useState<string>();
  const take = () => {
    const read = text.trim() === '' ? null : units.read(text, '°C');
    if (read !== null && (!read || read.value < RANGE[0] || read.value > RANGE[1]))
      return setError(
        `Hottest caliper is ${text}: ${units.full(RANGE[0], '°C', 0)} to ${units.full(RANGE[1], '°C', 0)} is accepted`,
      );
    setError(undefined);
    const next = new URLSearchParams(search);
    if (read) next.set('peak', String(Math.round(read.value * 10) / 10));
    else next.delete('peak');
    router.replace(`${path}?${next}`, { scroll: false });
  };
  return (
    <form
      className="mt-3 flex flex-wrap items-start gap-3 print:hidden"
      onSubmit={(event) => {
        event.preventDefault();
        take();
      }}
    >
      <NumberField
        label="Hottest caliper expected"
        unit={units.unit('°C')}
        value={text}
        onChange={(event) => setText(event.target.value)}
        error={error}
        hint={
          peak
            ? FROM[peak.from]
            : 'Paint, strips or a pyrometer of a like day; hotter air adds degree for degree'
        }
      />
      <Button type="submit" className="sm:mt-6">
        Hold against it
      </Button>
      <p className="max-w-md self-center text-soft">
        {heat ? (
          <>
            {units.full(heat.measuredC, '°C', 0)} measured after {heat.at.name} comes to{' '}
            <b className="reading text-ink">{units.full(heat.c, '°C', 0)}</b> on this circuit and in this air,
            by the proportion of our model; the hotter of the two holds.{' '}
          </>
        ) : (
          'Where the circuits of this day and of the one it was measured at are said, what to expect here is told from it. '
        )}
        <Link href={`/bench/heat?car=${carId}`} className="font-semibold text-blue underline">
          Lap by lap
        </Link>
      </p>
    </form>
  );
}
