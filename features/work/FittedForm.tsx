'use client';

import { useState } from 'react';
import { axleOf, type Corner, type Place } from '@/core/car/corner';
import type { PlannedNeed } from '@/core/planning/plan';
import { PART_KINDS, type PartKind } from '@/core/planning/shelf/parts';
import { Button } from '@/ui/Button';
import { SelectField, TextField } from '@/ui/Field';
import { Trouble } from '@/ui/Trouble';
import { CameOffFields, readCameOff } from '../car/CameOffFields';
import { useKeptForms } from '../queue/KeptForms';
import { noUnits, useAddingForm } from '../queue/useAddingForm';
import { useJob } from '../record/JobProvider';
import { useShop } from '../shell/ShopContext';
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

const BLANK = { lot: '', what: '', batch: '', oldWhy: '', oldMate: '' };

function FittedLine({ line, noted }: { line: Line; noted?: Pick<Noted, 'what' | 'batch'> }) {
  const { sheet } = useJob();
  const { shelf } = useWorkPlace();
  const { today } = useShop();
  const lots = shelf.filter((item) => item.kind === line.kind && item.quantity > 0);
  const [done, setDone] = useState(noted !== undefined);
  const label = `${PART_KINDS[line.kind]} ${line.place}`.trim();
  const form = useAddingForm({
    ...{ name: `fitted.${sheet.job.id}.${line.kind}.${line.place}`, initial: BLANK, baseOf: noUnits },
    onDone: () => setDone(true),
    adding: ({ lot, what, batch, oldWhy, oldMate }) => {
      const from = lots.find((item) => item.id === lot);
      const content = {
        kind: line.kind,
        place: line.place,
        what: what.trim() || from?.what || '',
        batch: batch.trim() || from?.batch || '',
        fittedOn: today,
        jobId: sheet.job.id,
        shelfId: lot === '' ? null : lot,
        ...readCameOff({ oldWhy, oldMate }),
      };
      return {
        ...{ path: partsOf(sheet.car.id), jobId: sheet.job.id, kind: 'part', content },
        label: () => `Fitted: ${label} ${content.what}`.trim(),
      };
    },
  });
  if (done)
    return (
      <p className="border-b border-rule py-2">
        {label}: <b className="font-semibold text-go">{noted ? `${noted.what} ${noted.batch}` : 'noted'}</b>
      </p>
    );
  const from = lots.find((item) => item.id === form.typed.lot);
  return (
    <form
      aria-label={label}
      className="grid gap-2 border-b border-rule py-2 sm:grid-cols-[10rem_1fr_9rem_auto] sm:items-end"
      onSubmit={form.onSubmit}
    >
      <p className="narrow font-semibold sm:pb-2.5">{label}</p>
      {lots.length > 0 ? (
        <SelectField label="From the shelf" {...form.field('lot', 'shelfId')}>
          <option value="">Not from the shelf</option>
          {lots.map((item) => (
            <option key={item.id} value={item.id}>
              {item.what} {item.batch} ({item.quantity} there)
            </option>
          ))}
        </SelectField>
      ) : (
        <TextField label="What" maxLength={120} {...form.field('what')} />
      )}
      <TextField label="Serial or batch" maxLength={60} placeholder={from?.batch} {...form.field('batch')} />
      <Button type="submit">Note it</Button>
      {lots.length > 0 && form.typed.lot === '' && (
        <TextField
          label="What, if not from the shelf"
          maxLength={120}
          className="sm:col-span-2 sm:col-start-2"
          {...form.field('what')}
        />
      )}
      <div className="grid gap-2 sm:col-span-3 sm:col-start-2 sm:grid-cols-2">
        <CameOffFields value={form.typed} onChange={form.set} />
      </div>
      <Trouble className="sm:col-span-3 sm:col-start-2">{form.trouble}</Trouble>
    </form>
  );
}
