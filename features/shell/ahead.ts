type Load = () => Promise<unknown>;

/** How long a page is left alone between two things fetched ahead, where the browser does not say when it is idle, ms. */
const PAUSE_MS = 200;

const waiting: Load[] = [];
let busy = false;

/**
 * Has something fetched that a page does not need at once, as soon as the page has come to rest: it is wanted perhaps in a place without a
 * network, where only a secure page has a worker that keeps the build.
 */
export function ahead(load: Load): void {
  if (typeof window === 'undefined') return;
  waiting.push(load);
  if (busy) return;
  busy = true;
  if (document.readyState === 'complete') whenIdle();
  else window.addEventListener('load', whenIdle, { once: true });
}

function whenIdle(): void {
  // Some browsers do not tell.
  if ('requestIdleCallback' in window) requestIdleCallback(() => void fetchNext());
  else setTimeout(() => void fetchNext(), PAUSE_MS);
}

async function fetchNext(): Promise<void> {
  const load = waiting.shift();
  // What cannot be had now is asked for again when it is wanted.
  await load?.().catch(() => undefined);
  busy = waiting.length > 0;
  if (busy) whenIdle();
}
