import { dayIn } from '../../core/base/day';
import type { Axle } from '../../core/car/corner';
import { limitFor } from '../../core/car/limits/catalogue';
import { SOURCE_WORDS } from '../../core/car/limits/sources';
import type { CarSpec } from '../../core/car/spec';
import { outcomeLabel } from '../../core/job/outcomes';
import { type Season, type SeasonFacts, seasonOf, seasonYears } from '../../core/planning/season/season';
import { padLimit } from '../../core/planning/wear/lines';
import { getCar } from '../cars/queries';
import type { RowOf } from '../db/rows';
import { database } from '../db/sql';
import { carFills } from '../fills/queries';
import { type FiguresRow, figuresFromRow } from '../jobs/rows';
import { carParts } from '../parts/queries';
import { getShop, type ShopRow } from '../shop/queries';
import { carPast } from '../wear/queries';

export type CarSeason = Season & { car: { id: string; name: string }; year: number; years: number[] };

/** Readings drawn of a year: more than a car is read in one. */
const MOST_READINGS = 800;

/** A car's year, the present one where none is asked for. */
export async function getSeason(carId: string, asked?: number, now = new Date()): Promise<CarSeason> {
  const [car, shop] = await Promise.all([getCar(carId), getShop()]);
  const today = dayIn(shop.timeZone, now);
  const year = asked ?? Number(today.slice(0, 4));
  const sql = database('own');
  const day = (at: Date) => dayIn(shop.timeZone, at);
  const [{ events }, parts, fills, jobs, readings] = await Promise.all([
    carPast(car.id, { timeZone: shop.timeZone }),
    carParts(car.id),
    carFills(car.id),
    sql<Pick<RowOf<'jobs'>, 'id' | 'number' | 'complaint' | 'openedAt' | 'closedAt' | 'outcome'>[]>`
      select id, number, complaint, opened_at, closed_at, outcome from jobs
      where car_id = ${car.id} order by opened_at desc limit 400`,
    sql<(FiguresRow & { jobId: string })[]>`
      select r.kind, r.corner, r.input, r.result, r.calcs, r.recorded_at, r.job_id
      from jobs join readings r on r.job_id = jobs.id
      where jobs.car_id = ${car.id} and r.kind in ('fluid', 'pads', 'rotor', 'firmness') and r.input is not null
        and r.recorded_at >= ${`${year - 1}-12-31`}::date and r.recorded_at < ${`${year + 1}-01-02`}::date
        and not exists (select 1 from readings later where later.replaces = r.id)
      order by r.recorded_at limit ${MOST_READINGS}`,
  ]);
  const facts: SeasonFacts = {
    ...{ carId: car.id, events, fills, parts, today },
    jobs: jobs.map((row) => ({
      ...{ id: row.id, number: row.number, complaint: row.complaint },
      openedOn: day(row.openedAt),
      closedOn: row.closedAt && day(row.closedAt),
      outcome: row.outcome ? outcomeLabel(row.outcome) : '',
    })),
    readings: readings.flatMap((row) => {
      const { input } = figuresFromRow(row);
      return input === null
        ? []
        : [{ kind: row.kind, corner: row.corner, input, on: day(row.recordedAt), jobId: row.jobId }];
    }),
    limits: limitsOf(car, shop),
  };
  return { ...seasonOf(facts, year), car: { id: car.id, name: car.name }, year, years: seasonYears(facts) };
}

/** What water, pads and rotors of this car may come to. */
function limitsOf(car: CarSpec, { limits }: ShopRow): SeasonFacts['limits'] {
  const wet = limitFor('wetFromPct', limits);
  const pads = (axle: Axle) => {
    const { mm, from } = padLimit(car[axle].padNewMm, limits);
    return { value: mm, from };
  };
  const rotors = ({ rotorMinimumMm }: CarSpec[Axle]) =>
    rotorMinimumMm === null ? undefined : { value: rotorMinimumMm, from: SOURCE_WORDS.car };
  return {
    water: { value: wet.value, from: SOURCE_WORDS[wet.from] },
    ...{ frontPads: pads('front'), rearPads: pads('rear') },
    ...{ frontRotors: rotors(car.front), rearRotors: rotors(car.rear) },
  };
}
