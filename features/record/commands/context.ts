import type { JobSheet } from '@/core/job/sheet';
import type { NewRow } from '../../queue/write';
import type { JobStore } from '../jobStore';

/** Where commands write: the job as it stands at that moment, and what takes an entry. */
export type CommandContext = {
  sheet: () => JobSheet;
  jobId: string;
  add: JobStore['add'];
  /** Queues an entry that goes under the id of its row. */
  post: (entry: NewRow) => void;
};

export function contextOf(store: JobStore): CommandContext {
  const sheet = () => store.snapshot().sheet;
  const jobId = sheet().job.id;
  return {
    ...{ sheet, jobId, add: store.add },
    post: (entry) => store.add({ ...entry, id: entry.body.id, jobId }),
  };
}
