'use client';

import { useRouter } from 'next/navigation';
import { Button } from '@/ui/Button';
import { newId } from '../shell/newId';
import { outbox, sender } from './page';
import type { QueuedWrite } from './write';

/** One entry the server did not take: why, both versions, and the two ways on. */
export function RefusedWrite({ write }: { write: QueuedWrite }) {
  const router = useRouter();
  const { refusal } = write;
  if (!refusal) return null;
  const stale = refusal.code === 'stale';
  const takeTheirs = () => {
    outbox.drop(write.id);
    router.refresh();
  };
  return (
    <li className="py-3">
      <p>
        <b>{write.label}</b>
      </p>
      <p>{refusal.message}</p>
      {refusal.issues?.map((issue) => (
        <p key={issue.path} className="text-stop">
          {issue.path} is {issue.value}: {issue.accepted}
        </p>
      ))}
      {stale && <p className="text-soft">On file: {whatStands(write)}</p>}
      <div className="mt-2 flex flex-wrap gap-2">
        {stale && canKeep(write) && (
          <Button look="primary" onClick={() => outbox.retry(write.id, overWhatStands)}>
            Record mine over it
          </Button>
        )}
        <Button onClick={takeTheirs}>{stale ? 'Keep what is on file' : 'Drop this entry'}</Button>
      </div>
    </li>
  );
}

const TAKEN_BACK = 'the answer was taken back';

function whatStands(write: QueuedWrite): string {
  const row = write.refusal?.current as Record<string, unknown> | null | undefined;
  if (row === null || row === undefined) return TAKEN_BACK;
  if (write.kind === 'closing') return 'the job, changed since: look at it, and close it again';
  if (write.kind === 'answer')
    return row.state === null ? TAKEN_BACK : String(row.state).replaceAll('_', ' ');
  if (write.kind === 'job')
    return Object.keys(write.body.changes)
      .map((field) => JSON.stringify(row[field]))
      .join(', ');
  return JSON.stringify(row.input ?? row).slice(0, 200);
}

function canKeep(write: QueuedWrite): boolean {
  const current = write.refusal?.current as { closedAt?: string | null } | null;
  return ['answer', 'reading', 'job'].includes(write.kind) && !current?.closedAt;
}

/** Mine as a correction of what stands: a new row that replaces it, or my text over the newer version. */
function overWhatStands(write: QueuedWrite): QueuedWrite {
  const current = write.refusal?.current as { id?: string; version?: number } | null;
  const id = newId();
  const over = { id, replaces: current?.id ?? null, why: 'Two people answered; this one stands' };
  switch (write.kind) {
    case 'answer':
      return { ...write, id, body: { ...write.body, ...over } };
    case 'reading':
      return { ...write, id, body: { ...write.body, ...over } };
    default:
      if (write.kind === 'job') sender.sawVersion(write.jobId, current?.version ?? 0);
      return write;
  }
}
