import { parseWith } from '../../core/base/issues/zod';
import type { FluidFill } from '../../core/planning/fill/fill';
import { fillSchema } from '../../core/planning/fill/fillSchema';
import { refuseBackwards } from '../cars/odometer';
import { getCar } from '../cars/queries';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { changeDropped } from '../dropped';
import { accept, refused } from '../failure';
import { fieldsOf } from '../http/versioned';
import { knownId, newId } from '../ids';
import { once } from '../once';
import { fromCelsius, fromKilometres } from '../units';
import { type CarFill, FILL_COLUMNS, fillFromRow } from './queries';

/** Notes a fill that no job of this shop made, under an id its author made. */
export async function addFill(carId: string, input: unknown, now = new Date()): Promise<CarFill> {
  const { id, ...body } = fieldsOf(input);
  const fill = accept(parseWith(fillSchema, body));
  const fillId = newId(id);
  const car = knownId('car', carId);
  return database('work').begin((tx) =>
    once(
      tx,
      { id: fillId, kind: 'fill', target: car, content: fill },
      () => readFill(tx, fillId),
      async () => {
        await getCar(car, tx);
        await refuseBackwards(tx, car, fill.odometerKm, { on: fill.filledOn });
        await writeFill(tx, fill, { id: fillId, carId: car, jobId: null, at: now });
        return readFill(tx, fillId);
      },
    ),
  );
}

type Filled = { id: string; carId: string; jobId: string | null; at: Date };

/** Writes a fill down; the newest is what the car has from then on. */
export async function writeFill(tx: Sql, fill: FluidFill, { id, carId, jobId, at }: Filled): Promise<void> {
  if (fill.lotId !== null && (await tx`select 1 from shelf where id = ${fill.lotId}`).length === 0)
    throw refused([
      { code: 'unknown_id', path: 'lotId', value: fill.lotId, accepted: 'a lot that stood on the shelf' },
    ]);
  await tx`
    insert into fills ${tx({
      id,
      carId,
      jobId,
      filledOn: fill.filledOn,
      product: fill.product,
      batch: fill.batch,
      fluidClass: fill.fluidClass,
      dryK: fromCelsius(fill.dryC),
      wetK: fromCelsius(fill.wetC),
      colour: fill.colour,
      odometerM: fromKilometres(fill.odometerKm),
      lotId: fill.lotId,
      lotOpenedOn: fill.lotOpenedOn,
      recordedAt: at,
    })}`;
  await giveToCar(tx, carId);
}

/** Drops a fill that was noted by mistake, or puts it back; the car has what is newest then. */
export async function changeFill(id: string, input: unknown, now = new Date()): Promise<CarFill> {
  const fills = { table: 'fills' as const, name: 'fill', fromRow: fillFromRow, columns: FILL_COLUMNS };
  return database('work').begin(async (tx) => {
    const row = await changeDropped(tx, fills, id, input, now);
    await giveToCar(tx, row.carId);
    return fillFromRow(row);
  });
}

/** The car’s class, boiling points and date are those of its newest fill; with none left they stay as they are. */
async function giveToCar(tx: Sql, carId: string): Promise<void> {
  await tx`
    update cars set fluid_filled_on = f.filled_on, fluid_class = f.fluid_class, fluid_dry_k = f.dry_k, fluid_wet_k = f.wet_k,
      version = cars.version + 1
    from (
      select * from fills where car_id = ${carId} and dropped_at is null order by filled_on desc, seq desc limit 1
    ) f
    where cars.id = ${carId}
      and (cars.fluid_filled_on, cars.fluid_class, cars.fluid_dry_k, cars.fluid_wet_k)
        is distinct from (f.filled_on, f.fluid_class, f.dry_k, f.wet_k)`;
}

async function readFill(tx: Sql, id: string): Promise<CarFill> {
  const [row] = await tx<RowOf<'fills'>[]>`select * from fills where id = ${id}`;
  return fillFromRow(row!);
}
