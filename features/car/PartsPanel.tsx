'use client';

import { useState } from 'react';
import { dayWords } from '@/core/base/dates';
import { cameOffWords, type FittedPart, sessionsOn } from '@/core/planning/shelf/fitted';
import type { CarEvent } from '@/core/planning/wear/sessions';
import { Button } from '@/ui/Button';
import { figure } from '@/ui/format';
import { Opens } from '@/ui/Opens';
import { KeptForms } from '../queue/KeptForms';
import { later } from '../shell/later';
import { useMay } from '../shell/PersonContext';
import { useShop } from '../shell/ShopContext';

const PartForm = later(() => import('./PartForm').then((module) => module.PartForm));

type Props = { carId: string; parts: FittedPart[]; events: CarEvent[] };

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
      className="flex scroll-mt-4 flex-wrap items-baseline justify-between gap-x-3 border-b border-rule py-2 target:bg-straw-wash"
    >
      <span>
        {part.place !== '' && <b className="font-semibold">{part.place}</b>} {part.what}{' '}
        {part.batch !== '' && <span className="reading text-soft">{part.batch}</span>}
        {cameOffWords(part) !== '' && (
          <span className="block text-small text-soft">The one before: {cameOffWords(part)}</span>
        )}
      </span>
      <span className="reading ml-auto text-right">
        {dayWords(part.fittedOn, dateOrder)}
        {part.removedOn && ` to ${dayWords(part.removedOn, dateOrder)}`} · {figure(sessions, 0)} sessions
      </span>
    </li>
  );
}
