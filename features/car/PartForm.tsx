'use client';

import { AXLES, CORNERS } from '@/core/car/corner';
import { PART_KIND_IDS, PART_KINDS, type PartKind } from '@/core/planning/shelf/parts';
import { NumberField, SelectField, TextField } from '@/ui/Field';
import { noUnits, useAddingForm } from '../queue/useAddingForm';
import { DayField } from '../shell/DayField';
import { NoteEnd } from '../shell/NoteEnd';
import { useShop } from '../shell/ShopContext';
import { sentNumber } from '../shell/typedNumber';
import { CameOffFields, readCameOff } from './CameOffFields';

const PLACES = [...CORNERS, ...AXLES];
const BLANK_PART = { kind: 'pads', place: 'front', what: '', batch: '', price: '', oldWhy: '', oldMate: '' };

/** A part that is put on. */
export function PartForm({ carId, onDone }: { carId: string; onDone: () => void }) {
  const { today, currency } = useShop();
  const form = useAddingForm({
    ...{ name: `part.${carId}`, initial: { ...BLANK_PART, fittedOn: today }, baseOf: noUnits, onDone },
    adding: ({ oldWhy, oldMate, price, ...typed }) => ({
      path: `/api/cars/${carId}/parts`,
      kind: 'part',
      content: {
        ...typed,
        price: sentNumber(price),
        ...readCameOff({ oldWhy, oldMate }),
        ...{ jobId: null, shelfId: null },
      },
      label: () => `${PART_KINDS[typed.kind as PartKind]} ${typed.place}: ${typed.what}`,
    }),
  });
  return (
    <form className="grid gap-3 border-b border-rule py-3 sm:grid-cols-2" onSubmit={form.onSubmit}>
      <SelectField label="Part" {...form.field('kind')}>
        {PART_KIND_IDS.filter((kind) => kind !== 'fluid').map((kind) => (
          <option key={kind} value={kind}>
            {PART_KINDS[kind]}
          </option>
        ))}
      </SelectField>
      <SelectField label="Where" {...form.field('place')}>
        {PLACES.map((place) => (
          <option key={place} value={place}>
            {place}
          </option>
        ))}
        <option value="">the car</option>
      </SelectField>
      <TextField label="What" maxLength={120} {...form.field('what')} />
      <TextField label="Serial or batch" maxLength={60} {...form.field('batch')} />
      <NumberField label="It cost" unit={currency} {...form.field('price')} />
      <DayField
        label="Fitted"
        value={form.typed.fittedOn}
        error={form.errorOf('fittedOn')}
        onChange={(fittedOn) => form.set({ fittedOn })}
      />
      <CameOffFields value={form.typed} onChange={form.set} />
      <NoteEnd trouble={form.trouble} onLeave={onDone} className="sm:col-span-2" />
    </form>
  );
}
