import { parseWith } from '../../core/base/issues/zod';
import { benchStateSchema } from '../../core/car/benchStateSchema';
import { getCar } from '../cars/queries';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { changeDropped } from '../dropped';
import { accept } from '../failure';
import { fieldsOf } from '../http/versioned';
import { knownId, newId } from '../ids';
import { once } from '../once';
import { BENCH_COLUMNS, benchFromRow, type KeptBench } from './queries';

/** Keeps a bench as it stands with a car, under an id its author made. */
export async function keepBench(carId: string, input: unknown, now = new Date()): Promise<KeptBench> {
  const { id, ...body } = fieldsOf(input);
  const state = accept(parseWith(benchStateSchema, body));
  const stateId = newId(id);
  const car = knownId('car', carId);
  return database('work').begin((tx) => {
    const stands = () => readBench(tx, stateId);
    return once(tx, { id: stateId, kind: 'bench', target: car, content: state }, stands, async () => {
      await getCar(car, tx);
      const { bench, name, typed, units } = state;
      const json = { typed: tx.json(typed as never), units: tx.json(units) };
      await tx`
        insert into bench_states ${tx({ id: stateId, carId: car, bench, name, ...json, recordedAt: now })}`;
      return stands();
    });
  });
}

/** Drops a bench that is wanted no more, or puts it back. */
export async function changeBench(id: string, input: unknown, now = new Date()): Promise<KeptBench> {
  const benches = {
    table: 'bench_states' as const,
    name: 'bench',
    fromRow: benchFromRow,
    columns: BENCH_COLUMNS,
  };
  return database('work').begin(async (tx) => benchFromRow(await changeDropped(tx, benches, id, input, now)));
}

async function readBench(tx: Sql, id: string): Promise<KeptBench> {
  const [row] = await tx<RowOf<'bench_states'>[]>`select * from bench_states where id = ${id}`;
  return benchFromRow(row!);
}
