'use client';

import Link from 'next/link';
import { useState } from 'react';
import { dayWords } from '@/core/base/dates';
import { sessionsBy } from '@/core/planning/wear/sessions';
import type { EventRow } from '@/server/wear/queries';
import { Button } from '@/ui/Button';
import { NumberField, SelectField, TextField } from '@/ui/Field';
import { figure } from '@/ui/format';
import { Opens } from '@/ui/Opens';
import { Trouble } from '@/ui/Trouble';
import { sendForm } from '../queue/forms';
import { KeptForms } from '../queue/KeptForms';
import { DayField } from '../shell/DayField';
import { IfMay } from '../shell/IfMay';
import { NoteEnd } from '../shell/NoteEnd';
import { newId } from '../shell/newId';
import { CircuitOptions } from '../shell/options';
import { useMay } from '../shell/PersonContext';
import { request } from '../shell/request';
import { useShop } from '../shell/ShopContext';
import { sentNumber } from '../shell/typedNumber';
import { useRefresh } from '../shell/useRefresh';
import { useUnits } from '../shell/useUnits';
import { eventWords } from './eventWords';

const BLANK = { name: '', onDate: '', sessions: '', odometer: '', circuit: '', air: '' };

/** Days on track, run and to come: wear is counted in their sessions. */
export function EventsPanel({ carId, events }: { carId: string; events: EventRow[] }) {
  const refreshPage = useRefresh();
  const { today, dateOrder } = useShop();
  const units = useUnits();
  const path = `/api/cars/${carId}/events`;
  const [draft, setDraft] = useState(BLANK);
  const [id, setId] = useState(newId);
  const [error, setError] = useState<string>();
  const mayWork = useMay('work');
  const [open, setOpen] = useState(false);
  const run = sessionsBy(events, today);
  const newestFirst = [...events].reverse();

  const add = async () => {
    const reply = await sendForm({
      path,
      id,
      kind: 'event',
      label: () =>
        `Day on track: ${draft.name.trim()}, ${dayWords(draft.onDate, dateOrder)}, ${draft.sessions} sessions`,
      content: {
        name: draft.name,
        onDate: draft.onDate,
        sessions: sentNumber(draft.sessions) ?? '',
        odometerKm: units.sent(draft.odometer, 'km'),
        circuit: draft.circuit || null,
        airC: units.sent(draft.air, '°C'),
      },
    });
    if (!reply.ok) {
      const issue = reply.refusal.issues?.[0];
      setError(
        issue
          ? `${FIELD_WORDS[issue.path] ?? issue.path} is ${issue.value}: ${issue.accepted}`
          : reply.refusal.message,
      );
      return;
    }
    setError(undefined);
    setDraft(BLANK);
    setId(newId());
    setOpen(false);
    refreshPage();
  };
  const drop = async ({ id: eventId, ...event }: EventRow) => {
    const reply = await request('PATCH', `/api/events/${eventId}`, { ...event, dropped: true });
    setError(reply.ok ? undefined : reply.refusal.message);
    refreshPage();
  };
  return (
    <section aria-labelledby="events">
      <h2
        id="events"
        className="mt-6 flex items-end justify-between gap-2 border-b-2 border-ink pb-1 text-xl"
      >
        <span>
          Days on track{' '}
          <span className="reading text-base font-medium text-soft">{figure(run, 0)} sessions run</span>
        </span>
        {mayWork && !open && (
          <Button look="quiet" onClick={() => setOpen(true)}>
            Add a day
          </Button>
        )}
      </h2>
      {open && (
        <form
          className="grid gap-3 border-b border-rule py-3 grid-cols-2"
          onSubmit={(event) => {
            event.preventDefault();
            void add();
          }}
        >
          <TextField
            className="col-span-2"
            label="Event"
            value={draft.name}
            maxLength={120}
            onChange={(event) => setDraft({ ...draft, name: event.target.value })}
          />
          <DayField label="Date" value={draft.onDate} onChange={(onDate) => setDraft({ ...draft, onDate })} />
          <NumberField
            label="Sessions"
            value={draft.sessions}
            onChange={(event) => setDraft({ ...draft, sessions: event.target.value })}
          />
          <NumberField
            label="Odometer after"
            unit={units.unit('km')}
            value={draft.odometer}
            onChange={(event) => setDraft({ ...draft, odometer: event.target.value })}
          />
          <SelectField
            label="Circuit"
            value={draft.circuit}
            onChange={(event) => setDraft({ ...draft, circuit: event.target.value })}
          >
            <option value="">not said</option>
            <CircuitOptions />
          </SelectField>
          <NumberField
            label="Air expected"
            unit={units.unit('°C')}
            value={draft.air}
            onChange={(event) => setDraft({ ...draft, air: event.target.value })}
          />
          <NoteEnd onLeave={() => setOpen(false)} className="col-span-2" />
        </form>
      )}
      <Trouble>{error}</Trouble>
      <KeptForms under={path} />
      <ul>
        {newestFirst.slice(0, SHOWN).map((event) => (
          <EventLine key={event.id} carId={carId} event={event} today={today} onDrop={drop} />
        ))}
        {events.length === 0 && (
          <li className="py-2 text-soft">None noted: wear cannot be counted in sessions yet.</li>
        )}
      </ul>
      {events.length > SHOWN && (
        <Opens head={<span className="text-soft">{events.length - SHOWN} earlier</span>}>
          <ul>
            {newestFirst.slice(SHOWN).map((event) => (
              <EventLine key={event.id} carId={carId} event={event} today={today} onDrop={drop} />
            ))}
          </ul>
        </Opens>
      )}
    </section>
  );
}

function EventLine({
  carId,
  event,
  today,
  onDrop,
}: {
  carId: string;
  event: EventRow;
  today: string;
  onDrop: (event: EventRow) => Promise<void>;
}) {
  const { dateOrder } = useShop();
  const units = useUnits();
  const words = [
    ...eventWords(event, units),
    ...(event.odometerKm === null ? [] : [units.full(event.odometerKm, 'km', 0)]),
  ];
  return (
    <li className="flex items-center justify-between gap-3 border-b border-rule py-1">
      <span className="min-w-0 flex-1">
        {event.name}
        {event.onDate >= today && (
          <Link
            href={`/car/${carId}/prepare?event=${event.id}`}
            className="ml-2 inline-flex min-h-11 items-center font-semibold text-blue underline underline-offset-4"
          >
            Is it ready?
          </Link>
        )}
        {words.length > 0 && <span className="block text-small text-soft">{words.join(' · ')}</span>}
      </span>
      <span className="reading shrink-0 text-right">
        {dayWords(event.onDate, dateOrder)} · {figure(event.sessions, 0)}
      </span>
      <IfMay right="work">
        <Button look="quiet" aria-label={`Drop ${event.name}`} onClick={() => void onDrop(event)}>
          Drop
        </Button>
      </IfMay>
    </li>
  );
}

/** Days shown at once; the rest opens. */
const SHOWN = 5;

const FIELD_WORDS: Record<string, string> = {
  name: 'The event',
  onDate: 'The date',
  sessions: 'Sessions',
  odometerKm: 'The odometer',
  circuit: 'The circuit',
  airC: 'The air expected',
};
