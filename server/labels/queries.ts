import { dayIn } from '../../core/base/day';
import { limitFor } from '../../core/car/limits/catalogue';
import { bottleLabel, carLabel, type Label, partLabel } from '../../core/planning/labels/label';
import { getCar, listCars } from '../cars/queries';
import type { RowOf } from '../db/rows';
import { database } from '../db/sql';
import { partFromRow } from '../parts/queries';
import { getShelf } from '../shelf/queries';
import { getShop } from '../shop/queries';

/** Parts on cars that labels are offered for: those fitted last. */
const MOST_PARTS = 300;

/** All that a label can be stuck on: opened bottles before sealed ones, cars, the parts they wear. */
export async function labelsOffered(): Promise<Label[]> {
  const sql = database();
  const [shop, shelf, lines, parts] = await Promise.all([
    getShop(),
    getShelf(),
    listCars(),
    sql<(RowOf<'fitted_parts'> & { carName: string })[]>`
      select p.*, c.name as car_name from fitted_parts p join cars c on c.id = p.car_id
      where p.removed_on is null order by p.fitted_on desc, p.id limit ${MOST_PARTS}`,
  ]);
  const { dateOrder } = shop;
  const freshDays = limitFor('bottleDays', shop.limits).value;
  const bottles = shelf
    .filter(({ kind }) => kind === 'fluid')
    .sort((left, right) => Number(left.openedAt === null) - Number(right.openedAt === null));
  const cars = await Promise.all(lines.map(({ id }) => getCar(id)));
  return [
    ...bottles.map((item) =>
      bottleLabel(item, item.openedAt && dayIn(shop.timeZone, new Date(item.openedAt)), {
        freshDays,
        dateOrder,
      }),
    ),
    ...cars.map((car) => carLabel(car, { dateOrder })),
    ...parts.map((row) => partLabel(partFromRow(row), { id: row.carId, name: row.carName }, { dateOrder })),
  ];
}
