'use client';

import { asSentence } from '@/core/base/sentence';
import { type Checked, refusalOf } from './checked';
import { passHeaders } from './people';
import { ask } from './reach';
import type { Refusal } from './refusal';

export type Reply<T> = { ok: true; value: T } | { ok: false; refusal: Refusal };

/** What is wrong with one field, as every form says it; nothing when nothing is. */
export function refusedField(refusal: Refusal | null, path: string): string | undefined {
  const issue = refusal?.issues?.find((each) => each.path === path);
  return issue && notTaken(issue);
}

/** What is said of a refusal as a whole, where no field of it is named. */
export function refusedAside(refusal: Refusal | null): string | undefined {
  return refusal?.issues?.length ? undefined : refusal?.message;
}

/** A value that is not taken, and what would be. */
export function notTaken({ value, accepted }: { value: string; accepted: string }): string {
  return `${asSentence(value)} is not taken: ${accepted}`;
}

/** Something a form sends: what goes beside its content (an id, the version seen), and what the content is. */
type Form = { kind: Checked; content: object; beside?: { id: string } | { version: number } };

/** Sends a form; what the server would refuse is refused here, in the same words. */
export async function requestForm<T>(
  method: 'POST' | 'PUT' | 'PATCH',
  path: string,
  { kind, content, beside }: Form,
): Promise<Reply<T>> {
  const refusal = await refusalOf(kind, content).catch(() => undefined);
  return refusal ? { ok: false, refusal } : request(method, path, { ...content, ...beside });
}

const AWAY: Refusal = {
  code: 'unavailable',
  message: 'The server does not answer. Nothing was lost; try again.',
};

/** Sends something that is not queued (a form with a button): either the answer, or why not. */
export async function request<T>(
  method: 'POST' | 'PUT' | 'PATCH',
  path: string,
  body: unknown,
): Promise<Reply<T>> {
  // Coming in is asked in nobody's name.
  const own = path.startsWith('/api/sign-in') ? {} : passHeaders();
  if (!own) return { ok: false, refusal: AWAY };
  const response = await ask(path, {
    method,
    headers: { 'content-type': 'application/json', ...own },
    body: typeof body === 'string' ? body : JSON.stringify(body),
    signal: AbortSignal.timeout(30_000),
  }).catch(() => undefined);
  const answer: unknown = await response?.json().catch(() => undefined);
  // An answer that breaks off on its way says nothing of what became of the request.
  if (!response || (response.ok && answer === undefined)) return { ok: false, refusal: AWAY };
  if (response.ok) return { ok: true, value: answer as T };
  const broken = { code: 'broken', message: `The server answered ${response.status}.` };
  return { ok: false, refusal: (answer ?? broken) as Refusal };
}
