import { randomUUID } from 'node:crypto';
import Papa from 'papaparse';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { wholeMinutes } from '../../core/planning/works';
import { database } from '../../server/db/sql';
import { ledgerAnswers } from '../../server/ledger/answers';
import { ledgerCsv } from '../../server/ledger/csv';
import { freshDatabase } from '../support/database';
import { makeCar, makeJob } from '../support/shop';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

/** A closed job as it stands in the record. */
async function closed(
  carId: string,
  {
    opened,
    hours,
    causes,
    outcome = 'cured',
    tookMin,
    complaint = 'Soft',
  }: {
    opened: string;
    hours: number;
    causes: string[];
    outcome?: string;
    tookMin?: number;
    complaint?: string;
  },
): Promise<string> {
  const sql = database();
  const { job } = await makeJob(complaint);
  await sql`
    update jobs set car_id = ${carId}, opened_at = ${opened}, closed_at = ${opened}::timestamptz + ${hours}::int * interval '1 hour',
      outcome = ${outcome}, closed_by = 'Mira', summary = 'Done' where id = ${job.id}`;
  if (causes.length > 0)
    await sql`insert into job_causes ${sql(causes.map((cause) => ({ jobId: job.id, cause })))}`;
  if (tookMin !== undefined)
    await sql`
      insert into works (id, job_id, procedure, cause, title, plan, added_at, took_min)
      select ${randomUUID()}, ${job.id}, 'flush', ${causes[0]!}, 'Flush', '{}'::jsonb, ${opened}, ${tookMin}`;
  return job.id;
}

describe('what the ledger comes to', () => {
  it('counts causes, the median to proof, what came back on the same car, and minutes by the clock and by plan', async () => {
    const [one, other] = [await makeCar('One'), await makeCar('Other')];
    const air = ['air_in_lines'];
    await closed(one.id, { opened: '2026-01-10T08:00:00Z', hours: 24, causes: air, tookMin: 50 });
    // Back within half a year; the next one is not, and another car's is none of it.
    await closed(one.id, { opened: '2026-04-10T08:00:00Z', hours: 72, causes: air, tookMin: 70 });
    await closed(one.id, { opened: '2026-12-10T08:00:00Z', hours: 48, causes: air });
    await closed(other.id, { opened: '2025-02-01T08:00:00Z', hours: 12, causes: ['rotor_runout'] });
    await closed(other.id, { opened: '2025-03-01T08:00:00Z', hours: 12, causes: air, outcome: 'no_change' });
    const { causes, years } = await ledgerAnswers({});
    expect(causes).toEqual([
      {
        ...{ cause: 'air_in_lines', jobs: 3, days: 2, cameBack: 1 },
        ...{ works: 2, tookMin: 120, plannedMin: 2 * wholeMinutes('flush') },
      },
      { cause: 'rotor_runout', jobs: 1, days: 0.5, cameBack: 0, works: 0, tookMin: 0, plannedMin: 0 },
    ]);
    expect(years.map(({ year, jobs }) => [year, jobs])).toEqual([
      [2026, 3],
      [2025, 2],
    ]);
    const ofOther = await ledgerAnswers({ car: other.id });
    expect(ofOther.causes.map(({ cause }) => cause)).toEqual(['rotor_runout']);
    expect((await ledgerAnswers({ words: 'nothing like it' })).causes).toEqual([]);
  });

  it('goes out as CSV that a parser reads back, with what would be a formula as text', async () => {
    const car = await makeCar('CSV, "quoted"');
    await closed(car.id, {
      ...{ opened: '2026-05-01T08:00:00Z', hours: 5, causes: ['rotor_runout', 'air_in_lines'] },
      ...{ complaint: '=1+1\nsecond; line' },
    });
    const { data, errors } = Papa.parse<Record<string, string>>(await ledgerCsv({ car: car.id }), {
      header: true,
    });
    expect(errors).toEqual([]);
    expect(data).toHaveLength(1);
    expect(data[0]).toMatchObject({
      car: 'CSV, "quoted"',
      complaint: "'=1+1\nsecond; line",
      outcome: 'Cured',
      opened: '2026-05-01T08:00:00.000Z',
      closed: '2026-05-01T13:00:00.000Z',
      'closed by': 'Mira',
    });
    expect(data[0]!.causes!.split('; ')).toHaveLength(2);
  });
});
