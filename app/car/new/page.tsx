import { CarForm } from '@/features/car/CarForm';

export const metadata = { title: 'New car' };

export default function NewCarPage() {
  return <CarForm />;
}
