import type { Closing } from '@/core/job/closingSchema';
import type { JobSheet } from '@/core/job/sheet';
import { outbox } from '../queue/page';
import { refusalOf } from '../shell/checked';
import { newId } from '../shell/newId';
import type { Refusal } from '../shell/refusal';
import { request } from '../shell/request';

/** What became of a closing: the record as it stands, or that it waits in its turn; or why not. */
export type Closed = { sheet?: JobSheet } | { refusal: Refusal };

/**
 * Closes a job. Without a network, or behind what waits for one, it waits on this device: for as long as it may be refused what was typed
 * stays, and is let go of when it has landed (`queue/page.ts`).
 * @param content as the form has it; held against the server's own schema first, where that can be had
 */
export async function closeJob({ job, car }: JobSheet, content: object): Promise<Closed> {
  const waiting = outbox.snapshot().writes.filter(({ jobId }) => jobId === job.id);
  if (waiting.some((write) => write.refusal))
    return {
      refusal: {
        code: 'waiting',
        message: 'The server did not take some entries of this job. Decide on them first.',
      },
    };
  const refusal = await refusalOf('closing', content).catch(() => undefined);
  if (refusal) return { refusal };
  const closing = content as Closing;
  if (waiting.length === 0) {
    const path = `/api/jobs/${job.id}/close`;
    const reply = await request<JobSheet>('POST', path, { ...closing, version: job.version });
    if (reply.ok) return { sheet: reply.value };
    if (reply.refusal.code !== 'unavailable') return { refusal: reply.refusal };
  }
  // Each change of the job's own fields that waits makes a version of its own before this.
  const version = job.version + waiting.filter(({ kind }) => kind === 'job').length;
  const label = `Closing: ${job.complaint || car.name}`;
  outbox.add({ id: newId(), jobId: job.id, kind: 'closing', label, body: { ...closing, version } });
  return {};
}
