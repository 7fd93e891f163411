import { PASS_HEADER } from '@/core/base/people/pass';
import type { JobSheet } from '@/core/job/sheet';
import type { Refusal } from '../shell/refusal';
import { addressOf, type Landing, type QueuedWrite } from './write';

/** What became of a write: it landed, the server takes it not, or not now. */
export type Sent =
  | { is: 'landed'; landing: Landing }
  | { is: 'refused'; refusal: Refusal }
  | { is: 'later'; why: string; afterMs?: number };

/** Answers that say nothing of the write itself: who sends must sign in, the server is busy, the request was slow. */
const LATER = new Set([401, 408, 425, 429]);

type Answer = Partial<Refusal> & { version?: number };

/** What a sender stands on. */
export type SenderGround = {
  fetch: (path: string, init: RequestInit) => Promise<Response>;
  /** The pass that a write goes by, where its author is not who is signed in. */
  passOf: (write: QueuedWrite) => string | undefined;
  /** The server takes that pass no more: what goes by it waits for its author. */
  onPassEnded: (write: QueuedWrite) => Promise<void>;
};

/**
 * Sends one write at a time. A change of a job's own fields carries the version this page last saw of it, and goes over a
 * newer one by itself where somebody changed other fields only.
 */
export function createSender({ fetch, passOf, onPassEnded }: SenderGround) {
  const versions = new Map<string, number>();

  async function post(write: QueuedWrite): Promise<Sent> {
    const { method, path } = addressOf(write);
    const pass = passOf(write);
    let response: Response;
    try {
      response = await fetch(path, {
        method,
        headers: { 'content-type': 'application/json', ...(pass ? { [PASS_HEADER]: pass } : {}) },
        body: JSON.stringify(contentOf(write)),
      });
    } catch {
      return later('The server does not answer. What you entered is kept here and sent when it does.');
    }
    const read = (await response.json().catch(() => undefined)) as Answer | undefined;
    // The line went down in the middle of the answer: whether it landed is only known by sending it again.
    if (read === undefined && response.ok) return later('The server’s answer did not arrive whole.');
    const answer = read ?? { code: 'broken', message: `The server answered ${response.status}.` };
    if (response.status === 401 && pass) await onPassEnded(write);
    if (response.status >= 500 || LATER.has(response.status))
      return later(answer.message ?? 'The server is in trouble. What you entered is kept here.', response);
    if (!response.ok) return { is: 'refused', refusal: answer as Refusal };
    if (write.kind === 'job') versions.set(write.jobId, answer.version!);
    const whole =
      write.kind === 'opening' || write.kind === 'closing' ? (answer as Partial<JobSheet>).job : undefined;
    if (whole) versions.set(write.jobId, whole.version);
    return { is: 'landed', landing: { kind: write.kind, write, row: answer } as Landing };
  }

  function contentOf(write: QueuedWrite): object {
    if (write.kind !== 'job') return write.body;
    return { ...write.body.changes, version: versions.get(write.jobId) ?? 0 };
  }

  /** Whether somebody changed the job, but not what this write changes. The page may have seen that meanwhile, too. */
  function onlyOtherFieldsChanged(
    write: QueuedWrite,
    { code, current }: Refusal,
    sentOver: number | undefined,
  ): boolean {
    const job = current as
      | (Record<string, unknown> & { version?: number; closedAt?: string | null })
      | undefined;
    if (write.kind !== 'job' || code !== 'stale' || !job?.version || job.closedAt) return false;
    if (job.version === sentOver) return false;
    const isSame = ([field, value]: [string, unknown]) =>
      JSON.stringify(job[field]) === JSON.stringify(value);
    if (!Object.entries(write.body.was).every(isSame)) return false;
    versions.set(write.jobId, job.version);
    return true;
  }

  return {
    async send(write: QueuedWrite): Promise<Sent> {
      for (;;) {
        const sentOver = versions.get(write.jobId);
        const sent = await post(write);
        if (sent.is !== 'refused' || !onlyOtherFieldsChanged(write, sent.refusal, sentOver)) return sent;
      }
    },

    /** The version of a job that this page shows. */
    sawVersion(jobId: string, version: number): void {
      versions.set(jobId, version);
    },
  };
}

/** Not now; a server that is busy may say when. */
function later(why: string, response?: Response): Sent {
  const seconds = Number(response?.headers.get('retry-after') ?? Number.NaN);
  return { is: 'later', why, ...(seconds > 0 ? { afterMs: seconds * 1000 } : {}) };
}
