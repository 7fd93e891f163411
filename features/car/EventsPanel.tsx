'use client';

import { useState } from 'react';
import { dayWords } from '@/core/base/dates';
import { sessionsBy } from '@/core/planning/wear/sessions';
import type { EventRow } from '@/server/wear/queries';
import { Button } from '@/ui/Button';
import { figure } from '@/ui/format';
import { Link } from '@/ui/Link';
import { Opens } from '@/ui/Opens';
import { Trouble } from '@/ui/Trouble';
import { KeptForms } from '../queue/KeptForms';
import { IfMay } from '../shell/IfMay';
import { later } from '../shell/later';
import { useMay } from '../shell/PersonContext';
import { request } from '../shell/request';
import { useShop } from '../shell/ShopContext';
import { useRefresh } from '../shell/useRefresh';
import { useUnits } from '../shell/useUnits';
import { eventWords } from './eventWords';

const EventForm = later(() => import('./EventForm').then((module) => module.EventForm));

/** Days shown at once; the rest opens. */
const SHOWN = 5;

/** Days on track, run and to come: wear is counted in their sessions. */
export function EventsPanel({ carId, events }: { carId: string; events: EventRow[] }) {
  const refreshPage = useRefresh();
  const { today } = useShop();
  const [error, setError] = useState<string>();
  const mayWork = useMay('work');
  const [open, setOpen] = useState(false);
  const run = sessionsBy(events, today);
  const newestFirst = [...events].reverse();
  const drop = async ({ id, ...event }: EventRow) => {
    const reply = await request('PATCH', `/api/events/${id}`, { ...event, dropped: true });
    setError(reply.ok ? undefined : reply.refusal.message);
    refreshPage();
  };
  const line = (event: EventRow) => (
    <EventLine key={event.id} carId={carId} event={event} today={today} onDrop={drop} />
  );
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
      {open && <EventForm carId={carId} onDone={() => setOpen(false)} />}
      <Trouble>{error}</Trouble>
      <KeptForms under={`/api/cars/${carId}/events`} />
      <ul>
        {newestFirst.slice(0, SHOWN).map(line)}
        {events.length === 0 && (
          <li className="py-2 text-soft">None noted: wear cannot be counted in sessions yet.</li>
        )}
      </ul>
      {events.length > SHOWN && (
        <Opens head={<span className="text-soft">{events.length - SHOWN} earlier</span>}>
          <ul>{newestFirst.slice(SHOWN).map(line)}</ul>
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
