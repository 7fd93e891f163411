import type { QueuedWrite } from './write';

/** What stands on the server in place of a write that it did not take. */
type Standing = { id?: string; version?: number; closedAt?: string | null } | null | undefined;

export const standingOf = ({ refusal }: QueuedWrite) => refusal?.current as Standing;

/** Whether a refused write can still be recorded over what somebody else wrote meanwhile. */
export function canKeep(write: QueuedWrite): boolean {
  return ['answer', 'reading', 'job'].includes(write.kind) && !standingOf(write)?.closedAt;
}

/**
 * A refused write as a correction of what stands: a new row that replaces it. A change of the job's own fields stays as it is, and goes
 * over the version that stands.
 */
export function overWhatStands(write: QueuedWrite, id: string): QueuedWrite {
  const over = { id, replaces: standingOf(write)?.id ?? null, why: 'Two people answered; this one stands' };
  if (write.kind === 'answer') return { ...write, id, body: { ...write.body, ...over } };
  if (write.kind === 'reading') return { ...write, id, body: { ...write.body, ...over } };
  return write;
}
