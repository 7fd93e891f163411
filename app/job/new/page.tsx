import { NewJob } from '@/features/job/NewJob';
import { listCars } from '@/server/cars/queries';

export const metadata = { title: 'New complaint' };

export default async function NewJobPage({ searchParams }: { searchParams: Promise<{ car?: string }> }) {
  const { car } = await searchParams;
  const cars = await listCars();
  return <NewJob cars={cars.map(({ id, name, note }) => ({ id, name, note }))} chosen={car} />;
}
