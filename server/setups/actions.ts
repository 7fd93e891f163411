import { parseWith } from '../../core/base/issues/zod';
import { setupSchema } from '../../core/planning/knockback/setupSchema';
import { getCar } from '../cars/queries';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { changeDropped } from '../dropped';
import { accept } from '../failure';
import { fieldsOf } from '../http/versioned';
import { knownId, newId } from '../ids';
import { once } from '../once';
import { type CarSetup, SETUP_COLUMNS, setupFromRow } from './queries';

/** Notes how a car goes to a track, under an id its author made; it stands before what was noted for that track earlier. */
export async function addSetup(carId: string, input: unknown, now = new Date()): Promise<CarSetup> {
  const { id, ...body } = fieldsOf(input);
  const setup = accept(parseWith(setupSchema, body));
  const setupId = newId(id);
  const car = knownId('car', carId);
  return database('work').begin((tx) => {
    const stands = () => readSetup(tx, setupId);
    return once(tx, { id: setupId, kind: 'setup', target: car, content: setup }, stands, async () => {
      await getCar(car, tx);
      const { frontN, rearN, ...same } = setup;
      await tx`
        insert into track_setups ${tx({ id: setupId, carId: car, ...same, frontN, rearN, recordedAt: now })}`;
      return stands();
    });
  });
}

/** Drops a set-up that is not gone by any more, or puts it back. */
export async function changeSetup(id: string, input: unknown, now = new Date()): Promise<CarSetup> {
  const setups = {
    table: 'track_setups' as const,
    name: 'set-up',
    fromRow: setupFromRow,
    columns: SETUP_COLUMNS,
  };
  return database('work').begin(async (tx) => setupFromRow(await changeDropped(tx, setups, id, input, now)));
}

async function readSetup(tx: Sql, id: string): Promise<CarSetup> {
  const [row] = await tx<RowOf<'track_setups'>[]>`select * from track_setups where id = ${id}`;
  return setupFromRow(row!);
}
