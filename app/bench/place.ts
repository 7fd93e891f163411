import { notFound } from 'next/navigation';
import type { BenchId } from '@/core/car/benchState';
import { standing } from '@/core/job/standing';
import { orNotFound } from '@/features/shell/orNotFound';
import type { BenchPlace } from '@/features/shop/bench/frame/place';
import { keptBench, keptBenches } from '@/server/benches/queries';
import { getCar, listCars } from '@/server/cars/queries';
import { getSheet } from '@/server/jobs/queries';

export type BenchQuery = Promise<{ car?: string; kept?: string; job?: string }>;

/** Where a bench stands by its address: the car, what was kept of it, and what a link opens; another key, another bench. */
export async function benchPlace(
  bench: BenchId,
  query: BenchQuery,
): Promise<{ key: string; place: BenchPlace; car?: Awaited<ReturnType<typeof getCar>> }> {
  const { car: carId, kept: keptId, job: jobId } = await query;
  if (carId === undefined) return { key: 'any', place: { cars: await listCars(), kept: [] } };
  const [cars, car, kept, opened, job] = await Promise.all([
    listCars(),
    orNotFound(getCar(carId)),
    orNotFound(keptBenches(carId, bench)),
    keptId === undefined ? undefined : orNotFound(keptBench(keptId, { carId, bench })),
    jobId === undefined ? undefined : orNotFound(jobOf(jobId, carId)),
  ]);
  if (keptId !== undefined && !opened) notFound();
  return {
    key: keptId ?? car.id,
    place: { cars, car: { id: car.id, name: car.name }, kept, opened, job },
    car,
  };
}

/** The job a bench was opened from, where it is of this car and still open. */
async function jobOf(id: string, carId: string): Promise<BenchPlace['job']> {
  const { job, readings } = await getSheet(id);
  if (job.carId !== carId || job.closedAt !== null) return undefined;
  const rows = standing(readings, 'before').filter(({ corner }) => corner === '');
  return {
    id: job.id,
    number: job.number,
    standing: Object.fromEntries(rows.map(({ kind, id: row }) => [kind, row])),
  };
}
