import type { Issue } from '../../core/base/issues/issue';
import { parseWith } from '../../core/base/issues/zod';
import type { FittedPart } from '../../core/planning/shelf/fitted';
import { type NewPart, newPartSchema } from '../../core/planning/shelf/shelfSchema';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { accept, notFound, refused } from '../failure';
import { fieldsOf } from '../http/versioned';
import { knownId, newId } from '../ids';
import { once } from '../once';
import { partFromRow } from './queries';

/**
 * Notes a part put on a car. What it wore in that place comes off the same day; what came from the shelf is one less
 * there.
 */
export async function fitPart(carId: string, input: unknown, now = new Date()): Promise<FittedPart> {
  const { id, ...body } = fieldsOf(input);
  const part = accept(parseWith(newPartSchema, body));
  const partId = newId(id);
  if (daysAhead(part.fittedOn, now) > 1) throw refused([dateIssue(part.fittedOn, 'today or earlier')]);
  const car = knownId('car', carId);
  return database('work').begin((tx) =>
    once(
      tx,
      { id: partId, kind: 'part', target: car, content: part },
      async () =>
        partFromRow((await tx<RowOf<'fitted_parts'>[]>`select * from fitted_parts where id = ${partId}`)[0]!),
      async () => {
        // One part after another on a car: two at once in one place would both be worn.
        const [held] = await tx`select 1 from cars where id = ${car} for no key update`;
        if (!held) throw notFound('car', carId);
        await takeWorn(tx, car, part);
        const lotPrice = await takeFromShelf(tx, part);
        if (part.jobId) {
          const [job] = await tx`select 1 from jobs where id = ${part.jobId} and car_id = ${car}`;
          if (!job) throw notFound('job', part.jobId);
        }
        const row = {
          id: partId,
          carId: car,
          place: part.place,
          kind: part.kind,
          what: part.what,
          batch: part.batch,
          fittedOn: part.fittedOn,
          jobId: part.jobId,
          shelfId: part.shelfId,
          oldWhy: part.oldWhy,
          oldMate: part.oldMate,
          price: part.price ?? lotPrice,
        };
        const [written] = await tx<RowOf<'fitted_parts'>[]>`insert into fitted_parts ${tx(row)} returning *`;
        return partFromRow(written!);
      },
    ),
  );
}

/** @returns what one of that lot costs, where that is known */
async function takeFromShelf(tx: Sql, { shelfId, kind }: NewPart): Promise<string | null> {
  if (!shelfId) return null;
  const [lot] = await tx<Pick<RowOf<'shelf'>, 'price'>[]>`
    update shelf set quantity = quantity - 1, version = version + 1
    where id = ${shelfId} and quantity > 0 and dropped_at is null and kind = ${kind} returning price`;
  if (!lot) throw notFound('lot', shelfId);
  return lot.price;
}

/** What the car wears in that place comes off the day the new one goes on. */
async function takeWorn(
  tx: Sql,
  car: string,
  { place, kind, what, batch, fittedOn }: NewPart,
): Promise<void> {
  const [worn] = await tx<RowOf<'fitted_parts'>[]>`
    select * from fitted_parts
    where car_id = ${car} and place = ${place} and kind = ${kind} and removed_on is null`;
  if (!worn) return;
  const isSame = worn.what === what && worn.batch === batch && (batch !== '' || worn.fittedOn === fittedOn);
  if (isSame)
    throw refused([
      {
        ...{ code: 'refused', path: 'what', value: [what, batch].filter(Boolean).join(' ') },
        accepted: `another part, or another serial: this one is worn there since ${worn.fittedOn}`,
      },
    ]);
  if (worn.fittedOn > fittedOn)
    throw refused([dateIssue(fittedOn, `not before ${worn.fittedOn}, when what it wears was fitted`)]);
  await tx`update fitted_parts set removed_on = ${fittedOn} where id = ${worn.id}`;
}

function dateIssue(value: string, accepted: string): Issue {
  return { code: 'out_of_range', path: 'fittedOn', value, accepted };
}

/** Days a date lies ahead of the server's clock; a shop west or east of it may already be in tomorrow. */
function daysAhead(date: string, now: Date): number {
  return (Date.parse(`${date}T00:00:00Z`) - now.getTime()) / 86_400_000;
}
