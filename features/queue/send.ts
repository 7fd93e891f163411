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
    const pass = passOf(write);
    const reply = await ask(fetch, write, { version: versions.get(write.jobId), pass });
    if ('is' in reply) return reply;
    const { response, answer } = reply;
    if (response.status === 401 && pass) await onPassEnded(write);
    if (response.status >= 500 || LATER.has(response.status))
      return later(answer.message ?? 'The server is in trouble. What you entered is kept here.', response);
    if (!response.ok) return { is: 'refused', refusal: answer as Refusal };
    const version = versionIn(write, answer);
    if (version !== undefined) versions.set(write.jobId, version);
    return { is: 'landed', landing: { kind: write.kind, write, row: answer } as Landing };
  }

  return {
    async send(write: QueuedWrite): Promise<Sent> {
      for (;;) {
        const sentOver = versions.get(write.jobId);
        const sent = await post(write);
        const now = sent.is === 'refused' ? versionBesides(write, sent.refusal) : undefined;
        if (now === undefined || now === sentOver) return sent;
        versions.set(write.jobId, now);
      }
    },

    /** The version of a job that this page shows. */
    sawVersion(jobId: string, version: number): void {
      versions.set(jobId, version);
    },
  };
}

type Asked = { version: number | undefined; pass: string | undefined };

/** Puts one write to the server, and reads what it says of it. */
async function ask(
  fetch: SenderGround['fetch'],
  write: QueuedWrite,
  { version, pass }: Asked,
): Promise<{ response: Response; answer: Answer } | Sent> {
  const { method, path } = addressOf(write);
  const headers = { 'content-type': 'application/json', ...(pass ? { [PASS_HEADER]: pass } : {}) };
  const body = JSON.stringify(contentOf(write, version));
  const response = await fetch(path, { method, headers, body }).catch(() => undefined);
  if (!response)
    return later('The server does not answer. What you entered is kept here and sent when it does.');
  const read = (await response.json().catch(() => undefined)) as Answer | undefined;
  // The line went down in the middle of the answer: whether it landed is only known by sending it again.
  if (read === undefined && response.ok) return later('The server’s answer did not arrive whole.');
  return { response, answer: read ?? { code: 'broken', message: `The server answered ${response.status}.` } };
}

function contentOf(write: QueuedWrite, version = 0): object {
  return write.kind === 'job' ? { ...write.body.changes, version } : write.body;
}

/** The version of the job that an answer brings, where it brings one. */
function versionIn({ kind }: QueuedWrite, answer: Answer): number | undefined {
  if (kind === 'job') return answer.version;
  return kind === 'opening' || kind === 'closing' ? (answer as Partial<JobSheet>).job?.version : undefined;
}

/** The version somebody changed the job to, where that left alone what this write changes. */
function versionBesides(write: QueuedWrite, { code, current }: Refusal): number | undefined {
  const job = current as
    | (Record<string, unknown> & { version?: number; closedAt?: string | null })
    | undefined;
  if (write.kind !== 'job' || code !== 'stale' || !job?.version || job.closedAt) return undefined;
  const isSame = ([field, value]: [string, unknown]) => JSON.stringify(job[field]) === JSON.stringify(value);
  return Object.entries(write.body.was).every(isSame) ? job.version : undefined;
}

/** Not now; a server that is busy may say when. */
function later(why: string, response?: Response): Sent {
  const seconds = Number(response?.headers.get('retry-after') ?? Number.NaN);
  return { is: 'later', why, ...(seconds > 0 ? { afterMs: seconds * 1000 } : {}) };
}
