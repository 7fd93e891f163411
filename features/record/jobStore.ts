import type { Judgement } from '@/core/job/judgement';
import { inOwnOrder } from '@/core/job/ownOrder';
import type { JobSheet } from '@/core/job/sheet';
import { withoutLeft } from '@/core/planning/run/mates';
import type { News, OutboxState } from '../queue/outbox';
import type { Entry, Landing, QueuedWrite } from '../queue/write';
import { observable } from '../shell/observable';
import { withLanding, withWrite } from './overlay';

/** Where a job's sheet comes from, and where what is entered goes: the shop's server, or anything that keeps one. */
export type JobSource = {
  /** The sheet as it stands there; nothing when it cannot be had now. */
  fetch: () => Promise<JobSheet | undefined>;
  /** Told when there may be something new; what comes back ends it. */
  listen: (changed: () => void) => () => void;
  /** Whether something landed just before this page was loaded. */
  isBehind: () => boolean;
  /** The version of the job that is shown. */
  sawVersion: (version: number) => void;
  queue: {
    add: (entry: Entry) => void;
    snapshot: () => Pick<OutboxState, 'writes'>;
    subscribe: (watcher: () => void) => () => void;
    onNews: (listener: (news: News) => void) => () => void;
  };
  judge: (sheet: JobSheet) => Promise<Judgement>;
};

export type JobState = { sheet: JobSheet; judgement: Judgement };
export type JobStore = ReturnType<typeof createJobStore>;

/** How often a sheet is fetched again that something landed on meanwhile. */
const ATTEMPTS = 3;

/**
 * One job while it is worked on: the source's sheet with everything entered since laid over it, judged anew at each entry.
 * @param first the sheet and its judgement as the page came with them
 */
export function createJobStore(first: JobState, source: JobSource) {
  const { queue } = source;
  const { subscribe, snapshot, show } = judgedAnew(first, source.judge);
  const layers = layersOf(first.sheet, show);
  const newest = newestOf(source.fetch, layers.landings);

  const take = (sheet: JobSheet): void => {
    source.sawVersion(sheet.job.version);
    layers.take(sheet);
  };
  const refresh = async (): Promise<void> => {
    const sheet = await newest();
    if (sheet) take(sheet);
  };
  const takeQueue = () => layers.queued(queue.snapshot().writes);
  const onNews = (news: News): void => {
    if ('landing' in news) layers.land(news.landing);
    else if (news.dropped.jobId === first.sheet.job.id) void refresh();
  };

  return {
    ...{ subscribe, snapshot },
    serverSnapshot: (): JobState => first,

    /** Listens to queue and source, until what comes back is called. */
    connect(): () => void {
      source.sawVersion(snapshot().sheet.job.version);
      const ends = [queue.subscribe(takeQueue), queue.onNews(onNews), source.listen(() => void refresh())];
      takeQueue();
      // What an earlier page left behind may have been sent before anybody here was listening.
      if (source.isBehind()) void refresh();
      return () => {
        for (const end of ends) end();
      };
    },

    add: (entry: Entry) => queue.add(entry),
    /** Takes the source's newest sheet. */
    refresh,
    /** Takes a sheet that came as an answer. */
    take,
  };
}

/** The source's sheet and what waits to go there: shown, one laid over the other, whenever either changes. */
function layersOf(first: JobSheet, show: (sheet: JobSheet) => void) {
  const jobId = first.job.id;
  let base = first;
  let mine: readonly QueuedWrite[] = [];
  let landings = 0;
  const lay = () => show(laidOver(base, mine));
  return {
    /** How often something landed so far. */
    landings: () => landings,

    queued(writes: readonly QueuedWrite[]): void {
      const next = writes.filter((write) => write.jobId === jobId && !write.refusal);
      if (next.length === mine.length && next.every((write, place) => write === mine[place])) return;
      mine = next;
      lay();
    },

    take(sheet: JobSheet): void {
      // Told of what this page wrote itself, it finds what it has.
      if (JSON.stringify(sheet) === JSON.stringify(base)) return;
      base = sheet;
      lay();
    },

    land(landing: Landing): void {
      const { write } = landing;
      if (write.jobId !== jobId) return;
      landings += 1;
      base = withLanding(base, landing);
      // The queue lets go of it a moment later: until then it would lie over what the server made of it.
      mine = mine.filter(({ id }) => id !== write.id);
      lay();
    },
  };
}

/** What waits laid over a sheet. */
function laidOver(base: JobSheet, mine: readonly QueuedWrite[]): JobSheet {
  const entered = mine.reduce(withWrite, base);
  const works = inOwnOrder(withoutLeft(entered.works, entered.ticks), entered.job.workOrder);
  return { ...entered, works };
}

/** A sheet that is shown at once, and its judgement as soon as there is one. */
function judgedAnew(first: JobState, judge: JobSource['judge']) {
  const { subscribe, snapshot, set } = observable(first);
  const show = (sheet: JobSheet): void => {
    set({ ...snapshot(), sheet });
    judge(sheet)
      .then((judgement) => {
        // One that comes in late is of an older sheet.
        if (snapshot().sheet === sheet) set({ sheet, judgement });
      })
      // What was judged last stands; it is tried again with the next entry, or when something lands.
      .catch(() => undefined);
  };
  return { subscribe, snapshot, show };
}

/**
 * Asks for the newest sheet, and again while something lands meanwhile: laid over, such a one would take a step back.
 * @returns nothing where it cannot be had, or where one that was asked for later has it newer, whichever comes first
 */
function newestOf(fetch: JobSource['fetch'], landings: () => number): JobSource['fetch'] {
  let asked = 0;
  return async () => {
    asked += 1;
    const turn = asked;
    for (let attempt = 0; attempt < ATTEMPTS; attempt++) {
      const before = landings();
      const sheet = await fetch();
      if (!sheet || turn !== asked) return undefined;
      if (landings() === before) return sheet;
    }
    return undefined;
  };
}
