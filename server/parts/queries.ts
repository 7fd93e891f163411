import type { FittedPart } from '../../core/planning/shelf/fitted';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';

export function partFromRow(row: RowOf<'fitted_parts'>): FittedPart {
  return {
    id: row.id,
    kind: row.kind,
    place: row.place,
    what: row.what,
    batch: row.batch,
    fittedOn: row.fittedOn,
    removedOn: row.removedOn,
    jobId: row.jobId,
    oldWhy: row.oldWhy,
    oldMate: row.oldMate,
    price: row.price === null ? null : Number(row.price),
  };
}

/** Parts looked back on: what a car wears now, and what it wore of late. */
const MOST_PARTS = 80;

/** Parts of a car, those it wears first, newest first. */
export async function carParts(carId: string, sql: Sql = database('own')): Promise<FittedPart[]> {
  const rows = await sql<RowOf<'fitted_parts'>[]>`
    select * from fitted_parts where car_id = ${carId}
    order by removed_on is not null, fitted_on desc, id limit ${MOST_PARTS}`;
  return rows.map(partFromRow);
}
