import type { DeviceTrouble } from '../shell/device';
import { announcer, observable } from '../shell/observable';
import type { Refusal } from '../shell/refusal';
import { createKeeping, type QueueStorage } from './keeping';
import { createRound, type Phase, type RoundGround } from './round';
import { type Carries, nextOf, withAuthor, withRetried, withWhatGoes } from './waiting';
import type { Author, Entry, Landing, QueuedWrite } from './write';

/** What one page tells the others of this device: that something changed in what is kept, or that a write landed. */
export type Told = { changed: true } | { landing: Landing };

/** What the outbox stands on; a browser has all of it. */
export type OutboxGround = RoundGround & {
  storage: QueueStorage;
  others: { tell: (told: Told) => void; listen: (listener: (told: Told) => void) => void };
  /** Who is at the car, once that is known: what is entered stands under this name. */
  who: () => Author | undefined;
  carries: Carries;
};

export type OutboxState = {
  /** What the device kept is known. */
  loaded: boolean;
  writes: readonly QueuedWrite[];
  phase: Phase;
  /** Why nothing is taken at the moment. */
  trouble: string | null;
  /** Why the device does not keep what waits, so that a reload would lose it. */
  unkept: DeviceTrouble | null;
};

/** What becomes of a write in the end. */
export type News = { landing: Landing } | { dropped: QueuedWrite };

const EMPTY: OutboxState = { loaded: false, writes: [], phase: 'idle', trouble: null, unkept: null };

/**
 * What was entered and has not reached the server yet, kept on this device until it has. Writes go one after another, in
 * the order they were made, by one page at a time. One that the server refuses stays, with its reason, until the person
 * decides; what builds on it waits with it, and the rest goes on. What somebody entered whose name cannot be shown to the server now waits
 * until they are back: it would stand under the wrong one.
 */
export function createOutbox(ground: OutboxGround) {
  const queue = queueOn(ground);
  return {
    subscribe: queue.subscribe,
    snapshot: queue.snapshot,
    serverSnapshot: (): OutboxState => EMPTY,
    /** Told of every write that lands, whichever page of this device sent it, or that is given up here. */
    onNews: queue.news.listen,
    ...entering(queue, ground),

    /** Looks at what is kept, and sends what can be sent: at the start, when the network is back, when somebody asks. */
    wake: queue.wake,

    /** Sends at once what waits for its next try; nothing where nothing waits. */
    wakeWaiting(): void {
      if (queue.snapshot().phase === 'waiting') queue.wake();
    },
  };
}

type Queue = ReturnType<typeof queueOn>;

/** The queue itself: what waits, kept by the device, sent in rounds, in step with the other pages of the device. */
function queueOn({ storage, others, carries, ...ground }: OutboxGround) {
  const { subscribe, snapshot, set } = observable(EMPTY);
  const news = announcer<News>();
  const show = (changes: Partial<OutboxState>) => set({ ...snapshot(), ...changes });
  const keeping = createKeeping(storage, {
    stored() {
      if (snapshot().unkept !== null) show({ unkept: null });
      others.tell({ changed: true });
    },
    failed: (unkept) => show({ unkept }),
  });
  const takeUp = () =>
    keeping.read((there) => show({ loaded: true, writes: keeping.merged(snapshot().writes, there) }));
  const ends = endings({ snapshot, show, keeping, tell: news.tell });
  const { wake } = createRound(ground, {
    takeUp,
    next: () => nextOf(snapshot().writes, carries),
    shown: show,
    landed(landing) {
      ends.landed(landing);
      others.tell({ landing });
    },
    refused: ends.refused,
  });

  others.listen((told) => {
    if ('landing' in told) ends.landedElsewhere(told.landing);
    else if (snapshot().phase !== 'sending') void takeUp();
  });

  return {
    ...{ subscribe, snapshot, wake, news, letGo: keeping.letGo },

    /** What waits from now on: what of it is new or changed is kept, and what can go is sent. */
    put(writes: readonly QueuedWrite[]): void {
      const before = new Set(snapshot().writes);
      for (const write of writes) if (!before.has(write)) keeping.keep(write);
      show({ writes });
      wake();
    },
  };
}

type EndingGround = {
  snapshot: () => OutboxState;
  show: (changes: Partial<OutboxState>) => void;
  keeping: ReturnType<typeof createKeeping>;
  tell: (news: News) => void;
};

/** How a write that was sent ends: taken, by this page or another of the device, or refused. */
function endings({ snapshot, show, keeping, tell }: EndingGround) {
  const without = (id: string) => snapshot().writes.filter((write) => write.id !== id);
  return {
    landed(landing: Landing): void {
      const { write } = landing;
      // The server's row stands before the write is gone: else the entry is missing for a moment.
      tell({ landing });
      keeping.letGo(write);
      show({ writes: without(write.id), trouble: null });
    },

    landedElsewhere(landing: Landing): void {
      const { id } = landing.write;
      keeping.isDone(id);
      tell({ landing });
      show({ writes: without(id) });
    },

    refused(write: QueuedWrite, refusal: Refusal): void {
      const refused = { ...write, refusal };
      keeping.keep(refused);
      const writes = snapshot().writes.map((each) => (each.id === write.id ? refused : each));
      show({ writes, trouble: null });
    },
  };
}

/** What people do to the queue. */
function entering({ snapshot, put, letGo, news }: Queue, { clock, who, carries }: OutboxGround) {
  const find = (id: string) => snapshot().writes.find((write) => write.id === id);
  return {
    add(entry: Entry): void {
      const { writes } = snapshot();
      const now = clock.now();
      const by = who();
      const order = Math.max(now, (writes.at(-1)?.order ?? 0) + 1);
      const made = { order, enteredAt: new Date(now).toISOString(), ...(by ? { by } : {}) };
      put([...writes, { ...entry, ...made }]);
    },

    /** Sends a refused write again, as it is or changed; what builds on it follows. */
    retry(id: string, changed: (write: QueuedWrite) => QueuedWrite = (write) => write): void {
      const refused = find(id);
      if (!refused) return;
      const now = { ...changed(refused), refusal: undefined };
      if (now.id !== id) letGo(refused);
      put(withRetried(snapshot().writes, refused, now));
    },

    /** Takes over what somebody else entered here and left waiting: it goes under the name of whoever is signed in. */
    takeOver(): void {
      const by = who();
      if (by) put(withAuthor(snapshot().writes, by, carries));
    },

    /** Gives a refused write up, with what means nothing without it. */
    drop(id: string): void {
      const given = find(id);
      if (!given) return;
      const { writes } = snapshot();
      const gone = withWhatGoes(writes, given);
      for (const write of gone) letGo(write);
      put(writes.filter((write) => !gone.includes(write)));
      for (const write of gone) news.tell({ dropped: write });
    },
  };
}
