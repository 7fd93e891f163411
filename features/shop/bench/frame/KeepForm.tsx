'use client';

import type { BenchId } from '@/core/car/benchState';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { Trouble } from '@/ui/Trouble';
import { noUnits, useAddingForm } from '../../../queue/useAddingForm';
import { useUnits } from '../../../shell/useUnits';

/** Keeps a bench as it stands with its car. */
export function KeepForm({ bench, carId, typed }: { bench: BenchId; carId: string; typed: object }) {
  const { choice } = useUnits();
  const form = useAddingForm({
    ...{ name: `bench-name.${bench}.${carId}`, initial: { name: '' }, baseOf: noUnits },
    adding: ({ name }) => ({
      path: `/api/cars/${carId}/benches`,
      kind: 'bench',
      content: { bench, name: name.trim(), typed, units: choice },
      label: () => `Kept: ${name.trim()}`,
    }),
  });
  return (
    <form className="flex flex-wrap items-end gap-3 py-2 print:hidden" onSubmit={form.onSubmit}>
      <TextField label="Keep it as it stands, under the name" className="w-72" {...form.field('name')} />
      <Button type="submit">Keep it</Button>
      <Trouble>{form.trouble}</Trouble>
    </form>
  );
}
