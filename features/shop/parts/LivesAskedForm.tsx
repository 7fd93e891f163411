'use client';

import { usePathname, useRouter } from 'next/navigation';
import type { PartsLedger } from '@/server/lives/queries';
import { SelectField } from '@/ui/Field';
import { CarOptions, CircuitOptions } from '../../shell/options';

/** Whose lives are told: of one car, or on one kind of circuit; it stands in the address. */
export function LivesAskedForm({ cars, asked }: Pick<PartsLedger, 'cars' | 'asked'>) {
  const router = useRouter();
  const path = usePathname();
  const ask = (changes: Record<string, string>) => {
    const next = new URLSearchParams(
      Object.entries({ ...asked, ...changes }).filter((entry): entry is [string, string] =>
        Boolean(entry[1]),
      ),
    );
    router.replace(`${path}?${next}`, { scroll: false });
  };
  return (
    <div className="mb-4 grid gap-3 border-y border-rule py-3 sm:grid-cols-2 print:hidden">
      <SelectField label="Car" value={asked.car ?? ''} onChange={(event) => ask({ car: event.target.value })}>
        <option value="">Any</option>
        <CarOptions cars={cars} />
      </SelectField>
      <SelectField
        label="Mostly on circuits that are"
        value={asked.circuit ?? ''}
        onChange={(event) => ask({ circuit: event.target.value })}
      >
        <option value="">Any</option>
        <CircuitOptions />
      </SelectField>
    </div>
  );
}
