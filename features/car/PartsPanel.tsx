'use client';

import { useState } from 'react';
import { dayWords } from '@/core/base/dates';
import { cameOffWords, type FittedPart, sessionsOn } from '@/core/planning/shelf/fitted';
import { PART_KIND_IDS, PART_KINDS, type PartKind } from '@/core/planning/shelf/parts';
import type { CarEvent } from '@/core/planning/wear/sessions';
import { Button } from '@/ui/Button';
import { NumberField, SelectField, TextField } from '@/ui/Field';
import { figure } from '@/ui/format';
import { Opens } from '@/ui/Opens';
import { KeptForms } from '../queue/KeptForms';
import { noUnits, useAddingForm } from '../queue/useAddingForm';
import { DayField } from '../shell/DayField';
import { NoteEnd } from '../shell/NoteEnd';
import { useMay } from '../shell/PersonContext';
import { useShop } from '../shell/ShopContext';
import { sentNumber } from '../shell/typedNumber';
import { CameOffFields, readCameOff } from './CameOffFields';

type Props = { carId: string; parts: FittedPart[]; events: CarEvent[] };

const PLACES = ['FL', 'FR', 'RL', 'RR', 'front', 'rear'] as const;

/** What the car wears, corner by corner, since when and for how many sessions. */
export function PartsPanel({ carId, parts, events }: Props) {
  const { today } = useShop();
  const mayWork = useMay('work');
  const [open, setOpen] = useState(false);
  const worn = parts.filter((part) => part.removedOn === null);
  const off = parts.filter((part) => part.removedOn !== null);
  return (
    <section aria-labelledby="fitted">
      <h2
        id="fitted"
        className="mt-6 flex items-end justify-between gap-2 border-b-2 border-ink pb-1 text-xl"
      >
        Fitted
        {mayWork && !open && (
          <Button look="quiet" onClick={() => setOpen(true)}>
            Note a part
          </Button>
        )}
      </h2>
      {open && <PartForm carId={carId} onDone={() => setOpen(false)} />}
      <KeptForms under={`/api/cars/${carId}/parts`} />
      <ul>
        {worn.map((part) => (
          <PartLine key={part.id} part={part} sessions={sessionsOn(part, events, today)} />
        ))}
        {worn.length === 0 && <li className="py-2 text-soft">Nothing noted.</li>}
      </ul>
      {off.length > 0 && (
        <Opens head={<span className="text-soft">{off.length} taken off</span>}>
          <ul>
            {off.map((part) => (
              <PartLine key={part.id} part={part} sessions={sessionsOn(part, events, today)} />
            ))}
          </ul>
        </Opens>
      )}
    </section>
  );
}

function PartLine({ part, sessions }: { part: FittedPart; sessions: number }) {
  const { dateOrder } = useShop();
  return (
    <li
      id={`part-${part.id}`}
      className="flex scroll-mt-4 items-baseline justify-between gap-3 border-b border-rule py-2 target:bg-straw-wash"
    >
      <span>
        {part.place !== '' && <b className="font-semibold">{part.place}</b>} {part.what}{' '}
        {part.batch !== '' && <span className="reading text-soft">{part.batch}</span>}
        {cameOffWords(part) !== '' && (
          <span className="block text-small text-soft">The one before: {cameOffWords(part)}</span>
        )}
      </span>
      <span className="reading shrink-0 text-right">
        {dayWords(part.fittedOn, dateOrder)}
        {part.removedOn && ` to ${dayWords(part.removedOn, dateOrder)}`} · {figure(sessions, 0)} sessions
      </span>
    </li>
  );
}

const BLANK_PART = { kind: 'pads', place: 'front', what: '', batch: '', price: '', oldWhy: '', oldMate: '' };

function PartForm({ carId, onDone }: { carId: string; onDone: () => void }) {
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
