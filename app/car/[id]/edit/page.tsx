import { CarForm } from '@/features/car/CarForm';
import { orNotFound } from '@/features/shell/orNotFound';
import { getCar } from '@/server/cars/queries';
import { page } from '../../../asPerson';

export const metadata = { title: 'Edit car' };

export default page('work', async ({ params }: { params: Promise<{ id: string }> }) => {
  const { id, version, ...spec } = await orNotFound(getCar((await params).id));
  return <CarForm car={{ id, version, spec }} />;
});
