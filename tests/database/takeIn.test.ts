import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { guessMapping } from '../../core/exchange/readings/columns';
import { database } from '../../server/db/sql';
import { readingsCsv } from '../../server/readings/csv';
import { checkTable, takeTable } from '../../server/readings/takeIn';
import { carPast } from '../../server/wear/queries';
import { freshDatabase } from '../support/database';
import { limitNow } from '../support/pace';
import { failureOf, makeCar } from '../support/shop';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

const NOW = new Date('2026-06-01T10:00:00Z');
const table = (csv: string, only: string | null, changes = {}) => ({
  ...{ csv, only, leaveOut: false, units: { mm: 'mm', '°C': '°C' } },
  mapping: guessMapping(csv.split('\n')[0]!.split(/[;,]/)),
  ...changes,
});
const take = (
  input: object,
  signal = new AbortController().signal,
  progress: (done: number) => void = () => {},
) => takeTable(input, progress, signal, NOW);
const count = async (what: 'jobs' | 'readings') =>
  Number((await database()`select count(*)::int as n from ${database()(what)}`)[0]!.n);

describe('a table of readings', () => {
  it('is held against the rules without writing, then taken whole, once, as jobs by day that wear is told from', async () => {
    const car = await makeCar();
    const csv = 'Date;Corner;Inner pad;Outer pad;Moisture\n3.4.2026;FL;9,8;10,1;1,2\n10.5.2026;FL;8,6;9;\n';
    const says = await checkTable(table(csv, car.id), NOW);
    expect(says).toMatchObject({ readings: 3, days: 2, cars: 1, refusedLines: 0, known: 0 });
    expect(await count('readings')).toBe(0);
    expect(await take(table(csv, car.id))).toMatchObject({ readings: 3, known: 0 });
    expect([await count('jobs'), await count('readings')]).toEqual([2, 3]);
    expect(await take(table(csv, car.id))).toMatchObject({ readings: 3, known: 3 });
    expect([await count('jobs'), await count('readings')]).toEqual([2, 3]);
    const { wear } = await carPast(car.id, { timeZone: 'UTC' });
    expect(wear.FL.inner.map(({ mm }) => mm)).toEqual([9.8, 8.6]);
    const out = (await readingsCsv(car.id)).split('\r\n');
    expect(out).toHaveLength(4);
    expect(out[2]).toMatch(/^2026-04-03,[^,]+,FL,9.8,10.1,/);
  });

  it('with a line that is refused is refused whole, or goes without that line where somebody says so', async () => {
    const car = await makeCar();
    const before = await count('readings');
    const csv = 'Day,Corner,Play\n2026-05-01,FL,0.02\n2026-05-01,FR,a lot\n';
    const failure = await failureOf(take(table(csv, car.id)));
    expect(failure.detail.issues).toMatchObject([{ line: 3, path: 'Bearing play', value: '"a lot"' }]);
    expect(await count('readings')).toBe(before);
    expect(await take(table(csv, car.id, { leaveOut: true }))).toMatchObject({
      readings: 1,
      refusedLines: 1,
    });
    const other = await failureOf(take(table('Day,Corner,Play\n2026-05-01,FL,0.03\n', car.id)));
    expect(other.detail.issues).toMatchObject([{ path: '2026-05-01 FL', value: 'Bearing play' }]);
  });

  it('of many readings tells how far it is, is in at the pace of a hundred thousand in half a minute, and leaves nothing where it is ended', async () => {
    const car = await makeCar();
    const before = [await count('jobs'), await count('readings')];
    const day = (n: number) => new Date(Date.UTC(2000, 0, 1 + n)).toISOString().slice(0, 10);
    const lines = Array.from({ length: 2000 }, (_, n) =>
      ['FL', 'FR', 'RL', 'RR']
        .map((corner) => `${day(n)},${corner},${9 - (n % 5)},0.0${n % 9},0.1`)
        .join('\n'),
    );
    const csv = `Day,Corner,Inner pad,Play,Flex\n${lines.join('\n')}\n`;
    const ended = new AbortController();
    const seen: number[] = [];
    const endedEarly = take(table(csv, car.id), ended.signal, (done) => {
      seen.push(done);
      if (done > 8_000) ended.abort();
    });
    await expect(endedEarly).rejects.toThrow();
    expect(seen.length).toBeGreaterThan(2);
    expect([await count('jobs'), await count('readings')]).toEqual(before);
    const started = performance.now();
    const says = await take(table(csv, car.id));
    const seconds = (performance.now() - started) / 1000;
    console.log(`${says.readings} readings taken in: ${seconds.toFixed(1)} s`);
    expect(says).toMatchObject({ readings: 24_000, known: 0 });
    expect(await count('readings')).toBe(before[1]! + 24_000);
    // A hundred thousand took 17 s alone; here others run beside it.
    expect(seconds).toBeLessThan(limitNow(20_000) / 1000);
  }, 120_000);
});
