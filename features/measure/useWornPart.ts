'use client';

import { useState } from 'react';
import { allIn } from '@/core/base/units/retype';
import type { Corner } from '@/core/car/corner';
import { useSettledJob } from '../record/JobProvider';
import { cellIdIn, focusCell } from './MeasureCell';
import { useJustFitted } from './PhaseContext';
import { type OnDone, useReading } from './useReading';
import { useTyped } from './useTyped';

type Asked = {
  kind: 'pads' | 'rotor';
  corner: Corner;
  /** What the cells are called in the document, before the name of their figure. */
  cells: string;
  /** What is said where a part has grown: what has to be told first, and what goes down with the reading. */
  words: { ask: string; fitted: string };
  onDone?: OnDone;
};
/** What was typed, read: a reading, or the figure that cannot be one. */
type Read = { input?: Record<string, unknown>; entered?: Record<string, string>; wrong?: { name: string } };
/** Why it is none yet, and the figure to look at. */
type Missing = { why: string; at?: string };

/** Every figure of a worn part is a length. */
const IN_MM = allIn('mm');

/** One corner's sheet of a part that wears: kept as it is typed, written down once it is whole; one that has grown is a new part, and said to be. */
export function useWornPart<T>({ kind, corner, cells, words, onDone }: Asked) {
  const { sheet } = useSettledJob();
  const slot = useReading(kind, corner);
  const [kept, keep] = useTyped<T | null>(`${kind}.${sheet.job.id}.${corner}`, null, IN_MM);
  const [error, setError] = useState<string>();
  const fitted = useJustFitted();
  const [newPart, setNewPart] = useState(fitted);
  const cellId = (name: string) => cellIdIn(cells, name);
  return {
    slot,
    /** What is typed and not taken yet; null shows what is on file. */
    kept,
    error,
    newPart,
    setNewPart,
    cellId,
    keep(typed: T) {
      setError(undefined);
      keep(typed);
    },
    /** Takes the reading; where it is none yet, says why and goes there. @param grown mm since it was last read */
    take(read: Read, missing: Missing | undefined, grown: number | undefined) {
      // What is wrong is said beside the figure already.
      if (read.wrong) return focusCell(cellId(read.wrong.name));
      if (missing || !read.input) {
        setError(missing?.why);
        if (missing?.at !== undefined) focusCell(cellId(missing.at));
        return;
      }
      if (grown !== undefined && !newPart) return setError(words.ask);
      setError(undefined);
      const row = slot.save(read.input, read.entered, grown === undefined ? '' : words.fitted);
      keep(null);
      setNewPart(false);
      onDone?.(row);
    },
  };
}
