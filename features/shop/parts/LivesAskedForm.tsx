'use client';

import { usePathname, useRouter } from 'next/navigation';
import { CIRCUIT_KINDS, CIRCUITS } from '@/core/car/circuits';
import type { PartsLedger } from '@/server/lives/queries';
import { SelectField } from '@/ui/Field';

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
        {cars.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </SelectField>
      <SelectField
        label="Mostly on circuits that are"
        value={asked.circuit ?? ''}
        onChange={(event) => ask({ circuit: event.target.value })}
      >
        <option value="">Any</option>
        {CIRCUIT_KINDS.map((kind) => (
          <option key={kind} value={kind}>
            {CIRCUITS[kind].label}
          </option>
        ))}
      </SelectField>
    </div>
  );
}
