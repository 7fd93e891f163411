import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { database } from '../../server/db/sql';
import { addReading } from '../../server/jobs/append';
import { openJob } from '../../server/jobs/open';
import { getSheet } from '../../server/jobs/queries';
import { freshDatabase } from '../support/database';
import { makeCar } from '../support/shop';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

describe('a car’s good pedal', () => {
  it('is its last firmness after work, of a job that cured it', async () => {
    const { id: carId } = await makeCar();
    const pedal = async (
      day: string,
      outcome: string | null,
      phase: 'before' | 'after',
      travelMm: number,
    ) => {
      const id = randomUUID();
      const at = new Date(`${day}T10:00:00Z`);
      await openJob({ id, carId, complaint: 'Soft', neededAt: null }, at);
      const points = [
        { forceN: 100, travelMm },
        { forceN: 300, travelMm: travelMm + 10 },
      ];
      const input = { pedal: { ratio: 5 }, master: { boreMm: 22 }, points };
      const row = { phase, kind: 'firmness', corner: '', replaces: null, why: '', input };
      await addReading(id, { id: randomUUID(), ...row }, at);
      if (outcome)
        await database()`update jobs set closed_at = ${at}, outcome = ${outcome}, closed_by = 'x' where id = ${id}`;
      return id;
    };
    const soft = await pedal('2026-01-10', 'cured', 'before', 60);
    expect((await getSheet(soft)).goodPedal).toBeUndefined();
    await pedal('2026-02-10', 'cured', 'after', 30);
    await pedal('2026-03-10', 'no_change', 'after', 50);
    const open = await pedal('2026-04-10', null, 'after', 55);
    expect((await getSheet(open)).goodPedal).toMatchObject({
      day: '2026-02-10',
      points: [{ forceN: 100, travelMm: 30 }, { travelMm: 40 }],
    });
  });
});
