import { CarForm } from '@/features/car/CarForm';
import { CarFromFile } from '@/features/car/CarFromFile';
import { page } from '../../asPerson';

export const metadata = { title: 'New car' };

type Props = { searchParams: Promise<{ for?: string }> };

export default page('work', async ({ searchParams }: Props) => {
  return (
    <>
      <CarForm forComplaint={(await searchParams).for === 'complaint'} />
      <CarFromFile />
    </>
  );
});
