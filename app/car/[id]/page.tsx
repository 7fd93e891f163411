import { CarView } from '@/features/car/CarView';
import { orNotFound } from '@/features/shell/orNotFound';
import { carJobs, getCar, lastReadings, openFollowUps } from '@/server/cars/queries';

type Props = { params: Promise<{ id: string }> };

export async function generateMetadata({ params }: Props) {
  return { title: (await orNotFound(getCar((await params).id))).name };
}

export default async function CarPage({ params }: Props) {
  const { id } = await params;
  const car = await orNotFound(getCar(id));
  const [jobs, readings, due] = await Promise.all([carJobs(id), lastReadings(id), openFollowUps(id)]);
  return <CarView car={car} jobs={jobs} readings={readings} due={due} />;
}
