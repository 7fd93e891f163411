import { NewJob } from '@/features/job/NewJob';
import { listCars } from '@/server/cars/queries';
import { page } from '../../asPerson';

export const metadata = { title: 'New complaint' };

type Props = { searchParams: Promise<{ car?: string; says?: string }> };

export default page('tell', async ({ searchParams }: Props) => {
  const { car, says } = await searchParams;
  const cars = await listCars();
  return (
    <NewJob
      // Opened from here for something else it begins anew.
      key={`${car} ${says}`}
      cars={cars.map(({ id, name, note }) => ({ id, name, note }))}
      chosen={car}
      says={says}
    />
  );
});
