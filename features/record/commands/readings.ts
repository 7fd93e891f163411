import type { Corner } from '@/core/car/corner';
import type { JobFields, ReadingRow } from '@/core/job/sheet';
import { headOf } from '@/core/job/standing';
import { readingLabel } from '@/core/readings/measureOf';
import type { Phase } from '@/core/readings/phase';
import { newId } from '../../shell/newId';
import type { CommandContext } from './context';

/** A reading about to be written down; it replaces the one that stands in its place. */
export type NewReading = {
  phase?: Phase;
  kind: string;
  corner?: Corner;
  input: Record<string, unknown> | null;
  entered?: Record<string, string>;
  why?: string;
};

/** Readings, and the job's own fields. */
export function readingCommands({ sheet, post, add, jobId }: CommandContext) {
  return {
    /** Writes a reading down, and gives back its row. */
    read({ phase = 'before', kind, corner, input, entered = {}, why = '' }: NewReading): ReadingRow {
      const at: Corner | '' = corner ?? '';
      const head = headOf(sheet().readings, phase, (row) => row.kind === kind && row.corner === at);
      const replaces = head?.id ?? null;
      const body = { id: newId(), phase, kind, corner: at, input, entered, replaces, why };
      post({ kind: 'reading', body, label: `${readingLabel(kind)} reading ${at}`.trim() });
      return { ...body, recordedAt: new Date().toISOString() };
    },

    /** Changes a field of the job itself. */
    changeJob<F extends keyof JobFields>(field: F, value: JobFields[F], label: string): void {
      const was = sheet().job[field];
      if (JSON.stringify(was) === JSON.stringify(value)) return;
      const body = { changes: { [field]: value }, was: { [field]: was } };
      add({ id: newId(), jobId, kind: 'job', body, label });
    },
  };
}
