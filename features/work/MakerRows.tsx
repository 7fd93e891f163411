'use client';

import { useState } from 'react';
import type { BaseUnit } from '@/core/base/units/display';
import type { SlowdownRow } from '@/core/planning/bedin/schools';
import { PLAN_RANGES } from '@/core/planning/ranges';
import { Button } from '@/ui/Button';
import { NumberField } from '@/ui/Field';
import { between } from '../measure/readFields';
import type { Units } from '../shell/units';
import { useUnits } from '../shell/useUnits';

type FieldId = 'count' | 'fromKmh' | 'toKmh' | 'coolS';

/** `sign`: what stands behind a figure that has no unit to choose. */
const FIELDS: readonly {
  id: FieldId;
  label: string;
  base: BaseUnit;
  sign?: string;
  low: number;
  high: number;
}[] = [
  { id: 'count', label: 'Times', base: '', sign: '×', ...between(PLAN_RANGES.stops) },
  { id: 'fromKmh', label: 'From', base: 'km/h', ...between(PLAN_RANGES.fromKmh) },
  { id: 'toKmh', label: 'To', base: 'km/h', ...between(PLAN_RANGES.toKmh) },
  { id: 'coolS', label: 'Cool after', base: '', sign: 's', ...between(PLAN_RANGES.coolS) },
];

type Draft = Record<FieldId, string>;

/** The pad maker's own bed-in, row by row; a row counts once all its figures can be. */
export function MakerRows({
  rows,
  onChange,
}: {
  rows: SlowdownRow[];
  onChange: (rows: SlowdownRow[]) => void;
}) {
  const units = useUnits();
  const [drafts, setDrafts] = useState<Draft[]>(() =>
    rows.map((row) => ({
      count: String(row.count),
      fromKmh: units.asTyped(row.fromKmh, 'km/h'),
      toKmh: units.asTyped(row.toKmh, 'km/h'),
      coolS: String(row.coolS),
    })),
  );
  const change = (next: Draft[]) => {
    setDrafts(next);
    const read = next.map((draft) => readRow(draft, units));
    if (read.every((row) => row !== undefined)) onChange(read);
  };
  return (
    <fieldset className="grid gap-2">
      <legend className="narrow text-small font-semibold">The pad maker’s slowdowns</legend>
      {drafts.map((draft, index) => (
        <div key={index} className="grid grid-cols-2 gap-2 sm:grid-cols-[repeat(4,1fr)_auto] sm:items-end">
          {FIELDS.map(({ id, label, base, sign }) => (
            <NumberField
              key={id}
              label={label}
              unit={sign ?? units.unit(base)}
              value={draft[id]}
              error={errorOf(draft, id, units)}
              onChange={(event) =>
                change(
                  drafts.map((each, at) => (at === index ? { ...each, [id]: event.target.value } : each)),
                )
              }
            />
          ))}
          {drafts.length > 1 && (
            <Button look="quiet" onClick={() => change(drafts.filter((_, at) => at !== index))}>
              Drop
            </Button>
          )}
        </div>
      ))}
      {drafts.length < 8 && (
        <Button className="justify-self-start" onClick={() => change([...drafts, { ...drafts.at(-1)! }])}>
          Another row
        </Button>
      )}
    </fieldset>
  );
}

function errorOf(draft: Draft, id: keyof Draft, units: Units): string | undefined {
  const { low, high, base, sign } = FIELDS.find((field) => field.id === id)!;
  const value = units.read(draft[id], base)?.value;
  if (value === undefined || !(value >= low && value <= high))
    return `${units.show(low, base, 0)} to ${units.show(high, base, 0)} ${sign ?? units.unit(base)}`;
  const from = units.read(draft.fromKmh, 'km/h')?.value;
  if (id === 'toKmh' && from !== undefined && value >= from) return 'Below the speed it starts from';
  return id === 'count' && !Number.isInteger(value) ? 'A whole number' : undefined;
}

function readRow(draft: Draft, units: Units): SlowdownRow | undefined {
  if (FIELDS.some(({ id }) => errorOf(draft, id, units) !== undefined)) return undefined;
  const figureOf = (id: keyof Draft) =>
    units.read(draft[id], FIELDS.find((field) => field.id === id)!.base)!.value;
  return {
    count: figureOf('count'),
    fromKmh: figureOf('fromKmh'),
    toKmh: figureOf('toKmh'),
    coolS: figureOf('coolS'),
  };
}
