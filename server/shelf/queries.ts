import type { Row } from 'postgres';
import { fromSI } from '../../core/base/units/convert';
import type { ShelfItem } from '../../core/planning/shelf/shelf';
import { database, type Sql } from '../db/sql';
import { celsius } from '../units';

export type ShelfRow = ShelfItem & { version: number };

const ml = (cubicMetres: number | null) =>
  cubicMetres === null ? null : Number(fromSI(cubicMetres, 'ml').toFixed(3));

export function shelfFromRow(row: Row): ShelfRow {
  return {
    id: row.id,
    kind: row.kind,
    what: row.what,
    batch: row.batch,
    quantity: row.quantity,
    fluidClass: row.fluid_class,
    sizeMl: ml(row.size_m3),
    openedAt: row.opened_at?.toISOString() ?? null,
    remainingMl: ml(row.remaining_m3),
    dryC: celsius(row.dry_k),
    wetC: celsius(row.wet_k),
    colour: row.colour,
    price: row.price === null ? null : Number(row.price),
    version: row.version,
  };
}

/** What stands on the shelf, by kind. */
export async function getShelf(sql: Sql = database('own')): Promise<ShelfRow[]> {
  const rows = await sql`
    select * from shelf where dropped_at is null and quantity > 0 order by kind, added_at, id`;
  return rows.map(shelfFromRow);
}
