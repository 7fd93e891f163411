import { beforeEach, describe, expect, it } from 'vitest';
import type { Judgement } from '@/core/job/judgement';
import type { JobSheet } from '@/core/job/sheet';
import { answerRow, emptySheet, fluidRow } from '@/tests/support/sheet';
import type { News } from '../queue/outbox';
import type { Entry, Landing, QueuedWrite } from '../queue/write';
import { createJobCommands } from './commands/commands';
import { createJobStore, type JobSource } from './jobStore';

/** A judgement that only says of which sheet it is. */
const judgementOf = (sheet: JobSheet) => ({ of: sheet }) as unknown as Judgement;

/** A job over a queue and a source that the test moves by hand. */
function setUp(sheet = emptySheet()) {
  let writes: QueuedWrite[] = [];
  const watchers = new Set<() => void>();
  const listeners = new Set<(news: News) => void>();
  const judged: { sheet: JobSheet; answer: () => Promise<void> }[] = [];
  const source = {
    newest: sheet as JobSheet | undefined,
    fetched: 0,
    versions: [] as number[],
    behind: false,
  };
  const show = (next: QueuedWrite[]) => {
    writes = next;
    for (const watcher of watchers) watcher();
  };
  let changed = () => {};
  let beforeAnswer = () => {};
  let answering: (() => Promise<JobSheet | undefined>) | undefined;
  const job: JobSource = {
    async fetch() {
      if (answering) return answering();
      source.fetched += 1;
      const { newest } = source;
      beforeAnswer();
      return newest;
    },
    listen(listener) {
      changed = listener;
      return () => {
        changed = () => {};
      };
    },
    isBehind: () => source.behind,
    sawVersion: (version) => source.versions.push(version),
    queue: {
      add(entry: Entry) {
        const order = writes.length + 1;
        show([...writes, { ...entry, order, enteredAt: new Date(order * 1000).toISOString() }]);
      },
      snapshot: () => ({ writes }),
      subscribe(watcher) {
        watchers.add(watcher);
        return () => watchers.delete(watcher);
      },
      onNews(listener) {
        listeners.add(listener);
        return () => listeners.delete(listener);
      },
    },
    judge: (asked) =>
      new Promise((resolve) => {
        const answer = async () => resolve(judgementOf(asked));
        judged.push({ sheet: asked, answer });
      }),
  };
  const store = createJobStore({ sheet, judgement: judgementOf(sheet) }, job);
  const offers: { label: string; undo: () => void; shown?: boolean }[] = [];
  const commands = createJobCommands(store, (label, undo, { shown } = {}) =>
    offers.push({ label, undo, shown }),
  );
  const end = store.connect();
  return {
    ...{ store, commands, offers, source, judged, end },
    queue: () => writes,
    show,
    land: (row: object) => {
      const [write, ...rest] = writes;
      const landing = { kind: write!.kind, write, row } as Landing;
      for (const listener of listeners) listener({ landing });
      show(rest);
    },
    drop: () => {
      const [dropped, ...rest] = writes;
      show(rest);
      for (const listener of listeners) listener({ dropped: dropped! });
    },
    somebodyWrote: () => changed(),
    answerBy: (answer: () => Promise<JobSheet | undefined>) => {
      answering = answer;
    },
    whileFetching: (work: () => void) => {
      beforeAnswer = work;
    },
  };
}

const settle = () => new Promise((resolve) => setTimeout(resolve));

describe('a job’s store', () => {
  let job: ReturnType<typeof setUp>;
  beforeEach(() => {
    job = setUp();
  });

  it('shows what was entered at once, and the judgement of exactly that when it is there', async () => {
    job.commands.answer('before', 'pedal_spongy', undefined, 'yes');
    const { sheet, judgement } = job.store.snapshot();
    expect(sheet.answers).toMatchObject([{ finding: 'pedal_spongy', state: 'yes' }]);
    expect(judgement).not.toEqual(judgementOf(sheet));
    await job.judged.at(-1)!.answer();
    await settle();
    expect(job.store.snapshot().judgement).toEqual(judgementOf(sheet));
  });

  it('drops a judgement that comes in late', async () => {
    job.commands.answer('before', 'pedal_spongy', undefined, 'yes');
    job.commands.answer('before', 'pedal_hard', undefined, 'no');
    const [early, late] = job.judged;
    await late!.answer();
    await early!.answer();
    await settle();
    expect(job.store.snapshot().judgement).toEqual(judgementOf(late!.sheet));
  });

  it('is never without an entry while it lands, and has the server’s row after', () => {
    job.commands.answer('before', 'pedal_spongy', undefined, 'yes');
    const counts: number[] = [];
    job.store.subscribe(() => counts.push(job.store.snapshot().sheet.answers.length));
    const row = answerRow({ finding: 'pedal_spongy', state: 'yes', minute: 7 });
    job.land({ ...row, id: job.queue()[0]!.id });
    expect(counts.every((count) => count === 1)).toBe(true);
    expect(job.store.snapshot().sheet.answers[0]!.recordedAt).toBe(row.recordedAt);
  });

  it('leaves out what the server refused, and what is of another job', () => {
    job.commands.answer('before', 'pedal_spongy', undefined, 'yes');
    const [write] = job.queue();
    job.show([
      { ...write!, refusal: { code: 'stale', message: '' } },
      { ...write!, id: 'o', jobId: 'other' },
    ]);
    expect(job.store.snapshot().sheet.answers).toEqual([]);
  });

  it('takes what another person wrote, and tells the version it shows', async () => {
    const theirs = emptySheet({ answers: [answerRow({ finding: 'pedal_hard', state: 'yes' })] });
    job.source.newest = { ...theirs, job: { ...theirs.job, version: 5 } };
    job.somebodyWrote();
    await settle();
    expect(job.store.snapshot().sheet.answers).toMatchObject([{ finding: 'pedal_hard' }]);
    expect(job.source.versions).toEqual([1, 5]);
  });

  it('fetches once more when something landed while a sheet was on its way', async () => {
    job.commands.answer('before', 'pedal_spongy', undefined, 'yes');
    const row = { ...answerRow({ finding: 'pedal_spongy', state: 'yes' }), id: job.queue()[0]!.id };
    job.whileFetching(() => {
      job.whileFetching(() => {});
      job.land(row);
      job.source.newest = { ...job.source.newest!, answers: [row] };
    });
    await job.store.refresh();
    expect(job.source.fetched).toBe(2);
    expect(job.store.snapshot().sheet.answers).toHaveLength(1);
  });

  it('takes no older sheet that comes after a newer one', async () => {
    const older = job.source.newest!;
    const answers: ((sheet: JobSheet) => void)[] = [];
    job.answerBy(() => new Promise((resolve) => answers.push(resolve)));
    const [first, second] = [job.store.refresh(), job.store.refresh()];
    const newer = { ...older, job: { ...older.job, history: 'Newer', version: 3 } };
    answers[1]!(newer);
    await second;
    answers[0]!({ ...older, job: { ...older.job, history: 'Older', version: 2 } });
    await first;
    expect(job.store.snapshot().sheet.job.history).toBe('Newer');
  });

  it('keeps what it has while nobody answers', async () => {
    const before = job.store.snapshot();
    job.source.newest = undefined;
    await job.store.refresh();
    expect(job.store.snapshot()).toBe(before);
  });

  it('looks anew after an entry was given up', async () => {
    job.commands.answer('before', 'pedal_spongy', undefined, 'yes');
    job.drop();
    await settle();
    expect(job.source.fetched).toBe(1);
    expect(job.store.snapshot().sheet.answers).toEqual([]);
  });

  it('hears nothing more once it is let go', () => {
    job.end();
    const before = job.store.snapshot();
    job.commands.answer('before', 'pedal_spongy', undefined, 'yes');
    expect(job.store.snapshot()).toBe(before);
  });
});

describe('what is done to a job', () => {
  it('an answer replaces the one that stands, and can be taken back at once', () => {
    const first = answerRow({ finding: 'pedal_spongy', state: 'no' });
    const { commands, queue, offers } = setUp(emptySheet({ answers: [first] }));
    commands.answer('before', 'pedal_spongy', undefined, 'yes');
    offers[0]!.undo();
    expect(queue()).toMatchObject([
      { label: 'Spongy pedal: yes', body: { state: 'yes', replaces: first.id } },
      { body: { state: 'no', replaces: queue()[0]!.id } },
    ]);
    expect(offers).toMatchObject([{ label: 'Spongy pedal', shown: false }]);
  });

  it('says nothing twice before the work, and anew after it', () => {
    const said = (phase: 'before' | 'after') => answerRow({ finding: 'pedal_spongy', state: 'no', phase });
    const { commands, queue } = setUp(emptySheet({ answers: [said('before'), said('after')] }));
    commands.answer('before', 'pedal_spongy', undefined, 'no');
    expect(queue()).toEqual([]);
    commands.answer('after', 'pedal_spongy', undefined, 'no');
    expect(queue()).toMatchObject([{ body: { phase: 'after', state: 'no' } }]);
  });

  it('a reading replaces the one of its place', () => {
    const row = fluidRow(2);
    const { commands, queue } = setUp(emptySheet({ readings: [row] }));
    const written = commands.read({ kind: 'fluid', input: row.input });
    expect(queue()).toMatchObject([{ kind: 'reading', body: { id: written.id, replaces: row.id } }]);
  });

  it('a field that did not change is not sent; one that did says what was seen', () => {
    const { commands, queue } = setUp();
    commands.changeJob('history', '', 'History');
    commands.changeJob('history', 'Opened in May', 'History');
    expect(queue()).toMatchObject([
      { kind: 'job', body: { changes: { history: 'Opened in May' }, was: { history: '' } } },
    ]);
  });

  it('a work of a visit gets its own id there', () => {
    const { commands, queue } = setUp();
    const work = { procedure: 'flush', cause: null, title: 'Flush', before: '', measuredBy: null } as const;
    const asked = { ...work, corners: [], options: {}, visit: 'mate' };
    const id = commands.addWork(asked, { steps: [] } as never, [
      { id: 'mate', plan: {} },
      { id: '', plan: {} },
    ]);
    expect(queue()).toMatchObject([{ id, inVisit: [{ id: 'mate' }, { id }] }]);
  });
});
