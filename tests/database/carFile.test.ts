import { randomUUID } from 'node:crypto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { CarFile } from '../../core/exchange/carfile/schema';
import { exportCar, importCar } from '../../server/cars/file';
import { exportShop, importAll } from '../../server/exchange/whole';
import { addFill } from '../../server/fills/actions';
import { addReading } from '../../server/jobs/append';
import { closeJob } from '../../server/jobs/close';
import { fitPart } from '../../server/parts/actions';
import { addEvent } from '../../server/wear/actions';
import { freshDatabase } from '../support/database';
import { answer, failureOf, makeCar, makeJob } from '../support/shop';

let drop: () => Promise<void>;
beforeEach(async () => {
  ({ drop } = await freshDatabase());
});
afterEach(() => drop());

const part = { kind: 'studs', place: 'front', what: 'Long studs', batch: 'B', fittedOn: '2026-01-10' };
const rest = { jobId: null, shelfId: null, oldWhy: null, oldMate: null };

/** A car with something of everything. */
async function oneCar(): Promise<CarFile> {
  const { job } = await makeJob('Shakes from speed');
  await addEvent(job.carId, {
    ...{ id: randomUUID(), name: 'Autumn day', onDate: '2026-02-02', sessions: 4, odometerKm: 1200 },
    ...{ circuit: 'fast', airC: 21 },
  });
  await addFill(job.carId, {
    ...{ id: randomUUID(), filledOn: '2026-01-01', product: 'Fluid', batch: '', fluidClass: 'DOT4' },
    ...{ dryC: null, wetC: null, colour: '', odometerKm: null, lotId: null, lotOpenedOn: null },
  });
  await fitPart(job.carId, { id: randomUUID(), ...part, ...rest });
  await answer(job.id, { finding: 'pedal_spongy', state: 'yes' });
  await addReading(job.id, {
    ...{ id: randomUUID(), phase: 'before', kind: 'bearing', corner: 'FL', replaces: null, why: '' },
    input: { playMm: 0.02 },
  });
  await closeJob(job.id, {
    ...{ outcome: 'no_change', confirmed: [], summary: 'Looked at', by: 'Mira', next: [] },
    version: job.version,
  });
  return exportCar(job.carId);
}

/** Without what a shop adds of its own: when something was taken in. */
const plain = (file: CarFile) => JSON.parse(JSON.stringify(file)) as CarFile;

describe('a car as one file', () => {
  it('goes to another shop with all it has, and comes out there as it went in', async () => {
    const file = await oneCar();
    expect([file.events.length, file.fills.length, file.parts.length, file.jobs.length]).toEqual([
      1, 1, 1, 1,
    ]);
    const lines: string[] = [];
    for await (const line of exportShop()) lines.push(line);
    const other = await freshDatabase();
    try {
      const taken = await importCar(plain(file));
      expect(taken).toMatchObject({ known: false, added: { events: 1, fills: 1, parts: 1, jobs: 1 } });
      const again = await exportCar(file.id);
      expect(again).toEqual(plain(file));
      // The same once more adds nothing; a newer file of the same car adds what is new of it.
      expect((await importCar(plain(file))).added).toEqual({ events: 0, fills: 0, parts: 0, jobs: 0 });
      const newer = plain(file);
      newer.events.push({ ...newer.events[0]!, id: randomUUID(), onDate: '2026-03-03' });
      expect(await importCar(newer)).toMatchObject({ known: true, added: { events: 1, jobs: 0 } });
      await expect(importAll(lines.map((line) => JSON.parse(line) as unknown))).resolves.toMatchObject({
        cars: [{ id: file.id, known: true }],
      });
    } finally {
      await other.drop();
    }
  });

  it('is refused whole where a car of that name is here, or anything of it is wrong, each thing named', async () => {
    const file = await oneCar();
    const car = await makeCar();
    const foreign = { ...plain(file), id: randomUUID(), car: { ...file.car, name: car.name } };
    const named = await failureOf(importCar(foreign));
    expect(named.detail.issues).toMatchObject([{ path: 'car.name', value: car.name }]);
    const bad = plain(file);
    bad.parts.push({ ...bad.parts[0]!, id: randomUUID() });
    (bad.jobs[0]!.case as { findings: object[] }).findings.push({ id: 'no_such', state: 'yes' });
    const wrong = await failureOf(importCar({ ...bad, id: randomUUID() }));
    expect(wrong.detail.issues!.map(({ path }) => path)).toEqual([
      'parts[1].removedOn',
      expect.stringMatching(/^jobs\[0\]\.case\.findings\[\d+\]/),
    ]);
    expect(
      (await failureOf(importAll([{ format: 'bavrin-case' }, plain(bad)]))).detail.issues![0]!.path,
    ).toMatch(/^entry 1: /);
    await expect(
      importCar({ ...foreign, jobs: [], events: [], fills: [], parts: [] }, 'Another name'),
    ).resolves.toMatchObject({
      name: 'Another name',
      known: false,
    });
  });
});
