'use client';

import { useState } from 'react';
import { axleOf, type Corner, type Place } from '@/core/car/corner';
import type { PlannedNeed } from '@/core/planning/plan';
import { PART_KINDS, type PartKind } from '@/core/planning/shelf/parts';
import { Button } from '@/ui/Button';
import { SelectField, TextField } from '@/ui/Field';
import { type CameOff, CameOffFields, readCameOff } from '../car/CameOffFields';
import { sendForm } from '../queue/forms';
import { useKeptForms } from '../queue/KeptForms';
import { useJob } from '../record/JobProvider';
import { newId } from '../shell/newId';
import { notTaken } from '../shell/request';
import { useShop } from '../shell/ShopContext';
import { useRefresh } from '../shell/useRefresh';
import { useWorkPlace } from './WorkPlace';

/** A part as it is noted, on the server or waiting here. */
type Noted = { jobId: string | null; kind: PartKind; place: Place | ''; what: string; batch: string };

const partsOf = (carId: string) => `/api/cars/${carId}/parts`;

type Line = { kind: PartKind; place: Place | ''; what: string };

/** What was fitted, where, with its serial or batch; a lot from the shelf fills it in and counts one less there. */
export function FittedForm({ needs, corners }: { needs: PlannedNeed[]; corners: Corner[] }) {
  const { parts } = useWorkPlace();
  const { sheet } = useJob();
  const lines = linesOf(needs, corners);
  const kept = useKeptForms(partsOf(sheet.car.id)).map(({ body }) => body as unknown as Noted);
  return (
    <section aria-label="Fitted" className="mt-5">
      <h4 className="narrow border-b border-ink text-lg font-semibold">
        Fitted <span className="text-base font-normal text-soft">wear is counted from today</span>
      </h4>
      {lines.map((line) => (
        <FittedLine
          key={`${line.kind} ${line.place}`}
          line={line}
          noted={[...parts, ...kept].find(
            (part) => part.jobId === sheet.job.id && part.kind === line.kind && part.place === line.place,
          )}
        />
      ))}
    </section>
  );
}

function linesOf(needs: PlannedNeed[], corners: Corner[]): Line[] {
  return needs
    .filter((need) => need.kind !== 'fluid' && need.kind !== 'other')
    .flatMap(({ kind, what, axle, quantity }): Line[] => {
      if (axle === undefined) return [{ kind, what, place: '' }];
      const here = corners.filter((corner) => axleOf(corner) === axle);
      return quantity >= here.length && here.length > 1
        ? here.map((place) => ({ kind, what, place }))
        : [{ kind, what, place: here.length === 1 ? here[0]! : axle }];
    });
}

function FittedLine({ line, noted }: { line: Line; noted?: { what: string; batch: string } }) {
  const { sheet } = useJob();
  const { shelf } = useWorkPlace();
  const { today } = useShop();
  const refreshPage = useRefresh();
  const lots = shelf.filter((item) => item.kind === line.kind && item.quantity > 0);
  const [lot, setLot] = useState('');
  const [what, setWhat] = useState('');
  const [batch, setBatch] = useState('');
  const [cameOff, setCameOff] = useState<CameOff>({ oldWhy: '', oldMate: '' });
  const [id] = useState(newId);
  const [error, setError] = useState<string>();
  const [done, setDone] = useState(noted !== undefined);
  const from = lots.find((item) => item.id === lot);
  const label = `${PART_KINDS[line.kind]} ${line.place}`.trim();
  const save = async () => {
    const reply = await sendForm({
      path: partsOf(sheet.car.id),
      id,
      jobId: sheet.job.id,
      kind: 'part',
      label: () => `Fitted: ${label} ${what.trim() || from?.what || ''}`.trim(),
      content: {
        kind: line.kind,
        place: line.place,
        what: what.trim() || from?.what || '',
        batch: batch.trim() || from?.batch || '',
        fittedOn: today,
        jobId: sheet.job.id,
        shelfId: lot === '' ? null : lot,
        ...readCameOff(cameOff),
      },
    });
    if (!reply.ok) {
      const issue = reply.refusal.issues?.[0];
      return setError(issue ? notTaken(issue) : reply.refusal.message);
    }
    setError(undefined);
    setDone(true);
    refreshPage();
  };
  if (done)
    return (
      <p className="border-b border-rule py-2">
        {label}: <b className="font-semibold text-go">{noted ? `${noted.what} ${noted.batch}` : 'noted'}</b>
      </p>
    );
  return (
    <form
      aria-label={label}
      className="grid gap-2 border-b border-rule py-2 sm:grid-cols-[10rem_1fr_9rem_auto] sm:items-end"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <p className="narrow font-semibold sm:pb-2.5">{label}</p>
      {lots.length > 0 ? (
        <SelectField label="From the shelf" value={lot} onChange={(event) => setLot(event.target.value)}>
          <option value="">Not from the shelf</option>
          {lots.map((item) => (
            <option key={item.id} value={item.id}>
              {item.what} {item.batch} ({item.quantity} there)
            </option>
          ))}
        </SelectField>
      ) : (
        <TextField
          label="What"
          maxLength={120}
          value={what}
          error={error}
          onChange={(event) => setWhat(event.target.value)}
        />
      )}
      <TextField
        label="Serial or batch"
        maxLength={60}
        value={batch}
        placeholder={from?.batch}
        onChange={(event) => setBatch(event.target.value)}
      />
      <Button type="submit">Note it</Button>
      {lots.length > 0 && lot === '' && (
        <TextField
          label="What, if not from the shelf"
          maxLength={120}
          value={what}
          error={error}
          className="sm:col-span-2 sm:col-start-2"
          onChange={(event) => setWhat(event.target.value)}
        />
      )}
      <div className="grid gap-2 sm:col-span-3 sm:col-start-2 sm:grid-cols-2">
        <CameOffFields value={cameOff} onChange={setCameOff} />
      </div>
    </form>
  );
}
