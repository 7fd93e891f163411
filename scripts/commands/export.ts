import { exportCar } from '../../server/cars/file';
import { listCars } from '../../server/cars/queries';
import { closeDatabase } from '../../server/db/sql';
import { exportShop } from '../../server/exchange/whole';
import { COMMAND_LINE, standAs } from '../../server/people/actor';
import { withNamed } from '../system/namedFile';
import { fromWhereTheyStand } from '../system/paths';
import { Plain, run, say } from '../system/say';
import { withShop } from '../system/shop';
import { fileAndMode } from '../system/whichShop';
import { writeWhole } from '../system/whole';

/** Writes cars with their histories in the open format: all of them, one a line, or one. The shop may be open meanwhile. */
await run(async () => {
  standAs(COMMAND_LINE);
  const { file, mode, car } = fileAndMode('export');
  return withShop(mode, 'stops', async ({ url }) => {
    process.env.DATABASE_URL = url;
    try {
      const lines = car === undefined ? await allOf(exportShop()) : [await oneCar(car)];
      if (lines.length === 0) throw new Plain('this shop has no cars: nothing was written.');
      withNamed(file, 'written', () => writeWhole(fromWhereTheyStand(file), lines.join('')));
      say(
        `${lines.length} ${lines.length === 1 ? 'car is' : 'cars are'} in ${file}; photographs stay in the shop.`,
      );
      return 0;
    } finally {
      await closeDatabase();
    }
  });
});

async function allOf(lines: AsyncIterable<string>): Promise<string[]> {
  const all: string[] = [];
  for await (const line of lines) all.push(line);
  return all;
}

async function oneCar(name: string): Promise<string> {
  const cars = await listCars();
  const known = cars.find((car) => car.name.toLowerCase() === name.trim().toLowerCase());
  if (!known)
    throw new Plain(
      `there is no car called ${name}; there are ${cars.map((car) => car.name).join('; ') || 'none'}.`,
    );
  return `${JSON.stringify(await exportCar(known.id), null, 1)}\n`;
}
