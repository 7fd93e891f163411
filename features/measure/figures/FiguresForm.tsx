'use client';

import { useState } from 'react';
import type { BaseUnit } from '@/core/base/units/display';
import { axleOf, type Corner } from '@/core/car/corner';
import { SOURCE_WORDS } from '@/core/car/limits/sources';
import type { ReadingRow } from '@/core/job/sheet';
import { headOf } from '@/core/job/standing';
import { type FluidInput, readFluid } from '@/core/readings/fluid/fluid';
import { MEASURES } from '@/core/readings/measures';
import { Button } from '@/ui/Button';
import { Timer } from '@/ui/Timer';
import { useJob } from '../../record/JobProvider';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';
import { focusCell, MeasureCell } from '../MeasureCell';
import { OnFile } from '../OnFile';
import { useLimits } from '../useLimit';
import { type OnDone, useReading } from '../useReading';
import { useTyped } from '../useTyped';
import {
  FIGURE_FORMS,
  type FigureField,
  type FigureForm,
  type FigureFormId,
  type Surroundings,
} from './forms';

type Props = { form: FigureFormId; corner?: Corner; onDone?: OnDone };

/** A reading of a few figures: typed or sent by a gauge, held against its limits, written down with Enter on the last. */
export function FiguresForm({ form: id, corner, onDone }: Props) {
  const form: FigureForm = FIGURE_FORMS[id];
  const { kind, label: title } = MEASURES[id];
  const { sheet } = useJob();
  const units = useUnits();
  const limit = useLimits();
  const { limits: shop } = useShop();
  const slot = useReading(kind, corner);
  const [error, setError] = useState<string>();
  const axle = corner && sheet.car[axleOf(corner)];
  const around: Surroundings = {
    car: sheet.car,
    corner,
    axle,
    shop,
    limit,
    fluidBoilingHereC: fluidBoilingHere(sheet.readings),
  };
  const fields = form.fields(around);
  const base = (field: FigureField): BaseUnit => (field.base === 's' ? '' : field.base);
  const [kept, keep] = useTyped<Record<string, string> | null>(
    `${kind}.${sheet.job.id}.${corner ?? 'car'}`,
    null,
    (name) => {
      const field = fields.find((each) => each.id === name);
      return field && base(field);
    },
  );
  const typed =
    kept ??
    Object.fromEntries(
      Object.entries(slot.head ? form.values(slot.head.input!) : {}).map(([name, value]) => {
        const field = fields.find((each) => each.id === name);
        return [name, field ? units.asTyped(value, base(field)) : String(value)];
      }),
    );
  const values: Record<string, number> = {};
  const entered: Record<string, string> = {};
  let wrong: { id: string; why: string } | undefined;
  for (const field of fields) {
    const text = typed[field.id] ?? '';
    const entry = units.read(text, base(field));
    if (!entry) continue;
    values[field.id] = entry.value;
    if (entry.entered) entered[field.id] = entry.entered;
    if (entry.value >= field.low && entry.value <= field.high) continue;
    wrong ??= { id: field.id, why: refusal(field, text, entry.value, units) };
  }
  const input = wrong ? undefined : form.input(values, around);
  const cellId = (field: string) => `${kind}-${corner ?? 'car'}-${field.replace('.', '-')}`;
  const save = () => {
    if (wrong) return setError(wrong.why);
    if (!input) {
      setError('Nothing has been read yet');
      focusCell(cellId(fields[0]!.id));
      return;
    }
    setError(undefined);
    const row = slot.save(input, entered);
    keep(null);
    onDone?.(row);
  };
  const label = `${title}${corner ? ` ${corner}` : ''}`;
  return (
    <section aria-label={label} className="mt-2 grid gap-2">
      <p className="text-small text-soft">{form.about}</p>
      {id === 'pedal' && <Timer seconds={30} label="Time 30 s" />}
      <div className={id === 'heat' ? 'grid grid-cols-3 gap-x-3 gap-y-1' : 'flex flex-wrap gap-x-3 gap-y-1'}>
        {fields.map((field, index) => (
          <label
            key={field.id}
            htmlFor={cellId(field.id)}
            className={`narrow text-small ${id === 'heat' ? '' : 'w-40'}`}
          >
            {field.label}{' '}
            <span className="reading text-soft">{field.base === 's' ? 's' : units.unit(field.base)}</span>
            <MeasureCell
              id={cellId(field.id)}
              label={`${field.label}${corner ? ` ${corner}` : ''}`}
              base={base(field)}
              quantity={field.quantity}
              pose={field.pose}
              value={typed[field.id] ?? ''}
              placeholder={field.id === 'seconds' ? '30' : undefined}
              invalid={wrong?.id === field.id}
              disabled={slot.closed}
              onChange={(text) => {
                setError(undefined);
                keep({ ...typed, [field.id]: text });
              }}
              onNext={() => {
                const after = fields[index + 1];
                if (after) focusCell(cellId(after.id));
                else save();
              }}
              className="border-ink"
            />
          </label>
        ))}
      </div>
      {(wrong?.why ?? error) && (
        <p role="alert" className="font-semibold text-stop">
          {wrong?.why ?? error}
        </p>
      )}
      <p className="text-small text-soft">
        {form.limits(around).map(([words, { value, from }, unit, decimals], index) => (
          <span key={words}>
            {index > 0 && ', '}
            {words} <span className="reading">{units.full(value, unit, decimals)}</span> ({SOURCE_WORDS[from]}
            )
          </span>
        ))}
        .
      </p>
      <div className="flex flex-wrap gap-3">
        <Button onClick={save} disabled={slot.closed}>
          {slot.head
            ? `Correct ${form.take}${corner ? ` ${corner}` : ''}`
            : `Take ${form.take}${corner ? ` ${corner}` : ''}`}
        </Button>
      </div>
      <OnFile head={slot.head} earlier={slot.earlier} />
    </section>
  );
}

function refusal(
  field: FigureField,
  text: string,
  value: number,
  units: ReturnType<typeof useUnits>,
): string {
  const unit = field.base === 's' ? 's' : units.unit(field.base);
  const shown = (mm: number) =>
    field.base === 's' ? String(mm) : units.show(mm, field.base, field.decimals);
  if (Number.isNaN(value)) return `${field.label} is ${text}: a figure${unit ? ` in ${unit}` : ''} is needed`;
  return `${field.label} is ${text}: ${shown(field.low)} to ${shown(field.high)} ${unit} is accepted`;
}

/** Where the fluid of this job boils here, by its newest reading. */
function fluidBoilingHere(readings: readonly ReadingRow[]): number | undefined {
  const input = headOf(readings, 'before', (row) => row.kind === 'fluid')?.input;
  if (!input) return undefined;
  const outcome = readFluid(input as FluidInput);
  return outcome.ok ? (outcome.value.boilingHereC ?? undefined) : undefined;
}
