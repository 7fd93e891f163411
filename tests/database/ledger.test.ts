import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { LEDGER_SORTS, type LedgerSort, orderText } from '../../core/job/ledgerSorts';
import { DEMO_JOBS } from '../../db/demo/jobs';
import { loadDemo } from '../../db/demo/load';
import { backup } from '../../scripts/system/archive';
import { restore } from '../../scripts/system/restore';
import { getBay } from '../../server/bay/queries';
import { database } from '../../server/db/sql';
import { getSheet } from '../../server/jobs/queries';
import { exportCase, exportLedger, importCases } from '../../server/ledger/exchange';
import { type LedgerLine, searchLedger } from '../../server/ledger/queries';
import { freshDatabase } from '../support/database';
import { failureOf } from '../support/shop';

/** As an upload comes in. */
const imported = (text: string) => importCases(new TextEncoder().encode(text));

const TODAY = new Date('2026-11-24T12:00:00Z');
const TABLES = [
  'shop',
  'cars',
  'car_axles',
  'jobs',
  'job_causes',
  'confirmed_causes',
  'findings',
  'readings',
  'verdicts',
  'works',
  'ticks',
  'work_fluid',
  'hold_proofs',
  'follow_ups',
  'shelf',
  'fitted_parts',
];

let url: string;
let drop: () => Promise<void>;
beforeAll(async () => {
  ({ url, drop } = await freshDatabase());
  await loadDemo(TODAY);
});
afterAll(() => drop());

/** What a line is put in order by. */
function orderedBy(line: LedgerLine, sort: LedgerSort): string | number {
  const days = Date.parse(line.closedAt) - Date.parse(line.openedAt);
  return {
    closed: line.closedAt,
    number: line.number,
    car: line.carName.toLowerCase(),
    outcome: line.outcome,
    minutes: line.minutes ?? 0,
    days,
  }[sort];
}

/** Everything in the database, as text. */
async function contents(): Promise<string> {
  const sql = database();
  const all = await Promise.all(TABLES.map((table) => sql`select * from ${sql(table)} t order by t::text`));
  return JSON.stringify(all);
}

describe('the demo', () => {
  it('has jobs at every stage and holds first', async () => {
    const { cards, due } = await getBay('2026-11-24');
    expect(cards.map((card) => card.stage).sort()).toEqual([
      'checks',
      'checks',
      'proof',
      'proof',
      'work',
      'work',
    ]);
    expect(cards.at(-1)!.out).toMatchObject({ driver: 'The owner' });
    const held = cards.map((card) => card.holds.length > 0);
    expect(held).toEqual([...held].sort((left, right) => Number(right) - Number(left)));
    expect(due.cars.length).toBeGreaterThan(2);
  });

  it('is the same on every load', async () => {
    const first = await contents();
    const { url: other, drop: dropOther } = await freshDatabase();
    await loadDemo(TODAY);
    const second = await contents();
    await dropOther();
    process.env.DATABASE_URL = url;
    expect(other).not.toBe(url);
    // Only the moment a car was written differs.
    const plain = (text: string) => text.replaceAll(/"createdAt":"[^"]*"/g, '');
    expect(plain(second)).toBe(plain(first));
  });
});

describe('the ledger', () => {
  it('finds by words, car, cause and outcome', async () => {
    const found = async (search: Parameters<typeof searchLedger>[0]) =>
      (await searchLedger(search)).lines.map((line) => line.complaint);
    expect(await found({})).toHaveLength(DEMO_JOBS.filter((job) => job.close).length);
    expect(await found({ words: 'back stra' })).toEqual([
      'Pedal went to the floor at the end of the back straight',
    ]);
    expect(await found({ words: 'collapsed liner' })).toEqual(['Left front stays on after a stop']);
    expect(await found({ words: 'two-seater' })).toEqual(['Spongy since the front calipers were rebuilt']);
    expect(await found({ words: 'uneven pad dep' })).toEqual([
      'Shakes under braking, owner says the rotors are warped',
    ]);
    expect(await found({ cause: 'drum_slack' })).toEqual(['Low pedal, second press is fine']);
    expect(await found({ outcome: 'cured_new_fault' })).toEqual(['Left front stays on after a stop']);
    expect(await found({ words: "nothing ' of %_ this & |" })).toEqual([]);
    expect(await found({ car: 'not-an-id', outcome: 'never' })).toHaveLength(
      DEMO_JOBS.filter((job) => job.close).length,
    );
  });

  it('pages by key without losing or repeating a line', async () => {
    const sql = database();
    const [car] = await sql<{ id: string }[]>`select id from cars limit 1`;
    await sql`
      insert into jobs (id, car_id, complaint, opened_at, closed_at, closed_by, outcome)
      select gen_random_uuid(), ${car!.id}, 'Filler ' || n, now(), now() - (n / 3) * interval '1 hour' + interval '2 days', 'x', 'cured' from generate_series(0, 99) n`;
    const seen: string[] = [];
    let after: string | undefined;
    do {
      const page = await searchLedger({ words: 'filler', after });
      seen.push(...page.lines.map((line) => line.id));
      after = page.next ?? undefined;
    } while (after);
    expect(seen).toHaveLength(100);
    expect(new Set(seen).size).toBe(100);
    await sql`delete from jobs where complaint like 'Filler %'`;
  });

  it('in every order, either way, a walk from page to page meets each job once and in that order', async () => {
    const sql = database();
    await sql`
      insert into jobs (id, car_id, complaint, opened_at, closed_at, closed_by, outcome)
      select gen_random_uuid(), (select id from cars order by md5(n::text || id::text) limit 1), 'Ordered ' || n,
        now() - (n % 7) * interval '1 day', now() - (n % 5) * interval '1 hour' + interval '3 days', 'x',
        (array['cured', 'better', 'no_change'])[1 + n % 3]
      from generate_series(0, 99) n`;
    const { total } = await searchLedger({});
    expect(total).toBeGreaterThan(100);
    for (const sort of LEDGER_SORTS)
      for (const descending of [false, true]) {
        const lines: LedgerLine[] = [];
        let after: string | undefined;
        do {
          const page = await searchLedger({ sort: orderText({ sort, descending }), after });
          lines.push(...page.lines);
          after = page.next ?? undefined;
        } while (after);
        expect(new Set(lines.map(({ id }) => id)).size, `${sort} ${descending}`).toBe(total);
        expect(lines).toHaveLength(total);
        const values = lines.map((line) => orderedBy(line, sort));
        const sorted = [...values].sort((left, right) => (left < right ? -1 : left > right ? 1 : 0));
        expect(values, `${sort} ${descending}`).toEqual(descending ? sorted.reverse() : sorted);
      }
    await sql`delete from jobs where complaint like 'Ordered %'`;
  });

  it('takes a key or an order that no page gave for none', async () => {
    const first = await searchLedger({ sort: 'minutes' });
    const odd = ['x', Buffer.from('["a","b"]').toString('base64url'), 'A'.repeat(900)];
    for (const after of odd)
      expect((await searchLedger({ sort: 'minutes', after })).lines).toEqual(first.lines);
    const { next } = await searchLedger({ sort: 'car' });
    expect((await searchLedger({ sort: 'days', after: next! })).lines.length).toBeGreaterThan(0);
    expect((await searchLedger({ sort: 'name; drop table jobs' })).lines).toEqual(
      (await searchLedger({})).lines,
    );
  });

  it('uses an index for the whole list', async () => {
    const plan = await database().begin(async (tx) => {
      await tx`set local enable_seqscan = off`;
      return tx`explain select * from jobs where closed_at is not null order by closed_at desc, id desc limit 41`;
    });
    expect(JSON.stringify(plan)).toContain('jobs_ledger');
  });
});

describe('export and import', () => {
  it('take a case out and in again, once', async () => {
    const { lines } = await searchLedger({ cause: 'fluid_boiled_wet' });
    const file = await exportCase(lines[0]!.id);
    expect(file.record).toMatchObject({ outcome: 'cured', confirmed: ['fluid_boiled_wet'], by: 'Tobias' });
    const first = await imported(JSON.stringify(file));
    expect(first).toMatchObject({ added: 1, known: 0 });
    expect(await imported(JSON.stringify([file]))).toMatchObject({ added: 0, known: 1 });
    const again = await getSheet(first.jobs[0]!);
    expect(again.job).toMatchObject({
      complaint: lines[0]!.complaint,
      outcome: 'cured',
      confirmed: ['fluid_boiled_wet'],
      carId: lines[0]!.carId,
    });
    const round = await exportCase(first.jobs[0]!);
    expect(round.findings).toEqual(file.findings);
    expect(round.readings).toEqual(file.readings);
    expect(round.record!.proof).toEqual(file.record!.proof);
    expect(round.record!.holds).toEqual(file.record!.holds);
  });

  it('keep every state of one face', async () => {
    const { lines } = await searchLedger({ cause: 'fluid_boiled_wet' });
    const file = await exportCase(lines[0]!.id);
    const face = (state: string) => ({ id: 'rotor_surface', state, corner: 'RL' as const });
    const findings = [face('cracked'), face('grooves'), ...file.findings];
    const { jobs } = await imported(JSON.stringify({ ...file, findings }));
    const round = await exportCase(jobs[0]!);
    expect(round.findings.slice(0, 2)).toEqual([face('grooves'), face('cracked')]);
  });

  it('take the whole ledger as one case a line', async () => {
    let text = '';
    for await (const line of exportLedger()) text += line;
    const { drop: dropOther } = await freshDatabase();
    const result = await imported(text);
    expect(result.added).toBe(text.trim().split('\n').length);
    expect((await searchLedger({})).total).toBe(result.added);
    await dropOther();
    process.env.DATABASE_URL = url;
  });

  it('take all of a file or nothing, and name the line', async () => {
    const good = { format: 'bavrin-case', version: 1, findings: [] };
    const before = (await searchLedger({})).total;
    const failure = await failureOf(
      imported(JSON.stringify([good, { ...good, findings: [{ id: 'x', state: 'yes' }] }])),
    );
    expect(failure.detail.issues![0]!.path).toBe('cases[1].findings[0].id');
    expect((await failureOf(imported('{"format":"bavrin-case"\nnot json'))).detail.issues![0]!.path).toBe(
      'line 1',
    );
    expect(
      (
        await failureOf(
          imported('{"format":"bavrin-case","version":1,"findings":[],"complaint":"a\\u0000b"}'),
        )
      ).code,
    ).toBe('refused');
    expect((await searchLedger({})).total).toBe(before);
  });
});

describe('backup and restore', () => {
  it('bring everything back into an empty database', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'bavrin-backup-'));
    const file = join(folder, 'shop.backup');
    const before = await contents();
    await backup(url, file);
    const { shop, drop: dropEmpty } = await freshDatabase();
    await restore(shop, file);
    const after = await contents();
    await dropEmpty();
    process.env.DATABASE_URL = url;
    rmSync(folder, { recursive: true });
    expect(after).toBe(before);
  });

  it('refuse a file that is no backup', async () => {
    const { shop, drop: dropEmpty } = await freshDatabase();
    await expect(restore(shop, '/etc/hostname')).rejects.toThrow(/no Bavrin backup/);
    await expect(restore(shop, '/nowhere/at/all')).rejects.toThrow(/no file/);
    await dropEmpty();
    process.env.DATABASE_URL = url;
  });
});
