'use client';

import { useState } from 'react';
import { axleOf, type Corner } from '@/core/car/corner';
import { type LookInInput, lookIn } from '@/core/readings/lookin/lookIn';
import { isSuspect, LOOKS, lookWords } from '@/core/readings/lookin/looks';
import { lookIn as reading } from '@/core/readings/lookin/reading';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useSettledJob } from '../../record/JobProvider';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';
import { focusCell, MeasureCell } from '../MeasureCell';
import { OnFile } from '../OnFile';
import { type OnDone, useReading } from '../useReading';
import { useTyped } from '../useTyped';
import { allGood, LOOK_CELLS, type LookInTyped, lookInTypedFrom, looksAt, readLookIn } from './typed';

/** Twenty seconds at a corner whose wheel is off: big keys, two figures where a gauge gets at pads and rotor. */
export function LookInForm({ corner, onDone }: { corner: Corner; onDone?: OnDone }) {
  const { sheet } = useSettledJob();
  const units = useUnits();
  const { limits } = useShop();
  const slot = useReading(reading.kind, corner);
  const [error, setError] = useState<string>();
  const [kept, keep] = useTyped<LookInTyped | null>(`look-in.${sheet.job.id}.${corner}`, null, () => 'mm');
  const typed = kept ?? lookInTypedFrom(slot.head?.input as LookInInput | undefined, units);
  const looks = looksAt(sheet.car, corner);
  const around = { car: sheet.car, corner, units, limits };
  const { input, wrong } = readLookIn(typed, around);
  const change = (next: Partial<LookInTyped>) => {
    setError(undefined);
    keep({ ...typed, ...next });
  };
  const save = (next: LookInTyped) => {
    const read = readLookIn(next, around);
    if (read.wrong) return setError(read.wrong.why);
    if (!read.input) return setError('Nothing has been looked at yet');
    const row = slot.save(read.input, read.entered);
    keep(null);
    onDone?.(row);
  };
  const says = input ? lookIn(input) : undefined;
  const cellId = (id: string) => `look-in-${corner}-${id}`;
  return (
    <section aria-label={`Look-in ${corner}`} className="mt-2 grid gap-3">
      {sheet.car[axleOf(corner)].brake !== 'drum' && (
        <div className="flex flex-wrap gap-3">
          {LOOK_CELLS.map(({ id, label }, index) => (
            <label key={id} htmlFor={cellId(id)} className="narrow w-48">
              {label} <span className="reading text-soft">{units.unit('mm')}</span>
              <MeasureCell
                id={cellId(id)}
                label={`${label} ${corner}`}
                base="mm"
                value={typed[id]}
                invalid={wrong?.id === id}
                disabled={slot.closed}
                onChange={(text) => change({ [id]: text })}
                onNext={() => {
                  const next = LOOK_CELLS[index + 1];
                  if (next) focusCell(cellId(next.id));
                }}
                className="border-ink"
              />
            </label>
          ))}
        </div>
      )}
      {looks.map((look) => (
        <div key={look} className="grid gap-1 sm:grid-cols-[8rem_1fr] sm:items-center">
          <span className="narrow font-semibold">{LOOKS[look].label}</span>
          <Choice
            label={`${LOOKS[look].label} ${corner}`}
            value={typed[look]}
            disabled={slot.closed}
            onChange={(state) => change({ [look]: state })}
            options={LOOKS[look].states.map((state) => ({
              value: state,
              label: lookWords(look, state),
              ...(isSuspect(look, state) ? { tone: 'stop' as const } : {}),
            }))}
          />
        </div>
      ))}
      {(wrong?.why ?? error) && (
        <p role="alert" className="font-semibold text-stop">
          {wrong?.why ?? error}
        </p>
      )}
      {says?.after.map((part) => (
        <p key={part} className="border-l-[6px] border-bronze pl-3 font-semibold">
          {LOOKS[part].says}
        </p>
      ))}
      <div className="flex flex-wrap gap-3">
        <Button onClick={() => save(typed)} disabled={slot.closed}>
          {slot.head ? `Correct the look-in ${corner}` : `Take the look-in ${corner}`}
        </Button>
        {looks.some((look) => typed[look] === '') && (
          <Button onClick={() => save(allGood(typed, looks))} disabled={slot.closed}>
            {looks.every((look) => typed[look] === '') ? 'All as it should be' : 'The rest as it should be'}
          </Button>
        )}
      </div>
      <OnFile head={slot.head} earlier={slot.earlier} />
    </section>
  );
}
