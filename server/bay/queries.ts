import type { JobCard } from '../../core/job/card';
import type { JobSheet } from '../../core/job/sheet';
import { byUrgency } from '../../core/job/urgency';
import type { Driven } from '../../core/planning/due/distance';
import { type FluidSchool, fluidDue } from '../../core/planning/due/fluid';
import type { WaterTrend } from '../../core/planning/due/water';
import { type CarLine, type FollowUp, listCars, openFollowUps } from '../cars/queries';
import { database } from '../db/sql';
import { drivenSinceFill } from '../fills/queries';
import { waterTrends } from '../fills/water';
import { cardAside } from '../heavy/judge';
import { getSheets, openJobIds } from '../jobs/queries';
import { getShop } from '../shop/queries';
import { eventDaysSinceFill } from '../wear/queries';

export type BayCard = JobCard & { sheet: JobSheet };

export type DueLine = { what: string; why: string; dueOn: string | null; followUp?: FollowUp };

/** What is due on one car, soonest first. */
export type DueCar = { carId: string; carName: string; lines: DueLine[] };

export type Bay = {
  cards: BayCard[];
  cars: CarLine[];
  /** Cars with something due, the soonest first, as many as are shown; and how many there are besides. */
  due: { cars: DueCar[]; more: number };
};

/** Falls due within this many days, or is over: worth a line. */
const SOON_DAYS = 30;

/** Cars with something due that the board shows by itself. */
const DUE_SHOWN = 8;

/** The board: open jobs, most urgent first; the cars; what is due, for the first cars or for all. */
export async function getBay(today: string, allDue = false): Promise<Bay> {
  const sql = database();
  const [sheets, cars, followUps, shop] = await Promise.all([
    openJobIds(sql).then((ids) => getSheets(ids, sql)),
    listCars(sql),
    openFollowUps(today, undefined, sql),
    getShop(sql),
  ]);
  const cards = await Promise.all(
    sheets.map(async (sheet): Promise<BayCard> => ({ sheet, ...(await cardAside(sheet)) })),
  );
  cards.sort((left, right) => byUrgency(urgencyOf(left), urgencyOf(right)));
  const events = shop.fluidSchool === 'each_event' ? await eventDaysSinceFill(sql) : new Map();
  const driven = shop.fluidSchool === 'months_or_distance' ? await drivenSinceFill(sql) : new Map();
  const water = shop.fluidSchool === 'by_water' ? await waterTrends(shop, undefined, sql) : new Map();
  const due = dueByCar(cars, followUps, { school: shop.fluidSchool, events, driven, water }, today);
  const shown = allDue ? due : due.slice(0, DUE_SHOWN);
  return { cards, cars, due: { cars: shown, more: due.length - shown.length } };
}

function urgencyOf({ sheet, holds, out }: BayCard) {
  return {
    holds: holds.length,
    out: out !== undefined,
    neededAt: sheet.job.neededAt,
    openedAt: sheet.job.openedAt,
  };
}

/** What the fluid is due by, car by car. */
type FluidRule = {
  school: FluidSchool;
  events: ReadonlyMap<string, string[]>;
  driven: ReadonlyMap<string, Driven>;
  water: ReadonlyMap<string, WaterTrend>;
};

function dueByCar(
  cars: readonly CarLine[],
  followUps: readonly FollowUp[],
  { school, events, driven, water }: FluidRule,
  today: string,
): DueCar[] {
  const noted = new Map<string, DueLine[]>();
  for (const followUp of followUps) {
    const { carId, what, jobId, dueOn } = followUp;
    const why = followUp.why ?? (jobId === null ? '' : 'Noted when a job was closed.');
    noted.set(carId, [...(noted.get(carId) ?? []), { what, why, dueOn, followUp }]);
  }
  return cars
    .map(({ id, name, fluidFilledOn }): DueCar => {
      const { daysLeft, why, dueOn } = fluidDue(fluidFilledOn, school, today, {
        events: events.get(id),
        driven: driven.get(id),
        water: water.get(id),
      });
      const lines = daysLeft !== null && daysLeft <= SOON_DAYS ? [{ what: 'Brake fluid', why, dueOn }] : [];
      return { carId: id, carName: name, lines: [...lines, ...(noted.get(id) ?? [])].sort(bySoonest) };
    })
    .filter((car) => car.lines.length > 0)
    .sort((left, right) => bySoonest(left.lines[0]!, right.lines[0]!));
}

/** A date before what has none: what nobody knows the date of is no more urgent for that. */
function bySoonest(left: DueLine, right: DueLine): number {
  return (left.dueOn ?? '9').localeCompare(right.dueOn ?? '9');
}
