'use client';

import type { Corner } from '@/core/car/corner';
import type { ReadingRow } from '@/core/job/sheet';
import { headOf } from '@/core/job/standing';
import type { Phase } from '@/core/readings/phase';
import { useSettledJob } from '../record/JobProvider';
import { usePhase } from './PhaseContext';

/** What follows a reading once it is taken. */
export type OnDone = (row: ReadingRow) => void;

export type ReadingSlot = {
  /** What stands, and what it replaced, newest first. */
  head: ReadingRow | undefined;
  earlier: ReadingRow[];
  closed: boolean;
  /** Gives back the row as it was written down. */
  save: (input: Record<string, unknown>, entered?: Record<string, string>, why?: string) => ReadingRow;
  takeBack: (why: string) => void;
};

/** The place of one kind of reading at one corner: what is on file there, and how the next one is written down. */
export function useReading(kind: string, corner?: Corner, own?: Phase): ReadingSlot {
  const around = usePhase();
  const phase = own ?? around;
  const { sheet, read, closed } = useSettledJob();
  const at = corner ?? '';
  const head = headOf(sheet.readings, phase, (row) => row.kind === kind && row.corner === at);
  return {
    head: head?.input ? head : undefined,
    earlier: [...(head?.unreadable ? [head] : []), ...earlierOf(sheet.readings, head)],
    closed,
    save: (input, entered, why) => read({ phase, kind, corner, input, entered, why }),
    takeBack: (why) => read({ phase, kind, corner, input: null, why }),
  };
}

/** The chain a row stands at the head of, without it, newest first. */
function earlierOf(rows: readonly ReadingRow[], head: ReadingRow | undefined): ReadingRow[] {
  const found: ReadingRow[] = [];
  let id = head?.replaces ?? null;
  while (id !== null) {
    const row = rows.find((each) => each.id === id);
    if (!row) break;
    if (row.input !== null || row.unreadable) found.push(row);
    id = row.replaces;
  }
  return found;
}
