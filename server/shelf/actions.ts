import { parseWith } from '../../core/base/issues/zod';
import { toSI } from '../../core/base/units/convert';
import {
  newShelfItemSchema,
  openBottleSchema,
  shelfChangesSchema,
} from '../../core/planning/shelf/shelfSchema';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { accept, notFound, refused, stale } from '../failure';
import { fieldsOf, versioned } from '../http/versioned';
import { knownId, newId } from '../ids';
import { once, sameContent, type Write } from '../once';
import { fromCelsius } from '../units';
import { type ShelfRow, shelfFromRow } from './queries';

/** Puts a lot on the shelf, under an id its author made. */
export async function addShelfItem(input: unknown, now = new Date()): Promise<ShelfRow> {
  const { id, ...body } = fieldsOf(input);
  const item = accept(parseWith(newShelfItemSchema, body));
  const itemId = newId(id);
  const row = {
    id: itemId,
    kind: item.kind,
    what: item.what,
    batch: item.batch,
    quantity: item.quantity,
    fluidClass: item.fluidClass,
    sizeM3: item.sizeMl === null ? null : toSI(item.sizeMl, 'ml'),
    dryK: fromCelsius(item.dryC),
    wetK: fromCelsius(item.wetC),
    colour: item.colour,
    price: item.price,
    addedAt: now,
  };
  return database('work').begin((tx) => {
    const stands = () => lotById(tx, itemId);
    return once(tx, { id: itemId, kind: 'lot', content: item }, stands, async () => {
      await tx`insert into shelf ${tx(row)}`;
      return stands();
    });
  });
}

async function lotById(tx: Sql, id: string): Promise<ShelfRow> {
  const [row] = await tx<RowOf<'shelf'>[]>`select * from shelf where id = ${id}`;
  return shelfFromRow(row!);
}

/** Counts a lot anew or takes it off the shelf, over the version its author saw. */
export async function changeShelfItem(id: string, input: unknown, now = new Date()): Promise<ShelfRow> {
  const { version, body } = versioned(input);
  const { quantity, remainingMl, dropped } = accept(parseWith(shelfChangesSchema, body));
  const itemId = knownId('lot', id);
  return database('work').begin(async (tx) => {
    const [current] = await tx<RowOf<'shelf'>[]>`select * from shelf where id = ${itemId} for no key update`;
    if (!current) throw notFound('lot', id);
    const before = shelfFromRow(current);
    const asked = { quantity, remainingMl, dropped: dropped ?? false };
    const stands = {
      quantity: before.quantity,
      remainingMl: before.remainingMl,
      dropped: current.droppedAt !== null,
    };
    if (before.version > version && sameContent(asked, stands)) return before;
    // What was taken off by mistake is put back; nothing else is done to it.
    const gone = current.droppedAt !== null && dropped !== false;
    if (before.version !== version || gone) throw stale('That lot', before);
    if ((remainingMl === null) !== (before.openedAt === null) || (remainingMl ?? 0) > (before.sizeMl ?? 0))
      throw refused([
        {
          code: 'out_of_range',
          path: 'remainingMl',
          value: JSON.stringify(remainingMl),
          accepted:
            before.openedAt === null
              ? 'nothing: it is sealed'
              : `0 to ${before.sizeMl} ml, what the bottle holds`,
        },
      ]);
    const [row] = await tx<RowOf<'shelf'>[]>`
      update shelf set quantity = ${quantity}, remaining_m3 = ${remainingMl === null ? null : toSI(remainingMl, 'ml')},
        dropped_at = ${dropped ? now : null}, version = version + 1
      where id = ${itemId} returning *`;
    return shelfFromRow(row!);
  });
}

/** Opens a sealed bottle: one less in the lot, one opened bottle of its own, with the moment it was opened: now, or when it was where no network was. */
export async function openBottle(id: string, input: unknown, now = new Date()): Promise<ShelfRow> {
  const { id: openedId, openedAt } = accept(parseWith(openBottleSchema, input));
  // A device's clock may be ahead: nothing was opened later than now.
  const at = openedAt === null ? now : new Date(Math.min(Date.parse(openedAt), now.getTime()));
  const lotId = knownId('lot', id);
  const write: Write = { id: openedId, kind: 'lot', target: lotId, content: openedAt ?? 'open' };
  return database('work').begin((tx) =>
    once(
      tx,
      write,
      () => lotById(tx, openedId),
      async () => {
        const [row] = await tx<RowOf<'shelf'>[]>`select * from shelf where id = ${lotId} for no key update`;
        if (!row || row.droppedAt) throw notFound('lot', id);
        const lot = shelfFromRow(row);
        if (lot.kind !== 'fluid' || lot.openedAt || lot.quantity < 1)
          throw refused([
            {
              code: 'refused',
              path: 'id',
              value: lot.openedAt ? 'already opened' : `${lot.quantity} of ${lot.what}`,
              accepted: 'a lot with a sealed bottle of fluid in it',
            },
          ]);
        await tx`update shelf set quantity = quantity - 1, version = version + 1 where id = ${lotId}`;
        const opened = {
          id: openedId,
          kind: 'fluid',
          what: lot.what,
          batch: lot.batch,
          quantity: 1,
          fluidClass: row.fluidClass,
          sizeM3: row.sizeM3,
          dryK: row.dryK,
          wetK: row.wetK,
          colour: row.colour,
          openedAt: at,
          remainingM3: row.sizeM3,
          addedAt: now,
        };
        const [written] = await tx<RowOf<'shelf'>[]>`insert into shelf ${tx(opened)} returning *`;
        return shelfFromRow(written!);
      },
    ),
  );
}
