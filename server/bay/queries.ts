import { dayAfter } from '../../core/base/day';
import type { JobCard } from '../../core/job/card';
import type { JobSheet } from '../../core/job/sheet';
import { byUrgency } from '../../core/job/urgency';
import { type CarLine, listCars } from '../cars/queries';
import { database } from '../db/sql';
import { type DueCar, dueUpTo } from '../due/queries';
import { cardAside } from '../heavy/judge';
import { getSheets, openJobIds } from '../jobs/queries';
import { getShop } from '../shop/queries';

export type BayCard = JobCard & { sheet: JobSheet };

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
  const sql = database('own');
  const [sheets, cars, shop] = await Promise.all([
    openJobIds(sql).then((ids) => getSheets(ids, sql)),
    listCars(sql),
    getShop(sql),
  ]);
  const [cards, due] = await Promise.all([
    Promise.all(sheets.map(async (sheet): Promise<BayCard> => ({ sheet, ...(await cardAside(sheet)) }))),
    dueUpTo(dayAfter(today, SOON_DAYS), cars, shop, today, sql),
  ]);
  cards.sort((left, right) => byUrgency(urgencyOf(left), urgencyOf(right)));
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
