'use client';

import { useRouter } from 'next/navigation';
import { Button } from '@/ui/Button';
import { newId } from './newId';
import { outbox, type Parcel } from './outbox';

/** One entry the server did not take: why, both versions, and the two ways on. */
export function RefusedParcel({ parcel }: { parcel: Parcel }) {
  const router = useRouter();
  const { refusal } = parcel;
  if (!refusal) return null;
  const stale = refusal.code === 'stale';
  const keepMine = () => outbox.retry(parcel.id, overWhatStands(parcel));
  const takeTheirs = () => {
    outbox.drop(parcel.id);
    router.refresh();
    window.dispatchEvent(new Event('bavrin-refresh'));
  };
  return (
    <li className="py-3">
      <p>
        <b>{parcel.label}</b>
      </p>
      <p>{refusal.message}</p>
      {refusal.issues?.map((issue) => (
        <p key={issue.path} className="text-stop">
          {issue.path} is {issue.value}: {issue.accepted}
        </p>
      ))}
      {stale && <p className="text-soft">On file: {whatStands(refusal.current, parcel)}</p>}
      <div className="mt-2 flex flex-wrap gap-2">
        {stale && canKeep(parcel) && (
          <Button look="primary" onClick={keepMine}>
            Record mine over it
          </Button>
        )}
        <Button onClick={takeTheirs}>{stale ? 'Keep what is on file' : 'Drop this entry'}</Button>
      </div>
    </li>
  );
}

function whatStands(current: unknown, parcel: Parcel): string {
  if (current === null || current === undefined) return 'the answer was taken back';
  const row = current as Record<string, unknown>;
  if (parcel.kind === 'answer')
    return row.state === null ? 'the answer was taken back' : String(row.state).replaceAll('_', ' ');
  if (parcel.kind === 'job') {
    return Object.keys(parcel.body.changes as object)
      .map((field) => JSON.stringify(row[field]))
      .join(', ');
  }
  return JSON.stringify(row.input ?? row).slice(0, 200);
}

function canKeep(parcel: Parcel): boolean {
  const current = parcel.refusal?.current as { closedAt?: string | null } | null;
  return ['answer', 'reading', 'job'].includes(parcel.kind) && !current?.closedAt;
}

/** Mine as a correction of what stands: a new row that replaces it, or my text over the newer version. */
function overWhatStands(parcel: Parcel): Partial<Parcel> {
  const current = parcel.refusal?.current as { id?: string; version?: number } | null;
  if (parcel.kind === 'job') {
    outbox.sawVersion(parcel.jobId, current?.version ?? 0);
    return {};
  }
  return {
    body: {
      ...parcel.body,
      id: newId(),
      replaces: current?.id ?? null,
      why: 'Two people answered; this one stands',
    },
  };
}
