import Papa from 'papaparse';
import { dayIn } from '../../core/base/day';
import { type FiledReading, TABLE_HEADS, tableOf } from '../../core/exchange/readings/write';
import { database } from '../db/sql';
import { knownId } from '../ids';
import { type FiguresRow, figuresFromRow } from '../jobs/rows';
import { getShop } from '../shop/queries';

/** Readings of one table: more than any one shop takes in ten years. */
const MOST = 200_000;

/** The readings of the shop, or of one car, as they were found, as CSV (RFC 4180) that can be taken in again. */
export async function readingsCsv(car: string | null): Promise<string> {
  const sql = database();
  const { timeZone } = await getShop(sql);
  const rows = await sql<(FiguresRow & { car: string })[]>`
    select c.name as car, r.kind, r.corner, r.input, r.result, r.calcs, r.recorded_at
    from readings r join jobs j on j.id = r.job_id join cars c on c.id = j.car_id
    where r.input is not null and r.phase = 'before' ${car === null ? sql`` : sql`and c.id = ${knownId('car', car)}`}
      and not exists (select 1 from readings later where later.replaces = r.id)
    order by r.recorded_at, r.id limit ${MOST}`;
  const readings = rows.flatMap((row): FiledReading[] => {
    const { input } = figuresFromRow(row);
    return input === null
      ? []
      : [
          {
            ...{ car: row.car, kind: row.kind, corner: row.corner, input },
            day: dayIn(timeZone, row.recordedAt),
          },
        ];
  });
  return Papa.unparse(
    { fields: [...TABLE_HEADS], data: tableOf(readings) },
    { escapeFormulae: true, newline: '\r\n' },
  );
}
