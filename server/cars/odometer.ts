import { showValue } from '../../core/base/issues/issue';
import type { RowOf } from '../db/rows';
import type { Sql } from '../db/sql';
import { refused } from '../failure';
import { fromKilometres, kilometres } from '../units';

type Shown = Pick<RowOf<'odometers'>, 'odometerM' | 'onDay'>;

/**
 * Refuses a distance that runs backwards: less than the odometer showed on an earlier day, or more than it did on a later one. An odometer
 * that was changed is left out until it has run on.
 * @param km as it is to be written down; null says nothing
 * @param read the day it was read on, and the job whose own reading it replaces
 * @throws Failure naming the field, the figure and what is between the two
 */
export async function refuseBackwards(
  tx: Sql,
  carId: string,
  km: number | null | undefined,
  read: { on: string; jobId?: string },
): Promise<void> {
  if (km === null || km === undefined) return;
  const others = tx`
    select odometer_m, on_day from odometers
    where car_id = ${carId} ${read.jobId ? tx`and job_id is distinct from ${read.jobId}` : tx``}`;
  const [before, after] = await Promise.all([
    tx<Shown[]>`select * from (${others}) seen where on_day < ${read.on} order by odometer_m desc limit 1`,
    tx<Shown[]>`select * from (${others}) seen where on_day > ${read.on} order by odometer_m limit 1`,
  ]);
  const m = fromKilometres(km)!;
  const [least, most] = [before[0], after[0]];
  if (!(least && m < least.odometerM) && !(most && m > most.odometerM)) return;
  const said = (row: Shown | undefined, words: string) =>
    row ? `${words} ${Math.round(kilometres(row.odometerM)!)} km, read on ${row.onDay}` : '';
  throw refused([
    {
      ...{ code: 'out_of_range', path: 'odometerKm', value: showValue(km) },
      accepted: [said(least, 'not under'), said(most, 'not over')].filter(Boolean).join('; '),
    },
  ]);
}
