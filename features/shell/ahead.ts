import { keepsPages } from './reach';

type Load = () => Promise<unknown>;

/** A page is at rest when it has been there so long: before that, whoever came to it presses something, ms. */
const REST_MS = 6_000;
/** How long it is left alone between two things fetched ahead, ms: each takes a moment in which nothing else is answered. */
const PAUSE_MS = 300;

const waiting: Load[] = [];
let busy = false;

/**
 * Has something fetched that a page does not need at once, as soon as the page has come to rest: it is wanted perhaps in a place without a
 * network. A secure page has a worker that keeps the build, and needs none of this.
 */
export function ahead(load: Load): void {
  if (typeof window === 'undefined') return;
  waiting.push(load);
  if (busy) return;
  busy = true;
  if (document.readyState === 'complete') whenAtRest();
  else window.addEventListener('load', whenAtRest, { once: true });
}

function whenAtRest(): void {
  setTimeout(() => {
    if (keepsPages()) waiting.length = 0;
    whenIdle();
  }, REST_MS);
}

function whenIdle(): void {
  setTimeout(() => {
    // Some browsers do not tell when they are idle.
    if ('requestIdleCallback' in window) requestIdleCallback(() => void fetchNext());
    else void fetchNext();
  }, PAUSE_MS);
}

async function fetchNext(): Promise<void> {
  const load = waiting.shift();
  // What cannot be had now is asked for again when it is wanted.
  await load?.().catch(() => undefined);
  busy = waiting.length > 0;
  if (busy) whenIdle();
}
