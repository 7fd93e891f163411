'use client';

import { dayWords } from '@/core/base/dates';
import type { BaseUnit } from '@/core/base/units/display';
import { NumberField, SelectField, TextField } from '@/ui/Field';
import { useAddingForm } from '../queue/useAddingForm';
import { DayField } from '../shell/DayField';
import { NoteEnd } from '../shell/NoteEnd';
import { CircuitOptions } from '../shell/options';
import { useShop } from '../shell/ShopContext';
import { sentNumber } from '../shell/typedNumber';
import { useUnits } from '../shell/useUnits';

const BLANK = { name: '', onDate: '', sessions: '', odometer: '', circuit: '', air: '' };
const BASES: Readonly<Record<string, BaseUnit>> = { odometer: 'km', air: '°C' };
const baseOf = (field = '') => BASES[field];

/** A day on track, run or to come. */
export function EventForm({ carId, onDone }: { carId: string; onDone: () => void }) {
  const { dateOrder } = useShop();
  const units = useUnits();
  const form = useAddingForm({
    ...{ name: `event.${carId}`, initial: BLANK, baseOf, onDone },
    adding: (typed) => ({
      path: `/api/cars/${carId}/events`,
      kind: 'event',
      content: {
        name: typed.name,
        onDate: typed.onDate,
        sessions: sentNumber(typed.sessions) ?? '',
        odometerKm: units.sent(typed.odometer, 'km'),
        circuit: typed.circuit || null,
        airC: units.sent(typed.air, '°C'),
      },
      label: () =>
        `Day on track: ${typed.name.trim()}, ${dayWords(typed.onDate, dateOrder)}, ${typed.sessions} sessions`,
    }),
  });
  return (
    <form className="grid grid-cols-2 gap-3 border-b border-rule py-3" onSubmit={form.onSubmit}>
      <TextField className="col-span-2" label="Event" maxLength={120} {...form.field('name')} />
      <DayField
        label="Date"
        value={form.typed.onDate}
        error={form.errorOf('onDate')}
        onChange={(onDate) => form.set({ onDate })}
      />
      <NumberField label="Sessions" {...form.field('sessions')} />
      <NumberField label="Odometer after" unit={units.unit('km')} {...form.field('odometer', 'odometerKm')} />
      <SelectField label="Circuit" {...form.field('circuit')}>
        <option value="">not said</option>
        <CircuitOptions />
      </SelectField>
      <NumberField label="Air expected" unit={units.unit('°C')} {...form.field('air', 'airC')} />
      <NoteEnd trouble={form.trouble} onLeave={onDone} className="col-span-2" />
    </form>
  );
}
