import { type Checked, refusalOf } from '../shell/checked';
import type { Refusal } from '../shell/refusal';
import { request } from '../shell/request';
import { outbox } from './page';
import { buildsOn, type Entry, type QueuedWrite } from './write';

/** A form that adds something under an id of its own, as its page has it. */
export type AddingForm = {
  path: string;
  id: string;
  /** What the content is held against before it is sent, where there is a schema of it. */
  kind?: Checked;
  content: Record<string, unknown>;
  /** What it is, for the person ("Fill: DOT 4, 27 Nov"): asked for once the content can be right. */
  label: () => string;
  jobId?: string;
  workId?: string;
};

export type SentForm = { ok: true; kept: boolean } | { ok: false; refusal: Refusal };

/**
 * Sends a form that adds something. Where the server cannot be asked, or what it builds on waits itself, it waits on this device like any
 * other entry.
 */
export async function sendForm({
  path,
  id,
  kind,
  content,
  label,
  jobId = '',
  workId,
}: AddingForm): Promise<SentForm> {
  const refusal = kind && (await refusalOf(kind, content).catch(() => undefined));
  if (refusal) return { ok: false, refusal };
  const body = { ...content, id };
  const entry: Entry = { id, jobId, kind: 'form', label: label(), path, body, ...(workId ? { workId } : {}) };
  if (!waitsBehind(entry)) {
    const reply = await request('POST', path, body);
    if (reply.ok) return { ok: true, kept: false };
    if (reply.refusal.code !== 'unavailable') return reply;
  }
  outbox.add(entry);
  return { ok: true, kept: true };
}

/** Whether something waits that an entry builds on: it goes in its turn. */
export function waitsBehind(entry: Entry): boolean {
  const last = { ...entry, order: Number.POSITIVE_INFINITY, enteredAt: '' } as QueuedWrite;
  return outbox.snapshot().writes.some((write) => buildsOn(last, write));
}
