import { CarForm } from '@/features/car/CarForm';
import { CarFromFile } from '@/features/car/CarFromFile';

export const metadata = { title: 'New car' };

type Props = { searchParams: Promise<{ for?: string }> };

export default async function NewCarPage({ searchParams }: Props) {
  return (
    <>
      <CarForm forComplaint={(await searchParams).for === 'complaint'} />
      <CarFromFile />
    </>
  );
}
