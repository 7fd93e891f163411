'use client';

import { CAR_FIGURES, rangeOf } from '@/core/car/figures';
import { assistOf } from '@/core/car/traits';
import { traitsOf } from '@/core/car/traitsOf';
import type { PedalRatioInput } from '@/core/readings/pedal/pedalRatioSchema';
import { PEDAL_RANGES } from '@/core/readings/pedal/ranges';
import { Button } from '@/ui/Button';
import { Trouble } from '@/ui/Trouble';
import { useSettledJob } from '../../record/JobProvider';
import { OnFile } from '../OnFile';
import { ReadingCells } from '../ReadingCells';
import { between, type ReadingField } from '../readFields';
import { type OnDone, useReading } from '../useReading';
import { useReadingForm } from '../useReadingForm';
import { useTyped } from '../useTyped';
import { PedalAnswer } from './PedalAnswer';

/** The lengths on the pedal; those after B are for a change of the ratio and may stay empty. */
const FIELDS = [
  {
    id: 'aMm',
    label: 'A, pivot to pad',
    base: 'mm',
    decimals: 0,
    ...between(PEDAL_RANGES.pivotToPadMm),
    needed: true,
  },
  {
    id: 'bMm',
    label: 'B, pivot to clevis',
    base: 'mm',
    decimals: 0,
    ...between(PEDAL_RANGES.pivotToClevisMm),
    needed: true,
  },
  {
    id: 'targetRatio',
    label: 'Ratio wanted',
    base: '',
    decimals: 2,
    ...between(rangeOf(CAR_FIGURES.pedalRatio)),
  },
  {
    id: 'travelMm',
    label: 'Travel of a full stroke',
    base: 'mm',
    decimals: 0,
    ...between(PEDAL_RANGES.toFloorMm),
  },
  { id: 'floorMm', label: 'Room to the floor', base: 'mm', decimals: 0, ...between(PEDAL_RANGES.toFloorMm) },
] as const satisfies readonly ReadingField[];
/** The first that may stay empty. */
const OPTIONAL_FROM = 2;

type Name = (typeof FIELDS)[number]['id'];
const EMPTY: Record<Name, string> = { aMm: '', bMm: '', targetRatio: '', travelMm: '', floorMm: '' };

const baseOf = (name: string) => FIELDS.find(({ id }) => id === name)?.base;

/** Lengths on the pedal; the ratio, its band, and what a change would do, drawn to scale. */
export function PedalRatioForm({ onDone }: { onDone?: OnDone }) {
  const { sheet } = useSettledJob();
  const slot = useReading('pedal-ratio');
  const [typed, keep] = useTyped(`pedal-ratio.${sheet.job.id}`, EMPTY, baseOf);
  const assisted = assistOf(traitsOf(sheet.car)) !== 'none';
  const form = useReadingForm<Name, typeof EMPTY>({
    ...{ fields: FIELDS, slot, cells: 'ratio', typed: { ...EMPTY, ...typed }, keep, onDone },
    onFile: slot.head?.input as PedalRatioInput | undefined,
    clear: () => keep(EMPTY),
  });
  const { aMm, bMm } = form.values;
  const isLever = aMm !== undefined && bMm !== undefined && bMm < aMm;
  const input = { ...form.values, aMm, bMm, assisted } as PedalRatioInput;
  const save = () =>
    form.take(() => (isLever ? { input } : { why: `B is ${typed.bMm}: less than A`, at: 'bMm' }));
  return (
    <section aria-label="Pedal ratio" className="mt-2 grid gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <ReadingCells
          form={form}
          width="w-40"
          // Enter on an empty one that is not needed: the rest is not wanted today.
          endsAt={({ id }, index) => index >= OPTIONAL_FROM && form.textOf(id) === ''}
          onEnd={save}
        />
        <Button onClick={save} disabled={slot.closed}>
          Take the ratio
        </Button>
      </div>
      <Trouble>{form.said?.why}</Trouble>
      {isLever && !form.wrong && <PedalAnswer input={input} />}
      <p className="text-small text-soft">
        Band {assisted ? '3 to 4.5, assisted' : '5.1 to 6.1, unassisted'}. Common practice.
      </p>
      <OnFile head={slot.head} earlier={slot.earlier} />
    </section>
  );
}
