'use client';

/** How often it is looked while no stream can be had, ms. */
const LOOK_AGAIN_MS = 20_000;
/** What comes in bursts is looked at once, ms. */
const BURST_MS = 150;

/**
 * Tells when there may be something new: by the server's stream of events, and by looking now and then while that cannot be had.
 * Only while the page is in view: a browser opens few lines to one server, and a hidden page needs none. What was missed
 * meanwhile is looked for as soon as it is in view again, or the stream is back.
 * @param path of the stream
 * @param also `answers`: told each time the stream opens, the server can be reached, perhaps again; `here`: somebody came, left, went on
 * @returns ends it
 */
export function listenForChanges(
  path: string,
  changed: () => void,
  { answers, here }: { answers?: () => void; here?: () => void } = {},
): () => void {
  let stream: EventSource | undefined;
  let isLive = false;
  let burst: ReturnType<typeof setTimeout> | undefined;

  const soon = () => {
    burst ??= setTimeout(() => {
      burst = undefined;
      changed();
    }, BURST_MS);
  };
  const open = () => {
    stream = new EventSource(path);
    stream.onopen = () => {
      isLive = true;
      answers?.();
    };
    // The first one comes as soon as the server hears of everything: what was written since the page was made is looked for.
    stream.onmessage = soon;
    if (here) stream.addEventListener('here', here);
    stream.onerror = () => {
      isLive = false;
    };
  };
  const close = () => {
    stream?.close();
    stream = undefined;
    isLive = false;
  };
  const onView = () => {
    if (document.visibilityState === 'hidden') return close();
    if (!stream) open();
    soon();
  };

  if (document.visibilityState !== 'hidden') open();
  document.addEventListener('visibilitychange', onView);
  const timer = setInterval(() => {
    if (document.visibilityState === 'hidden' || isLive) return;
    // One that the server refused does not try again by itself.
    if (stream?.readyState === EventSource.CLOSED) {
      close();
      open();
    }
    soon();
  }, LOOK_AGAIN_MS);
  return () => {
    document.removeEventListener('visibilitychange', onView);
    clearInterval(timer);
    clearTimeout(burst);
    close();
  };
}
