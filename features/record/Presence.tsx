'use client';

import { createContext, type ReactNode, useContext, useEffect, useRef, useState } from 'react';
import type { Stage } from '@/core/job/stages';
import type { Other } from '@/server/live/presence';
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
  const question = useRef('');
  useEffect(() => {
    const path = `/api/jobs/${jobId}/here`;
    let ended = false;
    let burst: ReturnType<typeof setTimeout> | undefined;
    const say = async () => {
      burst = undefined;
      if (document.visibilityState === 'hidden') return;
      const where = { page, stage, question: question.current };
      const reply = await request<{ others: Other[] }>('POST', path, where);
      if (!ended) setOthers(reply.ok ? reply.value.others : []);
    };
    const soon = () => {
      burst ??= setTimeout(() => void say(), BURST_MS);
    };
    const onFocus = () => {
      const at = document.activeElement?.closest(QUESTION)?.getAttribute('aria-label') ?? '';
      if (at === question.current) return;
      question.current = at.slice(0, 160);
      soon();
    };
    const onLeave = () => leave(path, page, stage);
    const onView = () => (document.visibilityState === 'hidden' ? onLeave() : soon());
    soon();
    const timer = setInterval(soon, STILL_MS);
    const off = hereNews.listen(jobId, soon);
    document.addEventListener('focusin', onFocus);
    document.addEventListener('visibilitychange', onView);
    window.addEventListener('pagehide', onLeave);
    return () => {
      ended = true;
      clearInterval(timer);
      clearTimeout(burst);
      off();
      document.removeEventListener('focusin', onFocus);
      document.removeEventListener('visibilitychange', onView);
      window.removeEventListener('pagehide', onLeave);
      onLeave();
    };
  }, [jobId, stage, page]);
  return <Context value={others}>{children}</Context>;
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
