'use client';

import { useState } from 'react';
import { assistOf } from '@/core/car/traits';
import { traitsOf } from '@/core/car/traitsOf';
import type { PedalRatioInput } from '@/core/readings/pedal/pedalRatioSchema';
import { Button } from '@/ui/Button';
import { Trouble } from '@/ui/Trouble';
import { useJob } from '../../record/JobProvider';
import { useUnits } from '../../shell/useUnits';
import { focusCell, MeasureCell } from '../MeasureCell';
import { OnFile } from '../OnFile';
import { type OnDone, useReading } from '../useReading';
import { useTyped } from '../useTyped';
import { PedalAnswer } from './PedalAnswer';

/** The lengths on the pedal; those after B are for a change of the ratio and may stay empty. */
const FIELDS = [
  { id: 'aMm', label: 'A, pivot to pad', base: 'mm', low: 50, high: 600, needed: true },
  { id: 'bMm', label: 'B, pivot to clevis', base: 'mm', low: 10, high: 300, needed: true },
  { id: 'targetRatio', label: 'Ratio wanted', base: '', low: 1, high: 12, needed: false },
  { id: 'travelMm', label: 'Travel of a full stroke', base: 'mm', low: 1, high: 400, needed: false },
  { id: 'floorMm', label: 'Room to the floor', base: 'mm', low: 1, high: 400, needed: false },
] as const;

type Name = (typeof FIELDS)[number]['id'];
const EMPTY: Record<Name, string> = { aMm: '', bMm: '', targetRatio: '', travelMm: '', floorMm: '' };

const baseOf = (name: string) => FIELDS.find(({ id }) => id === name)?.base;

/** Lengths on the pedal; the ratio, its band, and what a change would do, drawn to scale. */
export function PedalRatioForm({ onDone }: { onDone?: OnDone }) {
  const { sheet } = useJob();
  const units = useUnits();
  const slot = useReading('pedal-ratio');
  const [typed, keep] = useTyped(`pedal-ratio.${sheet.job.id}`, EMPTY, baseOf);
  const [error, setError] = useState<string>();
  const assisted = assistOf(traitsOf(sheet.car)) !== 'none';
  const onFile = slot.head?.input as PedalRatioInput | undefined;
  const read = Object.fromEntries(
    FIELDS.map(({ id, base }) => [id, units.read(typed[id] ?? '', base)]),
  ) as Record<Name, ReturnType<typeof units.read>>;
  const value = (id: Name) => read[id]?.value ?? onFile?.[id];
  const wrongOf = ({ id, base, label, low, high, needed }: (typeof FIELDS)[number]): string | undefined => {
    const is = value(id);
    if (is === undefined ? !needed : is >= low && is <= high) return undefined;
    return `${label} is ${typed[id] || 'missing'}: ${units.show(low, base, 0)} to ${units.full(high, base, 0)} is accepted`;
  };
  const input = {
    aMm: value('aMm')!,
    bMm: value('bMm')!,
    assisted,
    ...Object.fromEntries(
      (['targetRatio', 'travelMm', 'floorMm'] as const)
        .map((id) => [id, value(id)] as const)
        .filter(([, is]) => is !== undefined),
    ),
  };
  const whole = FIELDS.every((field) => wrongOf(field) === undefined) && input.bMm < input.aMm;
  const save = () => {
    const wrong = FIELDS.map(wrongOf).find((each) => each !== undefined);
    if (wrong) return setError(wrong);
    if (input.bMm >= input.aMm) return setError(`B is ${typed.bMm}: less than A`);
    setError(undefined);
    const entered = Object.fromEntries(
      FIELDS.flatMap(({ id }) => (read[id]?.entered ? [[id, read[id]!.entered!]] : [])),
    );
    const row = slot.save(input, entered);
    keep(EMPTY);
    onDone?.(row);
  };
  return (
    <section aria-label="Pedal ratio" className="mt-2 grid gap-2">
      <div className="flex flex-wrap items-end gap-3">
        {FIELDS.map(({ id, label, base }, index) => (
          <label key={id} htmlFor={`ratio-${id}`} className="narrow w-40 text-small">
            {label} <span className="reading text-soft">{base === '' ? '' : units.unit(base)}</span>
            <MeasureCell
              id={`ratio-${id}`}
              label={label}
              base={base}
              value={typed[id] ?? ''}
              placeholder={
                onFile?.[id] === undefined ? undefined : units.show(onFile[id], base, base === '' ? 2 : 0)
              }
              disabled={slot.closed}
              onChange={(text) => {
                setError(undefined);
                keep({ ...EMPTY, ...typed, [id]: text });
              }}
              onNext={() => {
                const next = FIELDS[index + 1];
                // Enter on an empty one that is not needed: the rest is not wanted today.
                if (!next || (index > 1 && (typed[id] ?? '') === '')) save();
                else focusCell(`ratio-${next.id}`);
              }}
              className="border-ink"
            />
          </label>
        ))}
        <Button onClick={save} disabled={slot.closed}>
          Take the ratio
        </Button>
      </div>
      <Trouble>{error}</Trouble>
      {whole && <PedalAnswer input={input} />}
      <p className="text-small text-soft">
        Band {assisted ? '3 to 4.5, assisted' : '5.1 to 6.1, unassisted'}. Common practice.
      </p>
      <OnFile head={slot.head} earlier={slot.earlier} />
    </section>
  );
}
