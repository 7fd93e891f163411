import type { DeviceTrouble } from '../shell/device';
import type { Sent } from './send';
import {
  type Author,
  buildsOn,
  type Entry,
  following,
  goesWith,
  type Landing,
  type QueuedWrite,
} from './write';

/** Where writes wait until they have landed. Each call rejects, with the browser's own error, where the device keeps nothing. */
export type QueueStorage = {
  /** All that is kept, in order. */
  all: () => Promise<QueuedWrite[]>;
  put: (write: QueuedWrite) => Promise<void>;
  remove: (id: string) => Promise<void>;
};

/** What one page tells the others of this device: that something changed in what is kept, or that a write landed. */
export type Told = { changed: true } | { landing: Landing };

/** What the outbox stands on; a browser has all of it. */
export type OutboxGround = {
  storage: QueueStorage;
  send: (write: QueuedWrite) => Promise<Sent>;
  clock: {
    now: () => number;
    /** Does something after a while, ms; what comes back calls it off. */
    after: (ms: number, work: () => void) => () => void;
  };
  /** Runs while no other page of this device does. */
  lock: (work: () => Promise<void>) => Promise<void>;
  others: { tell: (told: Told) => void; listen: (listener: (told: Told) => void) => void };
  /** Who is at the car, once that is known: what is entered stands under this name. */
  who: () => Author | undefined;
  /** Whether what somebody entered can go from here now, under their own name. */
  carries: (by: Author) => boolean;
};

export type OutboxState = {
  /** What the device kept is known. */
  loaded: boolean;
  writes: readonly QueuedWrite[];
  phase: 'idle' | 'sending' | 'waiting';
  /** Why nothing is taken at the moment. */
  trouble: string | null;
  /** Why the device does not keep what waits, so that a reload would lose it. */
  unkept: DeviceTrouble | null;
};

/** What becomes of a write in the end. */
export type News = { landing: Landing } | { dropped: QueuedWrite };

const EMPTY: OutboxState = { loaded: false, writes: [], phase: 'idle', trouble: null, unkept: null };
const RETRY_MS = [800, 2000, 5000, 10_000, 20_000];

/**
 * What was entered and has not reached the server yet, kept on this device until it has. Writes go one after another, in
 * the order they were made, by one page at a time. One that the server refuses stays, with its reason, until the person
 * decides; what builds on it waits with it, and the rest goes on. What somebody entered whose name cannot be shown to the server now waits
 * until they are back: it would stand under the wrong one.
 */
export function createOutbox({ storage, send, clock, lock, others, who, carries }: OutboxGround) {
  let state = EMPTY;
  const watchers = new Set<() => void>();
  const listeners = new Set<(news: News) => void>();
  /** Writes the device has, those it would not keep, and those that are done with but may still be there. */
  const kept = new Set<string>();
  const unkept = new Set<string>();
  const done = new Set<string>();
  let failures = 0;
  let again = false;
  let callOff = () => {};
  /** What the device is asked to do, one thing after another. */
  let storing: Promise<void> = Promise.resolve();

  function show(changes: Partial<OutboxState>): void {
    state = { ...state, ...changes };
    for (const watcher of watchers) watcher();
  }

  function tellNews(news: News): void {
    for (const listener of listeners) listener(news);
  }

  function store(work: () => Promise<void>): void {
    storing = storing.then(work).then(
      () => {
        if (state.unkept !== null) show({ unkept: null });
        others.tell({ changed: true });
      },
      (error) => show({ unkept: troubleOf(error) }),
    );
  }

  function keep(write: QueuedWrite): void {
    store(async () => {
      unkept.add(write.id);
      await storage.put(write);
      unkept.delete(write.id);
      kept.add(write.id);
    });
  }

  function letGo({ id }: QueuedWrite): void {
    done.add(id);
    store(async () => {
      await storage.remove(id);
      kept.delete(id);
      done.delete(id);
    });
  }

  /** Takes up what the device keeps: of an earlier page, or another one. What another has let go is gone here too. */
  function takeUp(): Promise<void> {
    // In its turn: what is being put there would else look as if another page had let it go.
    storing = storing
      .then(storage.all)
      .then(merge, (error) => show({ loaded: true, unkept: troubleOf(error) }));
    return storing;
  }

  function merge(there: QueuedWrite[]): void {
    const mine = new Map(state.writes.map((write) => [write.id, write]));
    const known = new Set(there.map(({ id }) => id));
    const onlyHere = state.writes.filter(({ id }) => !kept.has(id) && !known.has(id));
    kept.clear();
    for (const { id } of there) kept.add(id);
    // What the device would not keep a moment ago it may keep now.
    for (const write of onlyHere) if (unkept.has(write.id)) keep(write);
    const writes = [...there.map((write) => mine.get(write.id) ?? write), ...onlyHere];
    show({
      loaded: true,
      writes: writes.filter(({ id }) => !done.has(id)).sort((left, right) => left.order - right.order),
    });
  }

  function wake(): void {
    // What was added while the last look found nothing left is looked for once more.
    if (state.phase === 'sending') {
      again = true;
      return;
    }
    callOff();
    show({ phase: 'sending' });
    // Whatever goes wrong on the way, what waits is tried again.
    lock(sendAll).catch(() => wait({ is: 'later', why: 'What you entered is kept here and tried again.' }));
  }

  const next = () => nextOf(state.writes, carries);

  async function sendAll(): Promise<void> {
    do {
      again = false;
      await takeUp();
      for (let write = next(); write; write = next()) {
        const sent = await send(write);
        if (sent.is === 'later') return wait(sent);
        failures = 0;
        if (sent.is === 'landed') land(sent.landing);
        else refuse(write, sent.refusal);
      }
    } while (again);
    show({ phase: 'idle', trouble: null });
  }

  function wait({ why, afterMs }: Extract<Sent, { is: 'later' }>): void {
    failures += 1;
    callOff = clock.after(afterMs ?? RETRY_MS[Math.min(failures, RETRY_MS.length) - 1]!, wake);
    show({ phase: 'waiting', trouble: why });
  }

  function land(landing: Landing): void {
    const { write } = landing;
    // The server's row stands before the write is gone: else the entry is missing for a moment.
    tellNews({ landing });
    others.tell({ landing });
    letGo(write);
    show({ writes: state.writes.filter(({ id }) => id !== write.id), trouble: null });
  }

  function refuse(write: QueuedWrite, refusal: QueuedWrite['refusal']): void {
    const refused = { ...write, refusal };
    keep(refused);
    show({ writes: state.writes.map((each) => (each.id === write.id ? refused : each)), trouble: null });
  }

  others.listen((told) => {
    if ('changed' in told) {
      if (state.phase !== 'sending') void takeUp();
      return;
    }
    const { id } = told.landing.write;
    done.add(id);
    tellNews({ landing: told.landing });
    show({ writes: state.writes.filter((write) => write.id !== id) });
  });

  return {
    subscribe(watcher: () => void): () => void {
      watchers.add(watcher);
      return () => watchers.delete(watcher);
    },
    snapshot: (): OutboxState => state,
    serverSnapshot: (): OutboxState => EMPTY,

    /** Told of every write that lands, whichever page of this device sent it, or that is given up here. */
    onNews(listener: (news: News) => void): () => void {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },

    add(entry: Entry): void {
      const last = state.writes.at(-1)?.order ?? 0;
      const now = clock.now();
      const by = who();
      const made = { order: Math.max(now, last + 1), enteredAt: new Date(now).toISOString() };
      const write = { ...entry, ...made, ...(by ? { by } : {}) };
      keep(write);
      show({ writes: [...state.writes, write] });
      wake();
    },

    /** Sends a refused write again, as it is or changed; what builds on it follows. */
    retry(id: string, changed: (write: QueuedWrite) => QueuedWrite = (write) => write): void {
      const refused = state.writes.find((write) => write.id === id);
      if (!refused) return;
      const next = { ...changed(refused), refusal: undefined };
      if (next.id !== id) letGo(refused);
      const writes = state.writes.map((write) => (write.id === id ? next : following(write, id, next.id)));
      for (const write of writes) if (!state.writes.includes(write)) keep(write);
      show({ writes });
      wake();
    },

    /** Takes over what somebody else entered here and left waiting: it goes under the name of whoever is signed in. */
    takeOver(): void {
      const by = who();
      if (!by) return;
      const writes = state.writes.map((write) => (isOthers(write, carries) ? { ...write, by } : write));
      for (const write of writes) if (!state.writes.includes(write)) keep(write);
      show({ writes });
      wake();
    },

    /** Gives a refused write up, with what means nothing without it. */
    drop(id: string): void {
      const given = state.writes.find((write) => write.id === id);
      if (!given) return;
      const gone = state.writes.filter((write) => write === given || goesWith(write, given));
      for (const write of gone) letGo(write);
      show({ writes: state.writes.filter((write) => !gone.includes(write)) });
      for (const write of gone) tellNews({ dropped: write });
      wake();
    },

    /** Looks at what is kept, and sends what can be sent: at the start, when the network is back, when somebody asks. */
    wake,

    /** Sends at once what waits for its next try; nothing where nothing waits. */
    wakeWaiting(): void {
      if (state.phase === 'waiting') wake();
    },
  };
}

/** Whether it waits for somebody to come back; what was entered before there were names is anybody's. */
export function isOthers({ by }: QueuedWrite, carries: OutboxGround['carries']): boolean {
  return by !== undefined && !carries(by);
}

/** The next that can go: neither refused, nor somebody else's, nor built on one that is, or that waits for one. */
function nextOf(writes: readonly QueuedWrite[], carries: OutboxGround['carries']): QueuedWrite | undefined {
  const stuck: QueuedWrite[] = [];
  for (const write of writes) {
    if (!write.refusal && !isOthers(write, carries) && !stuck.some((earlier) => buildsOn(write, earlier)))
      return write;
    stuck.push(write);
  }
  return undefined;
}

function troubleOf(error: unknown): DeviceTrouble {
  return (error as Error | undefined)?.name === 'QuotaExceededError' ? 'full' : 'denied';
}
