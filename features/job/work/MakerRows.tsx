'use client';

import { useState } from 'react';
import type { SlowdownRow } from '@/core/planning/bedin/schools';
import { Button } from '@/ui/Button';
import { NumberField } from '@/ui/Field';

const FIELDS = [
  { id: 'count', label: 'Times', unit: '×', low: 1, high: 30 },
  { id: 'fromKmh', label: 'From', unit: 'km/h', low: 10, high: 250 },
  { id: 'toKmh', label: 'To', unit: 'km/h', low: 0, high: 240 },
  { id: 'coolS', label: 'Cool after', unit: 's', low: 0, high: 600 },
] as const;

type Draft = Record<(typeof FIELDS)[number]['id'], string>;

/** The pad maker's own bed-in, row by row; a row counts once all its figures can be. */
export function MakerRows({
  rows,
  onChange,
}: {
  rows: SlowdownRow[];
  onChange: (rows: SlowdownRow[]) => void;
}) {
  const [drafts, setDrafts] = useState<Draft[]>(() =>
    rows.map((row) => ({
      count: String(row.count),
      fromKmh: String(row.fromKmh),
      toKmh: String(row.toKmh),
      coolS: String(row.coolS),
    })),
  );
  const change = (next: Draft[]) => {
    setDrafts(next);
    const read = next.map(readRow);
    if (read.every((row) => row !== undefined)) onChange(read);
  };
  return (
    <fieldset className="grid gap-2">
      <legend className="narrow text-[0.9375rem] font-semibold">The pad maker’s slowdowns</legend>
      {drafts.map((draft, index) => (
        <div key={index} className="grid grid-cols-2 gap-2 sm:grid-cols-[repeat(4,1fr)_auto] sm:items-end">
          {FIELDS.map(({ id, label, unit }) => (
            <NumberField
              key={id}
              label={label}
              unit={unit}
              value={draft[id]}
              error={errorOf(draft, id)}
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

function errorOf(draft: Draft, id: keyof Draft): string | undefined {
  const { low, high, unit } = FIELDS.find((field) => field.id === id)!;
  const value = Number(draft[id].replace(',', '.'));
  if (draft[id].trim() === '' || !(value >= low && value <= high)) return `${low} to ${high} ${unit}`;
  if (id === 'toKmh' && value >= Number(draft.fromKmh)) return 'Below the speed it starts from';
  return id === 'count' && !Number.isInteger(value) ? 'A whole number' : undefined;
}

function readRow(draft: Draft): SlowdownRow | undefined {
  if (FIELDS.some(({ id }) => errorOf(draft, id) !== undefined)) return undefined;
  const number = (text: string) => Number(text.replace(',', '.'));
  return {
    count: number(draft.count),
    fromKmh: number(draft.fromKmh),
    toKmh: number(draft.toKmh),
    coolS: number(draft.coolS),
  };
}
