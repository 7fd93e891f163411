import { fromSI } from '../../core/base/units/convert';
import type { ShelfItem } from '../../core/planning/shelf/shelf';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { celsius } from '../units';

export type ShelfRow = ShelfItem & { version: number };

const ml = (cubicMetres: number | null) =>
  cubicMetres === null ? null : Number(fromSI(cubicMetres, 'ml').toFixed(3));

export function shelfFromRow(row: RowOf<'shelf'>): ShelfRow {
  return {
    id: row.id,
    kind: row.kind,
    what: row.what,
    batch: row.batch,
    quantity: row.quantity,
    fluidClass: row.fluidClass,
    sizeMl: ml(row.sizeM3),
    openedAt: row.openedAt?.toISOString() ?? null,
    remainingMl: ml(row.remainingM3),
    dryC: celsius(row.dryK),
    wetC: celsius(row.wetK),
    colour: row.colour,
    price: row.price === null ? null : Number(row.price),
    version: row.version,
  };
}

/** What stands on the shelf, by kind. */
export async function getShelf(sql: Sql = database('own')): Promise<ShelfRow[]> {
  const rows = await sql<RowOf<'shelf'>[]>`
    select * from shelf where dropped_at is null and quantity > 0 order by kind, added_at, id`;
  return rows.map(shelfFromRow);
}
