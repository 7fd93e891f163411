'use client';

import { useEffect, useSyncExternalStore } from 'react';
import { useRefresh } from '../shell/useRefresh';
import { outbox } from './page';
import type { QueuedWrite } from './write';

type FormWrite = Extract<QueuedWrite, { kind: 'form' }>;

/** Forms that wait on this device, by where they go; the page is made anew when one has landed. */
export function useKeptForms(under: string): FormWrite[] {
  const refreshPage = useRefresh();
  const { writes } = useSyncExternalStore(outbox.subscribe, outbox.snapshot, outbox.serverSnapshot);
  useEffect(
    () =>
      outbox.onNews((news) => {
        if ('landing' in news && isUnder(news.landing.write, under)) refreshPage();
      }),
    [refreshPage, under],
  );
  return writes.filter((write): write is FormWrite => isUnder(write, under));
}

function isUnder(write: QueuedWrite, under: string): boolean {
  return write.kind === 'form' && (write.path === under || write.path.startsWith(`${under}/`));
}

/** What was entered here and waits to be sent, in the place where it will stand. */
export function KeptForms({ under }: { under: string }) {
  const kept = useKeptForms(under);
  if (kept.length === 0) return null;
  return (
    <ul aria-label="Not sent yet">
      {kept.map(({ id, label }) => (
        <li key={id} className="flex items-center gap-3 border-b border-rule py-2">
          <span className="size-2.5 shrink-0 bg-straw" aria-hidden="true" />
          <span className="min-w-0 flex-1">{label}</span>
          <span className="text-small text-soft">not sent yet</span>
        </li>
      ))}
    </ul>
  );
}
