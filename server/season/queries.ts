import { dayIn } from '../../core/base/day';
import { limitFor } from '../../core/car/limits/catalogue';
import { SOURCE_WORDS } from '../../core/car/limits/sources';
import { outcomeLabel } from '../../core/job/outcomes';
import { type Season, type SeasonFacts, seasonOf, seasonYears } from '../../core/planning/season/season';
import { getCar } from '../cars/queries';
import { database } from '../db/sql';
import { carFills } from '../fills/queries';
import { figuresFromRow } from '../jobs/rows';
import { carParts } from '../parts/queries';
import { getShop } from '../shop/queries';
import { carPast } from '../wear/queries';

export type CarSeason = Season & { car: { id: string; name: string }; year: number; years: number[] };

/** Readings drawn of a year: more than a car is read in one. */
const MOST_READINGS = 800;

/** A car's year, the present one where none is asked for. */
export async function getSeason(carId: string, asked?: number, now = new Date()): Promise<CarSeason> {
  const [car, shop] = await Promise.all([getCar(carId), getShop()]);
  const today = dayIn(shop.timeZone, now);
  const year = asked ?? Number(today.slice(0, 4));
  const sql = database();
  const day = (at: Date) => dayIn(shop.timeZone, at);
  const [{ events }, parts, fills, jobs, readings] = await Promise.all([
    carPast(car.id, { timeZone: shop.timeZone }),
    carParts(car.id),
    carFills(car.id),
    sql`
      select id, number, complaint, opened_at, closed_at, outcome from jobs
      where car_id = ${car.id} order by opened_at desc limit 400`,
    sql`
      select r.kind, r.corner, r.input, r.result, r.calcs, r.recorded_at, r.job_id
      from jobs join readings r on r.job_id = jobs.id
      where jobs.car_id = ${car.id} and r.kind in ('fluid', 'pads', 'rotor', 'firmness') and r.input is not null
        and r.recorded_at >= ${`${year - 1}-12-31`}::date and r.recorded_at < ${`${year + 1}-01-02`}::date
        and not exists (select 1 from readings later where later.replaces = r.id)
      order by r.recorded_at limit ${MOST_READINGS}`,
  ]);
  const wet = limitFor('wetFromPct', shop.limits);
  const facts: SeasonFacts = {
    ...{ carId: car.id, events, fills, parts, today },
    jobs: jobs.map((row) => ({
      ...{ id: row.id, number: row.number, complaint: row.complaint },
      openedOn: day(row.opened_at),
      closedOn: row.closed_at && day(row.closed_at),
      outcome: row.outcome ? outcomeLabel(row.outcome) : '',
    })),
    readings: readings.flatMap((row) => {
      const { input } = figuresFromRow(row);
      return input === null
        ? []
        : [{ kind: row.kind, corner: row.corner, input, on: day(row.recorded_at), jobId: row.job_id }];
    }),
    limits: { wetFromPct: { value: wet.value, from: SOURCE_WORDS[wet.from] } },
  };
  return { ...seasonOf(facts, year), car: { id: car.id, name: car.name }, year, years: seasonYears(facts) };
}
