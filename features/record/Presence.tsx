'use client';

import { createContext, type ReactNode, useContext, useEffect, useState } from 'react';
import type { Stage } from '@/core/job/stage';
import type { Other } from '@/server/live/presence';
import { inBursts } from '../shell/inBursts';
import { newId } from '../shell/newId';
import { request } from '../shell/request';
import { hereNews } from './hereNews';

/** How often a page says that it is still there, ms. */
const STILL_MS = 20_000;
/** What changes in a burst is said once, ms. */
const BURST_MS = 250;
const QUESTION =
  'main :is([role="radiogroup"][aria-label], [role="toolbar"][aria-label], section[aria-label])';

const Context = createContext<readonly Other[]>([]);

/** Who else has this job open, while they have. */
export function useOthers(): readonly Other[] {
  return useContext(Context);
}

/** Says where this page is in the job, and hears who else is where. Without a network nobody else is known of. */
export function PresenceProvider({
  jobId,
  stage,
  children,
}: {
  jobId: string;
  stage: Stage;
  children: ReactNode;
}) {
  const [others, setOthers] = useState<readonly Other[]>([]);
  const [page] = useState(newId);
  useEffect(() => {
    // Every question of a page looks at these: the same again is no news.
    const hear = (now: readonly Other[]) =>
      setOthers((known) => (JSON.stringify(known) === JSON.stringify(now) ? known : now));
    return beHere({ jobId, stage, page }, hear);
  }, [jobId, stage, page]);
  return <Context value={others}>{children}</Context>;
}

type Where = { jobId: string; stage: Stage; page: string };

/** Says where a page is, at once and whenever that changes, and gives on what it hears of others. @returns says that it left */
function beHere({ jobId, stage, page }: Where, hear: (others: readonly Other[]) => void): () => void {
  const path = `/api/jobs/${jobId}/here`;
  const ending = new AbortController();
  const { signal } = ending;
  let question = '';
  const say = async () => {
    if (document.visibilityState === 'hidden') return;
    const reply = await request<{ others: Other[] }>('POST', path, { page, stage, question });
    if (!signal.aborted) hear(reply.ok ? reply.value.others : []);
  };
  const { soon, callOff } = inBursts(() => void say(), BURST_MS);
  const onFocus = () => {
    const at = questionInFocus();
    if (at === question) return;
    question = at;
    soon();
  };
  const onLeave = () => leave(path, page, stage);
  const onView = () => (document.visibilityState === 'hidden' ? onLeave() : soon());
  soon();
  const timer = setInterval(soon, STILL_MS);
  const off = hereNews.listen(jobId, soon);
  document.addEventListener('focusin', onFocus, { signal });
  document.addEventListener('visibilitychange', onView, { signal });
  window.addEventListener('pagehide', onLeave, { signal });
  return () => {
    ending.abort();
    clearInterval(timer);
    callOff();
    off();
    onLeave();
  };
}

function questionInFocus(): string {
  const label = document.activeElement?.closest(QUESTION)?.getAttribute('aria-label') ?? '';
  return label.slice(0, 160);
}

/** The last word of a page may go out while it closes. */
function leave(path: string, page: string, stage: Stage): void {
  void fetch(path, {
    method: 'POST',
    keepalive: true,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ page, stage, question: '', gone: true }),
  }).catch(() => undefined);
}
