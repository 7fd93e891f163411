/**
 * What was entered and has not reached the server yet, kept on this device until it has. Parcels go one after another,
 * in the order they were made; a parcel the server refuses stays, with its reason, until the person decides.
 */
export type Parcel = {
  id: string;
  kind: 'answer' | 'reading' | 'job' | 'verdict' | 'work' | 'tick' | 'proof';
  jobId: string;
  method: 'POST' | 'PATCH';
  path: string;
  body: Record<string, unknown>;
  /** What it is, for the person: "Bearing play FR: excess". */
  label: string;
  /** The work a tick belongs to; its address already says so to the server. */
  workId?: string;
  /** The plan of a new work as it was shown; the server makes its own. */
  plan?: unknown;
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

const KEY = 'bavrin.outbox';
const RETRY_MS = [800, 2000, 5000, 10_000, 20_000];
const EMPTY: OutboxState = { parcels: [], trouble: null };

let state: OutboxState = EMPTY;
let sending = false;
let failures = 0;
let timer: ReturnType<typeof setTimeout> | undefined;
let started = false;
const watchers = new Set<() => void>();
const deliveries = new Set<Delivery>();
/** When something of a job last landed, on this device: a page loaded just before it knows nothing of it. */
const LANDED = 'bavrin.landed';
const JUST_NOW_MS = 20_000;

/** The version of each job as this page last saw it; a change of a job's own fields carries it. */
const seenVersions = new Map<string, number>();

export const outbox = {
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
    return Math.abs(Date.now() - (landings()[jobId] ?? 0)) < JUST_NOW_MS;
  },

  /** Reads what an earlier page left behind, and keeps trying from now on. */
  start(): void {
    if (started) return;
    started = true;
    change({ parcels: load(), trouble: null });
    window.addEventListener('online', () => void flush());
    // Another tab may have sent, or left, something.
    window.addEventListener('storage', (event) => {
      if (event.key === KEY) change({ ...state, parcels: load() }, false);
    });
    void flush();
  },

  sawVersion(jobId: string, version: number): void {
    seenVersions.set(jobId, version);
  },

  add(parcel: Parcel): void {
    change({ ...state, parcels: [...load(), parcel] });
    void flush();
  },

  /** Sends a refused parcel again, as it is or changed. */
  retry(id: string, changes: Partial<Parcel> = {}): void {
    change({
      ...state,
      parcels: load().map((parcel) =>
        parcel.id === id ? { ...parcel, ...changes, refusal: undefined } : parcel,
      ),
    });
    void flush();
  },

  drop(id: string): void {
    change({ ...state, parcels: load().filter((parcel) => parcel.id !== id) });
    void flush();
  },

  flush: () => void flush(),
};

function landings(): Record<string, number> {
  try {
    return JSON.parse(localStorage.getItem(LANDED) ?? '{}') as Record<string, number>;
  } catch {
    return {};
  }
}

function load(): Parcel[] {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '[]') as Parcel[];
  } catch {
    return [];
  }
}

function change(next: OutboxState, store = true): void {
  state = next;
  if (store) {
    if (next.parcels.length === 0) localStorage.removeItem(KEY);
    else localStorage.setItem(KEY, JSON.stringify(next.parcels));
  }
  for (const watcher of watchers) watcher();
}

async function flush(): Promise<void> {
  if (sending) return;
  sending = true;
  clearTimeout(timer);
  try {
    // Only one tab sends at a time; ids make a double send harmless where the browser has no locks.
    if (navigator.locks) await navigator.locks.request('bavrin-outbox', sendAll);
    else await sendAll();
  } finally {
    sending = false;
  }
}

async function sendAll(): Promise<void> {
  const blocked = new Set<string>();
  for (;;) {
    const parcel = load().find((each) => !each.refusal && !blocked.has(each.id));
    if (!parcel) break;
    const outcome = await send(parcel);
    if (outcome.away) {
      failures += 1;
      change({ parcels: load(), trouble: outcome.away });
      timer = setTimeout(() => void flush(), RETRY_MS[Math.min(failures, RETRY_MS.length) - 1]);
      return;
    }
    failures = 0;
    if (outcome.refusal) {
      if (parcel.kind === 'job' && onlyOtherFieldsChanged(parcel, outcome.refusal)) continue;
      const { refusal } = outcome;
      change({
        parcels: load().map((each) => (each.id === parcel.id ? { ...each, refusal } : each)),
        trouble: null,
      });
    } else {
      localStorage.setItem(LANDED, JSON.stringify({ [parcel.jobId]: Date.now() }));
      for (const delivery of deliveries) delivery(parcel, outcome.answer);
      change({ parcels: load().filter((each) => each.id !== parcel.id), trouble: null });
    }
  }
  change({ parcels: load(), trouble: null });
}

type Sent = { answer?: unknown; refusal?: Refusal; away?: string };

async function send(parcel: Parcel): Promise<Sent> {
  const body =
    parcel.kind === 'job'
      ? { ...(parcel.body.changes as object), version: seenVersions.get(parcel.jobId) ?? 0 }
      : parcel.body;
  let response: Response;
  try {
    response = await fetch(parcel.path, {
      method: parcel.method,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
      signal: AbortSignal.timeout(20_000),
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
  if (response.status >= 500)
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
