'use client';

import { Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import type { RecordField } from '@/core/planning/run/step';
import { MOST_FIGURE } from '@/core/planning/run/tickIssues';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { NumberField, TextField } from '@/ui/Field';
import type { TickRecord } from '../../record/commands/works';
import { useUnits } from '../../shell/useUnits';

type Props = { fields: readonly RecordField[]; record: TickRecord; onChange: (record: TickRecord) => void };

/** What is written down at a step: keys and scales for what is seen, typing only for what a gauge shows. */
export function RecordFields({ fields, record, onChange }: Props) {
  const set = (id: string, value: string | number | undefined) => {
    const { [id]: _, ...rest } = record;
    onChange(value === undefined ? rest : { ...rest, [id]: value });
  };
  return (
    <div className="my-3 flex flex-wrap gap-x-6 gap-y-3">
      {fields.map((field) => (
        <div key={field.id}>
          {(field.kind === 'choice' || field.kind === 'amount') && (
            <p className="narrow text-small font-semibold">{field.label}</p>
          )}
          {field.kind === 'choice' && (
            <Choice
              label={field.label}
              value={String(record[field.id] ?? '')}
              onChange={(value) => set(field.id, value === '' ? undefined : value)}
              options={field.options}
            />
          )}
          {field.kind === 'amount' && (
            <Amount
              field={field}
              value={record[field.id] as number | undefined}
              onChange={(value) => set(field.id, value)}
            />
          )}
          {field.kind === 'words' && (
            <Words
              field={field}
              value={String(record[field.id] ?? '')}
              onChange={(value) => set(field.id, value === '' ? undefined : value)}
            />
          )}
          {field.kind === 'figure' && (
            <Figure
              field={field}
              value={record[field.id] as number | undefined}
              onChange={(value) => set(field.id, value)}
            />
          )}
        </div>
      ))}
    </div>
  );
}

type AmountProps = {
  field: Extract<RecordField, { kind: 'amount' }>;
  value: number | undefined;
  onChange: (value: number) => void;
};

/** A volume read off the catch bottle, from the planned one up or down. */
function Amount({ field: { label, unit, start, step, most }, value, onChange }: AmountProps) {
  const shown = value ?? start;
  // Nothing drawn is an amount; no time taken is none.
  const least = unit === 'min' ? 1 : 0;
  const to = (next: number) => onChange(Math.min(most, Math.max(least, next)));
  return (
    <div className="flex items-center gap-1">
      <Button aria-label={`${label}: ${step} ${unit} less`} onClick={() => to(shown - step)}>
        <Minus aria-hidden="true" size={20} />
      </Button>
      <button
        type="button"
        aria-label={`${label}: ${shown} ${unit}${value === undefined ? ', as planned' : ''}`}
        onClick={() => to(shown)}
        className={`reading min-h-11 min-w-24 text-center text-xl ${value === undefined ? 'text-soft' : 'font-semibold'}`}
      >
        {shown} {unit}
      </button>
      <Button aria-label={`${label}: ${step} ${unit} more`} onClick={() => to(shown + step)}>
        <Plus aria-hidden="true" size={20} />
      </Button>
    </div>
  );
}

type WordsProps = {
  field: Extract<RecordField, { kind: 'words' }>;
  value: string;
  onChange: (value: string) => void;
};

/** What stands on a screen or a plate; written down when the field is left. */
function Words({ field: { label, most }, value, onChange }: WordsProps) {
  const [text, setText] = useState(value);
  return (
    <TextField
      label={label}
      maxLength={most}
      autoComplete="off"
      value={text}
      onChange={(event) => setText(event.target.value)}
      onBlur={() => text.trim() !== value && onChange(text.trim())}
      className="w-80 max-w-full"
    />
  );
}

type FigureProps = {
  field: Extract<RecordField, { kind: 'figure' }>;
  value: number | undefined;
  onChange: (value: number | undefined) => void;
};

/** What an instrument shows; written down when the field is left, and kept as typed where it cannot be. */
function Figure({ field: { label, unit }, value, onChange }: FigureProps) {
  const units = useUnits();
  const base = unit === 'turns' ? '' : unit;
  const shown = base === '' ? unit : units.unit(base);
  const [text, setText] = useState(value === undefined ? '' : units.asTyped(value, base));
  const [error, setError] = useState<string>();
  const take = () => {
    const typed = text.trim();
    const next = units.read(typed, base)?.value;
    if (next !== undefined && !(next >= 0 && next <= MOST_FIGURE))
      return setError(`${typed} is not taken: 0 to ${units.show(MOST_FIGURE, base, 0)} ${shown}`);
    setError(undefined);
    if (next !== value) onChange(next);
  };
  return (
    <NumberField
      label={label}
      unit={shown}
      value={text}
      error={error}
      onChange={(event) => setText(event.target.value)}
      onBlur={take}
      className="w-44"
    />
  );
}
