'use client';

import { device } from '../shell/device';
import { passes } from '../shell/people';
import { ask } from '../shell/reach';
import { forgetKept } from '../shell/useKept';
import { figuresName } from '../shell/useKeptFigures';
import { earlier } from './earlier';
import { createLanded } from './landed';
import { createOutbox, type OutboxGround, type Told } from './outbox';
import { createSender } from './send';
import { createStorage } from './storage';
import { isOthers } from './waiting';
import type { Author, QueuedWrite } from './write';

/** Nobody waits longer for one answer, ms. */
const ANSWER_MS = 25_000;

/** Sends for this page, and knows the version of each job that it shows. */
export const sender = createSender({
  fetch: (path, init) => ask(path, { ...init, signal: AbortSignal.timeout(ANSWER_MS) }),
  passOf: ({ by }) => (by && by.id !== people?.signedIn.id ? passes.tokenOf(by.id) : undefined),
  onPassEnded: async ({ by }) => by && passes.forget(by.id).catch(() => undefined),
});

export const landed = createLanded(device, Date.now);

/** Whom the server knows here, and who is at the car: another one, where they took over without a network. */
let people: { signedIn: Author; atCar: Author } | undefined;

/** Whether what somebody entered can go from here: theirs who is signed in, or who left their pass open. */
const carries = (by: Author) =>
  people === undefined || by.id === people.signedIn.id || passes.tokenOf(by.id) !== undefined;

/** Whether a write waits for its author to come back. */
export const waitsForAuthor = (write: QueuedWrite) => isOthers(write, carries);

/** The outbox of this page. */
export const outbox = createOutbox({
  storage: earlier(createStorage('bavrin', device.foundUnread), device),
  send: sender.send,
  clock: {
    now: Date.now,
    after(ms, work) {
      const timer = setTimeout(work, ms);
      return () => clearTimeout(timer);
    },
  },
  // Ids make a double send harmless where the browser has no locks: a plain address on the shop's network.
  lock: (work) => (globalThis.navigator?.locks ? navigator.locks.request('bavrin-outbox', work) : work()),
  others: otherPages(),
  who: () => people?.atCar,
  carries,
});

function otherPages(): OutboxGround['others'] {
  const channel = typeof window === 'undefined' ? undefined : new BroadcastChannel('bavrin-outbox');
  return {
    tell: (told) => channel?.postMessage(told),
    listen: (listener) =>
      channel?.addEventListener('message', (event: MessageEvent<Told>) => listener(event.data)),
  };
}

let started = false;

/** Starts sending what an earlier page left behind, and keeps an ear open for the network; later it is told who is there now. */
export function startOutbox(who: { signedIn: Author; atCar: Author }): void {
  people = who;
  if (started) {
    outbox.wake();
    return;
  }
  started = true;
  outbox.onNews((news) => {
    if (!('landing' in news)) return;
    const { kind, jobId } = news.landing.write;
    landed.note(jobId);
    // What was typed to close it stays for as long as it may be refused.
    if (kind === 'closing')
      forgetKept(
        `withdraw.${jobId}`,
        `nobody-says.${jobId}`,
        ...[`closing.${jobId}`, `new-fill.${jobId}`].map(figuresName),
      );
  });
  // Whether there is a network is only a hint that trying is worth it: a server on this very machine answers without one.
  window.addEventListener('online', outbox.wake);
  passes.subscribe(outbox.wake);
  // Passes that cannot be read keep nobody's own entries waiting.
  void passes.load().catch(outbox.wake);
}
