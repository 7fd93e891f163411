import type { HoldId } from '../../core/diagnosis/holds/holds';
import { openHolds } from '../../core/job/holds';
import { seenWrong } from '../../core/job/seenWrong';
import type { GivenFinding } from '../../core/readings/given';
import { database } from '../db/sql';
import { getSheets } from './queries';

/** What a car stands in the bay for: an open job, what of it keeps the car there, what was found wrong and is so still. */
export type InBay = {
  id: string;
  number: number;
  complaint: string;
  holds: { id: HoldId | 'left_apart'; label: string; until: string }[];
  wrong: GivenFinding[];
};

/** The open jobs of a car, the newest first. */
export async function inBayOf(carId: string): Promise<InBay[]> {
  const sql = database('own');
  const rows = await sql<{ id: string }[]>`
    select id from jobs where car_id = ${carId} and closed_at is null order by opened_at desc, id`;
  const sheets = await getSheets(
    rows.map(({ id }) => id),
    sql,
  );
  return sheets.map((sheet): InBay => {
    const { id, number, complaint } = sheet.job;
    const holds = openHolds(sheet).map((hold) => ({ id: hold.id, label: hold.label, until: hold.until }));
    return { id, number, complaint, holds, wrong: seenWrong(sheet) };
  });
}
