'use client';

import { dayWords } from '@/core/base/dates';
import { type FluidFill, fluidIn } from '@/core/planning/fill/fill';
import type { CarRow } from '@/server/cars/rows';
import type { CarFill } from '@/server/fills/queries';
import { useAddingForm } from '../../queue/useAddingForm';
import { NoteEnd } from '../../shell/NoteEnd';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';
import { FillFields } from './FillFields';
import { type FillTyped, fillBase, fillTyped, readFill } from './typed';

/** What a car was filled with. */
export function FillForm({ car, before, onDone }: { car: CarRow; before?: CarFill; onDone: () => void }) {
  const { today, dateOrder } = useShop();
  const units = useUnits();
  const initial: FluidFill = {
    filledOn: today,
    product: '',
    batch: '',
    fluidClass: car.fluidClass ?? 'DOT4',
    dryC: null,
    wetC: null,
    colour: '',
    odometerKm: null,
    lotId: null,
    lotOpenedOn: null,
  };
  const form = useAddingForm<FillTyped>({
    ...{ name: `fill.${car.id}`, initial: fillTyped(initial, units), baseOf: fillBase, onDone },
    adding: (typed) => ({
      path: `/api/cars/${car.id}/fills`,
      kind: 'fill',
      content: readFill(typed, initial, units),
      label: () => `Fill: ${typed.product || 'no product said'}, ${dayWords(typed.filledOn, dateOrder)}`,
    }),
  });
  return (
    <form aria-label="Note a fill" className="grid gap-3 border-b border-rule py-3" onSubmit={form.onSubmit}>
      <FillFields
        typed={form.typed}
        before={fluidIn(before, car)}
        errorOf={form.errorOf}
        onChange={form.set}
      />
      <NoteEnd trouble={form.trouble} onLeave={onDone} />
    </form>
  );
}
