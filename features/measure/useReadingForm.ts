'use client';

import { useState } from 'react';
import { useUnits } from '../shell/useUnits';
import { focusCell } from './MeasureCell';
import { type FieldsRead, type ReadingField, readFields, type WrongField } from './readFields';
import type { OnDone, ReadingSlot } from './useReading';

type Asked<Id extends string, T extends Partial<Record<Id, string>>> = {
  fields: readonly ReadingField<Id>[];
  slot: ReadingSlot;
  /** What the cells of this form are called in the document, before the name of their field. */
  cells: string;
  typed: T;
  keep: (typed: T) => void;
  /** Nothing is typed any more. */
  clear: () => void;
  onFile?: Partial<Record<Id, number>>;
  onDone?: OnDone;
};

/** A reading, or why it is none; `at` is the cell to look at. */
type Made =
  | { input: Record<string, unknown>; entered?: Partial<Record<string, string>>; why?: undefined }
  | { why: string; at?: string; input?: undefined };

export type ReadingForm<Id extends string> = FieldsRead<Id> & {
  fields: readonly ReadingField<Id>[];
  textOf: (id: Id) => string;
  cellOf: (id: string) => string;
  onFile: Partial<Record<Id, number>>;
  closed: boolean;
  /** What was said when it was last tried to take it. */
  said?: { at?: string; why: string };
  set: (id: Id, text: string) => void;
  /** Takes the reading that these figures make; says why not and goes there, where they make none. */
  take: (make: (read: FieldsRead<Id>) => Made) => void;
};

/** A form of figures that are typed or sent by a gauge, held against what can be, and written down as one reading. */
export function useReadingForm<Id extends string, T extends Partial<Record<Id, string>>>({
  fields,
  slot,
  cells,
  typed,
  keep,
  clear,
  onFile = {},
  onDone,
}: Asked<Id, T>): ReadingForm<Id> {
  const units = useUnits();
  const [said, setSaid] = useState<{ at?: string; why: string }>();
  const read = readFields(fields, typed, units, onFile);
  const cellOf = (id: string) => `${cells}-${id.replace('.', '-')}`;
  const refuse = (why: string, at?: string) => {
    setSaid({ why, at });
    if (at !== undefined) focusCell(cellOf(at));
  };
  const take: ReadingForm<Id>['take'] = (make) => {
    const bad: WrongField<Id> | undefined = read.wrong ?? read.missing;
    const made: Made = bad ? { why: bad.why, at: bad.id } : make(read);
    if (made.why !== undefined) return refuse(made.why, made.at);
    setSaid(undefined);
    const row = slot.save(made.input, (made.entered ?? read.entered) as Record<string, string>);
    clear();
    onDone?.(row);
  };
  return {
    ...read,
    fields,
    textOf: (id) => typed[id] ?? '',
    cellOf,
    onFile,
    closed: slot.closed,
    said,
    set(id, text) {
      setSaid(undefined);
      keep({ ...typed, [id]: text });
    },
    take,
  };
}
