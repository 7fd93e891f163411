import { TakeInView } from '@/features/shop/ledger/takeIn/TakeInView';
import { listCars } from '@/server/cars/queries';
import { page } from '../../asPerson';

export const metadata = { title: 'Readings from a table' };

export default page('work', async () => {
  const cars = await listCars();
  return <TakeInView cars={cars.map(({ id, name }) => ({ id, name }))} />;
});
