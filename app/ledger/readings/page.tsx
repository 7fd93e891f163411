import { TakeInView } from '@/features/shop/ledger/takeIn/TakeInView';
import { listCars } from '@/server/cars/queries';

export const metadata = { title: 'Readings from a table' };

export default async function TakeInPage() {
  const cars = await listCars();
  return <TakeInView cars={cars.map(({ id, name }) => ({ id, name }))} />;
}
