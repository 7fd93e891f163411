import { vi } from 'vitest';
import { createOutbox, type Told } from '../../features/queue/outbox';
import { createSender } from '../../features/queue/send';
import type { Author, Entry } from '../../features/queue/write';
import { memory, onePage } from './memory';

/** What the server says to each request, in turn; 'away' is no answer at all. */
export type Said =
  | { status: number; body: Record<string, unknown>; headers?: Record<string, string> }
  | 'away'
  | 'cut off';

/** Pages of one device: what one tells, the others hear. */
export function pages() {
  const listeners: { page: number; listener: (told: Told) => void }[] = [];
  let last = 0;
  return () => {
    last += 1;
    const page = last;
    return {
      tell: (told: Told) => {
        for (const each of listeners) if (each.page !== page) each.listener(told);
      },
      listen: (listener: (told: Told) => void) => void listeners.push({ page, listener }),
    };
  };
}

/** An outbox on ground of the test's own, over timers that the test moves, and what it sent. */
export function outboxOn(
  replies: Said[] = [],
  {
    device = memory(),
    page = pages()(),
    lock = (work: () => Promise<void>) => work(),
    who = (): Author | undefined => undefined,
    /** Passes that stand open on the device, by their person. */
    open = new Map<string, string>(),
  } = {},
) {
  const sent: { path: string; body: Record<string, unknown>; pass?: string }[] = [];
  const fetch = async (path: string, init: RequestInit) => {
    const pass = new Headers(init.headers).get('bavrin-pass');
    sent.push({ path, body: JSON.parse(init.body as string), ...(pass ? { pass } : {}) });
    const reply = replies.shift() ?? { status: 200, body: { version: 9 } };
    if (reply === 'away') throw new TypeError('no network');
    if (reply === 'cut off') return new Response('{"half', { status: 200 });
    return Response.json(reply.body, { status: reply.status, headers: reply.headers });
  };
  const sender = createSender({
    fetch,
    passOf: ({ by }) => (by && by.id !== who()?.id ? open.get(by.id) : undefined),
    onPassEnded: async ({ by }) => void open.delete(by!.id),
  });
  const outbox = createOutbox({
    storage: device.storage,
    send: sender.send,
    ...onePage(),
    lock,
    others: page,
    who,
    carries: (by) => by.id === (who() ?? by).id || open.has(by.id),
  });
  return { outbox, sender, sent, device, ids: () => outbox.snapshot().writes.map(({ id }) => id) };
}

/** Lets everything that is under way finish, timers included. */
export const settle = (ms = 0) => vi.advanceTimersByTimeAsync(ms);

const JOB = 'j';

export function answerEntry(id: string, replaces: string | null = null): Entry & { kind: 'answer' } {
  const body = {
    id,
    phase: 'before',
    finding: 'pedal_spongy',
    place: '',
    state: 'yes',
    replaces,
    why: '',
  } as const;
  return { id, jobId: JOB, kind: 'answer', label: id, body };
}

export function tickEntry(id: string, workId: string): Entry & { kind: 'tick' } {
  return {
    id,
    jobId: JOB,
    kind: 'tick',
    label: id,
    workId,
    body: { id, step: 'lift', done: true, note: '', record: {} },
  };
}

export function changeEntry(
  field: 'whenWhere' | 'history',
  value: string,
  was: string,
): Entry & { kind: 'job' } {
  const body = { changes: { [field]: value }, was: { [field]: was } };
  return { id: `${field}${value}`, jobId: JOB, kind: 'job', label: field, body };
}

/** An entry as it waits. */
export const queued = <E extends Entry>(entry: E, order = 1) => ({
  ...entry,
  order,
  enteredAt: new Date(order).toISOString(),
});
