import type { Issue } from '../../core/base/issues/issue';
import { type OpenCarFile, openCarFile } from '../../core/exchange/carfile/open';
import { type OpenCase, openCase } from '../../core/exchange/casefile/open';
import { type CarTaken, exportCar, writeCar } from '../cars/file';
import { listCars } from '../cars/queries';
import { oneAtATime } from '../db/oneAtATime';
import { database } from '../db/sql';
import { refused } from '../failure';
import { takeCase } from '../ledger/exchange';

/** Taking in a whole shop may take so long. */
const IMPORT_MS = 10 * 60_000;

/** The shop in the open format: a car with its history a line, by name. */
export async function* exportShop(): AsyncGenerator<string> {
  for (const { id } of await listCars()) yield `${JSON.stringify(await exportCar(id))}\n`;
}

export type ShopTaken = { cars: CarTaken[]; cases: number; knownCases: number };

/**
 * Takes cars' files and cases in, in whatever order they come: all of them or none.
 * @param inputs parsed, still unchecked
 * @throws Failure with what is wrong, by the number of the input
 */
export async function importAll(inputs: readonly unknown[], now = new Date()): Promise<ShopTaken> {
  const cars: OpenCarFile[] = [];
  const cases: OpenCase[] = [];
  const issues: Issue[] = [];
  for (const [at, input] of inputs.entries()) {
    const isCar = (input as { format?: unknown } | null)?.format === 'bavrin-car';
    const outcome = isCar ? openCarFile(input) : openCase(input);
    if (!outcome.ok)
      issues.push(...outcome.issues.map((each) => ({ ...each, path: `entry ${at + 1}: ${each.path}` })));
    else if ('cases' in outcome.value) cars.push(outcome.value);
    else cases.push(outcome.value);
  }
  if (issues.length > 0) throw refused(issues.slice(0, 50));
  return database('work', IMPORT_MS).begin(async (tx) => {
    await oneAtATime(tx, 'import');
    const taken: ShopTaken = { cars: [], cases: 0, knownCases: 0 };
    for (const car of cars) taken.cars.push(await writeCar(tx, car, { now }));
    for (const each of cases) {
      const { isNew } = await takeCase(tx, each, now);
      taken[isNew ? 'cases' : 'knownCases'] += 1;
    }
    return taken;
  });
}
