'use client';

import { Button } from '@/ui/Button';
import { newId } from '../shell/newId';
import { useRefresh } from '../shell/useRefresh';
import { canKeep, overWhatStands, standingOf } from './conflict';
import { outbox, sender } from './page';
import type { QueuedWrite } from './write';

/** One entry the server did not take: why, both versions, and the two ways on. */
export function RefusedWrite({ write }: { write: QueuedWrite }) {
  const refreshPage = useRefresh();
  const { refusal } = write;
  if (!refusal) return null;
  const stale = refusal.code === 'stale';
  const takeTheirs = () => {
    outbox.drop(write.id);
    refreshPage();
  };
  const keepMine = () => {
    if (write.kind === 'job') sender.sawVersion(write.jobId, standingOf(write)?.version ?? 0);
    outbox.retry(write.id, (each) => overWhatStands(each, newId()));
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
          <Button look="primary" onClick={keepMine}>
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
