'use client';

import { inBursts } from './inBursts';

/** How often it is looked while no stream can be had, ms. */
const LOOK_AGAIN_MS = 20_000;
/** What comes in bursts is looked at once, ms. */
const BURST_MS = 150;

/** What a stream tells of: that something changed, that it opened, that somebody came, left or went on. */
type Hears = { changed: () => void; answers?: () => void; here?: () => void };

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
  also: Omit<Hears, 'changed'> = {},
): () => void {
  const { soon, callOff } = inBursts(changed, BURST_MS);
  const stream = streamOf(path, { changed: soon, ...also });
  const isHidden = () => document.visibilityState === 'hidden';
  const onView = () => {
    if (isHidden()) return stream.close();
    stream.open();
    soon();
  };
  if (!isHidden()) stream.open();
  document.addEventListener('visibilitychange', onView);
  const timer = setInterval(() => {
    if (isHidden() || stream.isLive()) return;
    stream.openAnew();
    soon();
  }, LOOK_AGAIN_MS);
  return () => {
    document.removeEventListener('visibilitychange', onView);
    clearInterval(timer);
    callOff();
    stream.close();
  };
}

/** The server's stream of events, open or not. */
function streamOf(path: string, { changed, answers, here }: Hears) {
  let stream: EventSource | undefined;
  let isLive = false;
  const open = () => {
    if (stream) return;
    stream = new EventSource(path);
    stream.onopen = () => {
      isLive = true;
      answers?.();
    };
    // The first one comes as soon as the server hears of everything: what was written since the page was made is looked for.
    stream.onmessage = changed;
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
  return {
    ...{ open, close, isLive: () => isLive },
    /** One that the server refused does not try again by itself. */
    openAnew() {
      if (stream?.readyState !== EventSource.CLOSED) return;
      close();
      open();
    },
  };
}
