'use client';

import { useUnits } from '../shell/useUnits';
import { focusCell, MeasureCell } from './MeasureCell';
import { type ReadingField, typedBase, unitOf } from './readFields';
import type { ReadingForm } from './useReadingForm';

type Props<Id extends string> = {
  form: ReadingForm<Id>;
  /** Those of the form, or some of them. */
  fields?: readonly ReadingField<Id>[];
  /** Said behind a field's name to a reader: its corner. */
  of?: string;
  /** How wide each is. */
  width: string;
  /** Where what is wrong with a field is said. */
  saidAt?: string;
  /** Whether Enter there ends the set, where it is not the last. */
  endsAt?: (field: ReadingField<Id>, index: number) => boolean;
  onEnd: () => void;
};

/** The figures of a reading side by side: Enter goes to the next, and ends the set on the last. */
export function ReadingCells<Id extends string>({
  form,
  fields = form.fields,
  of = '',
  width,
  saidAt,
  endsAt = () => false,
  onEnd,
}: Props<Id>) {
  const units = useUnits();
  const standing = (field: ReadingField<Id>) => {
    const value = form.onFile[field.id] ?? field.usual;
    if (value === undefined) return undefined;
    return field.base === 's' ? String(value) : units.show(value, field.base, field.decimals);
  };
  return fields.map((field, index) => {
    const { id, label, quantity, pose } = field;
    const isBad = form.said?.at === id || form.wrong?.id === id;
    const next = fields[index + 1];
    return (
      <label key={id} htmlFor={form.cellOf(id)} className={`narrow text-small ${width}`}>
        {label} <span className="reading text-soft">{unitOf(field, units)}</span>
        <MeasureCell
          id={form.cellOf(id)}
          label={`${label} ${of}`.trim()}
          base={typedBase(field)}
          quantity={quantity}
          pose={pose}
          value={form.textOf(id)}
          placeholder={standing(field)}
          invalid={isBad}
          describedBy={isBad ? saidAt : undefined}
          disabled={form.closed}
          onChange={(text) => form.set(id, text)}
          onNext={() => (next && !endsAt(field, index) ? focusCell(form.cellOf(next.id)) : onEnd())}
          className="border-ink"
        />
      </label>
    );
  });
}
