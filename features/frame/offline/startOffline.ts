'use client';

import type { Asking } from '@/workers/offline/keep';
import { outbox } from '../../queue/page';
import { device } from '../../shell/device';
import { KEPT_AT, keepFor, keptFor } from './forgetPages';

/** A device fetches all it keeps not more often than this, ms. */
const EVERY_MS = 5 * 60_000;
/** What landed is fetched anew after a pause in the entries, ms. */
const LANDED_MS = 4_000;
/** The page itself comes first, ms. */
const FIRST_MS = 3_000;

let started = false;

/**
 * Lets this device work without a network: a service worker before every page, and in it the pages of what is in the bay. Where the
 * browser has none (a plain address on the shop's network), everything else goes on as it is.
 * @param personId whose pages they are: each says who is signed in, and another's are not shown to whoever comes next
 */
export function startOffline(personId: string): void {
  if (started || typeof navigator === 'undefined' || !navigator.serviceWorker || !window.isSecureContext)
    return;
  started = true;
  void begin(personId).catch(() => undefined);
}

async function begin(personId: string): Promise<void> {
  const whose = await keepFor(personId);
  const registration = await navigator.serviceWorker.register('/offline.js', { scope: '/' });
  await navigator.serviceWorker.ready;
  const keep = async (query: string) => {
    const response = await fetch(`/api/offline${query}`);
    if (!response.ok) return false;
    return ask(registration, { keep: await response.json(), whole: query === '', whose });
  };
  setTimeout(() => {
    const at = Number(device.read(KEPT_AT) ?? 0);
    if (Date.now() - at < EVERY_MS) return;
    void keep('')
      .then((kept) => {
        if (kept && keptFor() === whose) device.cache(KEPT_AT, String(Date.now()));
      })
      .catch(() => undefined);
  }, FIRST_MS);
  const waiting = new Map<string, ReturnType<typeof setTimeout>>();
  outbox.onNews((news) => {
    if (!('landing' in news)) return;
    const { jobId } = news.landing.write;
    if (jobId === '') return;
    clearTimeout(waiting.get(jobId));
    waiting.set(
      jobId,
      setTimeout(() => void keep(`?job=${jobId}`).catch(() => undefined), LANDED_MS),
    );
  });
}

/** Asks the worker to keep pages. @returns whether it has them all */
function ask({ active }: ServiceWorkerRegistration, asking: Asking): Promise<boolean> {
  return new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = ({ data }: MessageEvent<{ kept: boolean }>) => resolve(data.kept);
    active?.postMessage(asking, [port2]);
  });
}
