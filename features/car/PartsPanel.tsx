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
import { sendForm } from '../queue/forms';
import { KeptForms } from '../queue/KeptForms';
import { DayField } from '../shell/DayField';
import { NoteEnd } from '../shell/NoteEnd';
import { newId } from '../shell/newId';
import { useMay } from '../shell/PersonContext';
import { useShop } from '../shell/ShopContext';
import { sentNumber } from '../shell/typedNumber';
import { useRefresh } from '../shell/useRefresh';
import { type CameOff, CameOffFields, readCameOff } from './CameOffFields';

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

function PartForm({ carId, onDone }: { carId: string; onDone: () => void }) {
  const refreshPage = useRefresh();
  const { today, currency } = useShop();
  const [id] = useState(newId);
  const [draft, setDraft] = useState({
    kind: 'pads' as PartKind,
    place: 'front' as string,
    what: '',
    batch: '',
    price: '',
    fittedOn: today,
  });
  const [cameOff, setCameOff] = useState<CameOff>({ oldWhy: '', oldMate: '' });
  const [error, setError] = useState<string>();
  const set = (field: keyof typeof draft) => (event: { target: { value: string } }) =>
    setDraft({ ...draft, [field]: event.target.value });
  const save = async () => {
    const reply = await sendForm({
      path: `/api/cars/${carId}/parts`,
      id,
      kind: 'part',
      label: () => `${PART_KINDS[draft.kind]} ${draft.place}: ${draft.what}`,
      content: {
        ...draft,
        price: sentNumber(draft.price),
        ...readCameOff(cameOff),
        ...{ jobId: null, shelfId: null },
      },
    });
    if (!reply.ok) {
      const issue = reply.refusal.issues?.[0];
      return setError(
        issue
          ? `${FIELD_WORDS[issue.path] ?? issue.path} is ${issue.value}: ${issue.accepted}`
          : reply.refusal.message,
      );
    }
    onDone();
    refreshPage();
  };
  return (
    <form
      className="grid gap-3 border-b border-rule py-3 sm:grid-cols-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <SelectField label="Part" value={draft.kind} onChange={set('kind')}>
        {PART_KIND_IDS.filter((kind) => kind !== 'fluid').map((kind) => (
          <option key={kind} value={kind}>
            {PART_KINDS[kind]}
          </option>
        ))}
      </SelectField>
      <SelectField label="Where" value={draft.place} onChange={set('place')}>
        {PLACES.map((place) => (
          <option key={place} value={place}>
            {place}
          </option>
        ))}
        <option value="">the car</option>
      </SelectField>
      <TextField label="What" maxLength={120} value={draft.what} onChange={set('what')} />
      <TextField label="Serial or batch" maxLength={60} value={draft.batch} onChange={set('batch')} />
      <NumberField label="It cost" unit={currency} value={draft.price} onChange={set('price')} />
      <DayField
        label="Fitted"
        value={draft.fittedOn}
        onChange={(fittedOn) => setDraft({ ...draft, fittedOn })}
      />
      <CameOffFields value={cameOff} onChange={setCameOff} />
      <NoteEnd trouble={error} onLeave={onDone} className="sm:col-span-2" />
    </form>
  );
}

const FIELD_WORDS: Record<string, string> = {
  what: 'What was fitted',
  fittedOn: 'The date',
  place: 'Where',
  price: 'What it cost',
};
