import { learnPriors } from '../../core/diagnosis/learn/priors';
import type { JobSheet } from '../../core/job/sheet';
import { goodPedals } from '../cars/goodPedal';
import { getCar } from '../cars/queries';
import type { RowOf } from '../db/rows';
import { database } from '../db/sql';
import { timesTaken } from '../learn/minutes';
import { confirmedCauses } from '../learn/queries';
import { carParts } from '../parts/queries';
import { photosOf } from '../photos/queries';
import { setupsOf } from '../setups/queries';
import { getShelf } from '../shelf/queries';
import { getShop } from '../shop/queries';
import { carPast } from '../wear/queries';
import { carBrings } from './carBrings';

/** All that a job of this car begins with but the job itself: a device without a network begins one from it. */
export async function blankOf(id: string) {
  const [car, shop] = await Promise.all([getCar(id), getShop()]);
  const sql = database('own');
  const [past, shelf, parts, took, photos, setups, pedals, confirmed, [fill], [seen], [own]] =
    await Promise.all([
      carPast(car.id, { timeZone: shop.timeZone }),
      getShelf(),
      carParts(car.id),
      timesTaken(),
      photosOf([car.id]),
      setupsOf([car.id]),
      goodPedals([car.id]),
      confirmedCauses(),
      sql<RowOf<'fills'>[]>`
      select * from fills where car_id = ${car.id} and dropped_at is null order by filled_on desc, seq desc limit 1`,
      sql<Pick<RowOf<'odometers'>, 'odometerM' | 'onDay'>[]>`
      select odometer_m, on_day from odometers where car_id = ${car.id} order by on_day desc, odometer_m desc limit 1`,
      sql<Pick<RowOf<'cars'>, 'clearAtMl'>[]>`select clear_at_ml from cars where id = ${car.id}`,
    ]);
  const sheet: Omit<JobSheet, 'job'> = {
    car,
    ...{ answers: [], readings: [], verdicts: [], works: [], ticks: [] },
    ...{ proofs: [], proofDrives: [], trials: [] },
    ...carBrings({
      photos: photos.get(car.id),
      setups: setups.get(car.id),
      clearAtMl: own!.clearAtMl,
      goodPedal: pedals.get(car.id),
      ...{ fill, seen },
      learned: learnPriors(confirmed, shop.learnStrength),
    }),
  };
  return { sheet, place: { ways: shop, shelf, parts, took }, past };
}

export type Blank = Awaited<ReturnType<typeof blankOf>>;
