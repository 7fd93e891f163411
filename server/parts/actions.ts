import { parseWith } from '../../core/issues/zod';
import type { FittedPart } from '../../core/work/fitted';
import { newPartSchema } from '../../core/work/shelfSchema';
import { getCar } from '../cars/queries';
import { database } from '../db/sql';
import { notFound, refused } from '../failure';
import { accept } from '../http/route';
import { newId } from '../ids';
import { partFromRow } from './queries';

/**
 * Notes a part put on a car. What it wore in that place comes off the same day; what came from the shelf is one less
 * there.
 */
export async function fitPart(carId: string, input: unknown, now = new Date()): Promise<FittedPart> {
  const { id, ...body } = (input ?? {}) as Record<string, unknown>;
  const part = accept(parseWith(newPartSchema, body));
  const partId = newId(id);
  return database().begin(async (tx) => {
    const { id: car } = await getCar(carId, tx);
    const [same] = await tx`select * from fitted_parts where id = ${partId}`;
    if (same) return partFromRow(same);
    if (part.jobId) {
      const [job] = await tx`select 1 from jobs where id = ${part.jobId} and car_id = ${car}`;
      if (!job) throw notFound('job', part.jobId);
    }
    if (part.shelfId) {
      const [lot] = await tx`
        update shelf set quantity = quantity - 1, version = version + 1
        where id = ${part.shelfId} and quantity > 0 and dropped_at is null and kind = ${part.kind} returning 1`;
      if (!lot) throw notFound('lot', part.shelfId);
    }
    const [worn] = await tx`
      select * from fitted_parts
      where car_id = ${car} and place = ${part.place} and kind = ${part.kind} and removed_on is null for update`;
    if (worn && worn.fitted_on > part.fittedOn)
      throw refused([
        {
          code: 'out_of_range',
          path: 'fittedOn',
          value: part.fittedOn,
          accepted: `not before ${worn.fitted_on}, when what it wears was fitted`,
        },
      ]);
    if (worn) await tx`update fitted_parts set removed_on = ${part.fittedOn} where id = ${worn.id}`;
    if (daysAhead(part.fittedOn, now) > 1)
      throw refused([
        { code: 'out_of_range', path: 'fittedOn', value: part.fittedOn, accepted: 'today or earlier' },
      ]);
    const row = {
      id: partId,
      car_id: car,
      place: part.place,
      kind: part.kind,
      what: part.what,
      batch: part.batch,
      fitted_on: part.fittedOn,
      job_id: part.jobId,
      shelf_id: part.shelfId,
    };
    const [written] = await tx`insert into fitted_parts ${tx(row)} returning *`;
    return partFromRow(written!);
  });
}

/** Days a date lies ahead of the server's clock; a shop west or east of it may already be in tomorrow. */
function daysAhead(date: string, now: Date): number {
  return (Date.parse(`${date}T00:00:00Z`) - now.getTime()) / 86_400_000;
}
