import { CarForm } from '@/features/car/CarForm';
import { KeepFresh } from '@/features/frame/KeepFresh';
import { orNotFound } from '@/features/shell/orNotFound';
import { getCar } from '@/server/cars/queries';
import { page } from '../../../asPerson';

export const metadata = { title: 'Edit car' };

export default page('work', async ({ params }: { params: Promise<{ id: string }> }) => {
  const { id, version, ...spec } = await orNotFound(getCar((await params).id));
  return (
    <>
      <KeepFresh />
      <CarForm car={{ id, version, spec }} />
    </>
  );
});
