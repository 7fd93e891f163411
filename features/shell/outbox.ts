import { device } from './device';

/**
 * What was entered and has not reached the server yet, kept on this device until it has. Parcels go one after another,
 * in the order they were made; a parcel the server refuses stays, with its reason, until the person decides.
 */
export type Parcel = {
  id: string;
  kind:
    | 'answer'
    | 'reading'
    | 'job'
    | 'verdict'
    | 'work'
    | 'tick'
    | 'proof'
    | 'proof_drive'
    | 'drive_back'
    | 'trial';
  jobId: string;
  method: 'POST' | 'PATCH';
  path: string;
  body: Record<string, unknown>;
  /** What it is, for the person: "Bearing play FR: excess". */
  label: string;
  /** The work a tick belongs to, or the drive that is back; the address already says so to the server. */
  workId?: string;
  driveId?: string;
  /** The plan of a new work as it was shown; the server makes its own. */
  plan?: unknown;
  /** Of a work in a visit: how each of its works is run. */
  inVisit?: unknown;
  refusal?: Refusal;
};

export type Refusal = {
  code: string;
  message: string;
  issues?: { path: string; value: string; accepted: string }[];
  current?: unknown;
};

export type OutboxState = { parcels: readonly Parcel[]; trouble: string | null };

type Delivery = (parcel: Parcel, answer: unknown) => void;

/** What the outbox stands on; a browser has all of it. */
export type OutboxGround = {
  storage: Pick<typeof device, 'read' | 'write' | 'remove' | 'setAside'>;
  /** Sends, and gives the answer up after a while. */
  fetch: (path: string, init: RequestInit) => Promise<Response>;
  /** Runs while no other tab does. */
  alone: (work: () => Promise<void>) => Promise<void>;
  now: () => number;
};

const KEY = 'bavrin.outbox';
const RETRY_MS = [800, 2000, 5000, 10_000, 20_000];
const EMPTY: OutboxState = { parcels: [], trouble: null };

/** When something of a job last landed, on this device: a page loaded just before it knows nothing of it. */
const LANDED = 'bavrin.landed';
const JUST_NOW_MS = 20_000;

/** Answers that say nothing of the parcel itself: who sends must sign in, the server is busy, the request was slow. */
const LATER = new Set([401, 408, 425, 429]);

export function createOutbox(ground: OutboxGround) {
  const { storage } = ground;
  let state: OutboxState = EMPTY;
  let sending = false;
  let again = false;
  let failures = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const watchers = new Set<() => void>();
  const deliveries = new Set<Delivery>();
  /** Parcels this page holds because the device would not keep them, and those it would not let go. */
  const own = new Map<string, Parcel>();
  const gone = new Set<string>();
  /** The version of each job as this page last saw it; a change of a job's own fields carries it. */
  const seenVersions = new Map<string, number>();

  function stored(): Parcel[] {
    const text = storage.read(KEY);
    if (text === null) return [];
    try {
      const list: unknown = JSON.parse(text);
      if (Array.isArray(list) && list.every(isParcel)) return list;
      // Of a list with rubbish in it, what can be read is still sent.
      storage.setAside(KEY);
      const readable = Array.isArray(list) ? list.filter(isParcel) : [];
      if (readable.length > 0) storage.write(KEY, JSON.stringify(readable));
      return readable;
    } catch {
      storage.setAside(KEY);
      return [];
    }
  }

  /** Everything waiting, other tabs' parcels too. */
  function load(): Parcel[] {
    const kept = stored();
    const known = new Set(kept.map((parcel) => parcel.id));
    return [
      ...kept.map((parcel) => own.get(parcel.id) ?? parcel),
      ...[...own.values()].filter((parcel) => !known.has(parcel.id)),
    ].filter((parcel) => !gone.has(parcel.id));
  }

  function change(change: (parcels: Parcel[]) => Parcel[], trouble: string | null = state.trouble): void {
    const before = load();
    const parcels = change(before);
    const left = new Set(parcels.map((parcel) => parcel.id));
    const kept = parcels.length === 0 ? storage.remove(KEY) : storage.write(KEY, JSON.stringify(parcels));
    if (kept) {
      own.clear();
      gone.clear();
    } else {
      for (const parcel of before) if (!left.has(parcel.id)) gone.add(parcel.id);
      for (const id of [...own.keys()]) if (!left.has(id)) own.delete(id);
      for (const parcel of parcels) own.set(parcel.id, parcel);
    }
    show({ parcels, trouble });
  }

  function show(next: OutboxState): void {
    state = next;
    for (const watcher of watchers) watcher();
  }

  async function flush(): Promise<void> {
    // What was added while the last look found nothing left is looked for once more.
    again = sending;
    if (sending) return;
    sending = true;
    clearTimeout(timer);
    try {
      await ground.alone(sendAll);
    } finally {
      sending = false;
    }
    if (again) await flush();
  }

  async function sendAll(): Promise<void> {
    for (;;) {
      const parcel = load().find((each) => !each.refusal);
      if (!parcel) break;
      const outcome = await send(parcel);
      if (outcome.away) {
        failures += 1;
        show({ parcels: load(), trouble: outcome.away });
        timer = setTimeout(() => void flush(), RETRY_MS[Math.min(failures, RETRY_MS.length) - 1]);
        return;
      }
      failures = 0;
      const { refusal } = outcome;
      if (refusal) {
        if (parcel.kind === 'job' && onlyOtherFieldsChanged(parcel, refusal)) continue;
        change((all) => all.map((each) => (each.id === parcel.id ? { ...each, refusal } : each)), null);
      } else {
        storage.write(LANDED, JSON.stringify({ [parcel.jobId]: ground.now() }));
        for (const delivery of deliveries) delivery(parcel, outcome.answer);
        change((all) => all.filter((each) => each.id !== parcel.id), null);
      }
    }
    show({ parcels: load(), trouble: null });
  }

  async function send(parcel: Parcel): Promise<Sent> {
    const body =
      parcel.kind === 'job'
        ? { ...(parcel.body.changes as object), version: seenVersions.get(parcel.jobId) ?? 0 }
        : parcel.body;
    let response: Response;
    try {
      response = await ground.fetch(parcel.path, {
        method: parcel.method,
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
      });
    } catch {
      return { away: 'The server does not answer. What you entered is kept here and sent when it does.' };
    }
    const read = await response.json().catch(() => undefined);
    // The line went down in the middle of the answer: whether it landed is only known by sending it again.
    if (read === undefined && response.ok) return { away: 'The server’s answer did not arrive whole.' };
    const answer = (read ?? {
      code: 'broken',
      message: `The server answered ${response.status}.`,
    }) as Refusal & Record<string, unknown>;
    if (response.status >= 500 || LATER.has(response.status))
      return { away: answer.message ?? 'The server is in trouble. What you entered is kept here.' };
    if (!response.ok) return { refusal: answer };
    if (parcel.kind === 'job') seenVersions.set(parcel.jobId, answer.version as number);
    return { answer };
  }

  /** Somebody changed the job, but not what this parcel changes: it goes again over the new version. */
  function onlyOtherFieldsChanged(parcel: Parcel, refusal: Refusal): boolean {
    const current = refusal.current as
      | (Record<string, unknown> & { version?: number; closedAt?: string | null })
      | undefined;
    const was = parcel.body.was as Record<string, unknown>;
    if (refusal.code !== 'stale' || !current?.version || current.closedAt) return false;
    if (current.version === seenVersions.get(parcel.jobId)) return false;
    const untouched = Object.entries(was).every(
      ([field, value]) => JSON.stringify(current[field]) === JSON.stringify(value),
    );
    if (untouched) seenVersions.set(parcel.jobId, current.version);
    return untouched;
  }

  function landings(): Record<string, number> {
    try {
      return (JSON.parse(storage.read(LANDED) ?? '{}') ?? {}) as Record<string, number>;
    } catch {
      return {};
    }
  }

  return {
    subscribe(watcher: () => void): () => void {
      watchers.add(watcher);
      return () => watchers.delete(watcher);
    },
    snapshot: (): OutboxState => state,
    serverSnapshot: (): OutboxState => EMPTY,

    /** Told of every parcel that lands, with the server's answer. */
    onDelivered(delivery: Delivery): () => void {
      deliveries.add(delivery);
      return () => deliveries.delete(delivery);
    },

    /** Whether something of the job landed before anybody listened: its sheet may then be older than the server's. */
    hasLanded(jobId: string): boolean {
      return Math.abs(ground.now() - (landings()[jobId] ?? 0)) < JUST_NOW_MS;
    },

    /** Reads what an earlier page left behind, or another tab, and keeps trying from now on. */
    look(): void {
      show({ parcels: load(), trouble: state.trouble });
      void flush();
    },

    sawVersion(jobId: string, version: number): void {
      seenVersions.set(jobId, version);
    },

    add(parcel: Parcel): void {
      change((all) => [...all, parcel]);
      void flush();
    },

    /** Sends a refused parcel again, as it is or changed. */
    retry(id: string, changes: Partial<Parcel> = {}): void {
      change((all) =>
        all.map((parcel) => (parcel.id === id ? { ...parcel, ...changes, refusal: undefined } : parcel)),
      );
      void flush();
    },

    drop(id: string): void {
      change((all) => all.filter((parcel) => parcel.id !== id));
      void flush();
    },

    flush: () => void flush(),
  };
}

type Sent = { answer?: unknown; refusal?: Refusal; away?: string };

/** Whether what was stored can be sent: an older page, or anything else, may have written there. */
function isParcel(value: unknown): value is Parcel {
  if (typeof value !== 'object' || value === null) return false;
  const { id, jobId, method, path, body } = value as Record<string, unknown>;
  return (
    [id, jobId, path].every((each) => typeof each === 'string') &&
    (method === 'POST' || method === 'PATCH') &&
    typeof body === 'object' &&
    body !== null
  );
}

/** Nobody waits longer for one answer, ms. */
const ANSWER_MS = 25_000;

/** The one of this page. */
export const outbox = createOutbox({
  storage: device,
  fetch: (path, init) => fetch(path, { ...init, signal: AbortSignal.timeout(ANSWER_MS) }),
  // Ids make a double send harmless where the browser has no locks.
  alone: (work) => (navigator.locks ? navigator.locks.request('bavrin-outbox', work) : work()),
  now: () => Date.now(),
});

let started = false;

/** Starts sending what an earlier page left behind, and keeps an ear open for the network and other tabs. */
export function startOutbox(): void {
  if (started) return;
  started = true;
  window.addEventListener('online', outbox.flush);
  window.addEventListener('storage', (event) => {
    if (event.key === KEY) outbox.look();
  });
  outbox.look();
}
