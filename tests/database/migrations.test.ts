import { randomUUID } from 'node:crypto';
import { readdirSync } from 'node:fs';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { planOf, runOf } from '../../core/planning/run/run';
import { MIGRATIONS, migrate, rollBack } from '../../scripts/system/migrate';
import { closeDatabase, database } from '../../server/db/sql';
import { getSheet } from '../../server/jobs/queries';
import { addTick, addWork } from '../../server/jobs/work';
import { freshDatabase } from '../support/database';
import { answer, makeJob } from '../support/shop';

let url: string;
let drop: () => Promise<void>;
beforeAll(async () => {
  ({ url, drop } = await freshDatabase());
});
afterAll(() => drop());

describe('the migrations', () => {
  it('keep the work of a shop that goes a version back and forward again', async () => {
    const { job } = await makeJob();
    const work = { cause: null, before: '', title: 'Work' };
    const flush = await addWork(job.id, { id: randomUUID(), procedure: 'flush', ...work });
    const pads = await addWork(job.id, { id: randomUUID(), procedure: 'pads', ...work });
    await addTick(flush.id, { id: randomUUID(), step: 'lift', done: true, note: '' });
    await answer(job.id, { finding: 'rotor_surface', state: 'grooves,cracked', place: 'FL' });
    await closeDatabase();
    // Back to before the procedure library.
    const since = readdirSync(MIGRATIONS).filter((file) => file >= '20261125020000_work.sql');
    for (const _ of since) await rollBack(url);
    const sql = database();
    expect((await sql`select id, kind from works order by started_at`).map((row) => row.kind)).toEqual([
      'flush',
      'other',
    ]);
    await closeDatabase();
    await migrate(url);
    const sheet = await getSheet(job.id);
    expect(sheet.works.map((row) => row.procedure)).toEqual(['flush', 'other']);
    expect(planOf(sheet.works.find((row) => row.id === pads.id)!).procedure).toBe('pads');
    // An older version knows one state an answer: the first.
    expect(sheet.answers.map((row) => row.state)).toEqual(['grooves']);
    expect(runOf(sheet.works[0]!, sheet.ticks).done).toBe(1);
  });

  it('go all the way back and up again', async () => {
    await closeDatabase();
    const count = readdirSync(MIGRATIONS).length;
    for (let step = 0; step < count; step++) await rollBack(url);
    const [left] = await database()`select count(*)::int as tables from information_schema.tables
      where table_schema = 'public' and table_name <> 'schema_migrations'`;
    expect(left!.tables).toBe(0);
    await closeDatabase();
    await migrate(url);
    expect((await makeJob()).job.number).toBe(1);
  });
});
