import { dayIn } from '@/core/base/day';
import { CarView } from '@/features/car/CarView';
import { KeepFresh } from '@/features/frame/KeepFresh';
import { orNotFound } from '@/features/shell/orNotFound';
import { carJobs, getCar, lastReadings } from '@/server/cars/queries';
import { dueOf } from '@/server/due/queries';
import { carFills } from '@/server/fills/queries';
import { waterTrends } from '@/server/fills/water';
import { inBayOf } from '@/server/jobs/inBay';
import { carParts } from '@/server/parts/queries';
import { photosOf } from '@/server/photos/queries';
import { setupsOf } from '@/server/setups/queries';
import { getShop } from '@/server/shop/queries';
import { carPast } from '@/server/wear/queries';
import { page, title } from '../../asPerson';

type Props = { params: Promise<{ id: string }> };

export const generateMetadata = title('own', async ({ params }: Props) => {
  return { title: (await orNotFound(getCar((await params).id))).name };
});

export default page('own', async ({ params }: Props) => {
  const { id } = await params;
  const car = await orNotFound(getCar(id));
  const shop = await getShop();
  const { timeZone } = shop;
  const [jobs, inBay, readings, due, past, parts, fills, photos, setups, water] = await Promise.all([
    carJobs(id),
    inBayOf(id),
    lastReadings(id),
    dueOf(car, shop, dayIn(timeZone, new Date())),
    carPast(id, { timeZone }),
    carParts(id),
    carFills(id),
    photosOf([car.id]),
    setupsOf([car.id]),
    waterTrends(shop, [car.id]),
  ]);
  return (
    <>
      <KeepFresh />
      <CarView
        {...{ shop, car, jobs, inBay, readings, past, parts, fills }}
        due={due}
        photos={photos.get(car.id) ?? []}
        setups={setups.get(car.id) ?? []}
        water={water.get(car.id)}
      />
    </>
  );
});
