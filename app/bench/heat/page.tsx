import { HeatBench } from '@/features/shop/bench/heat/HeatBench';
import type { HeatStart } from '@/features/shop/bench/heat/typed';
import type { getCar } from '@/server/cars/queries';
import { carFluidNow } from '@/server/fills/fluidNow';
import { page } from '../../asPerson';
import { type BenchQuery, benchPlace } from '../place';

export const metadata = { title: 'Heat bench' };

/** The bench with a car's own mass, rotor, pad and fluid where it was opened from one. */
export default page('own', async ({ searchParams }: { searchParams: BenchQuery }) => {
  const { key, place, car } = await benchPlace('heat', searchParams);
  return <HeatBench key={key} place={place} start={car && (await startOf(car))} />;
});

async function startOf(car: Awaited<ReturnType<typeof getCar>>): Promise<HeatStart> {
  const { boilsHereC } = await carFluidNow(car);
  return {
    massKg: car.massKg ?? undefined,
    frontShare: car.frontShare ?? undefined,
    regenShare: car.regenShare ?? undefined,
    rotorMassKg: car.front.rotorMassKg ?? undefined,
    padLimitC: car.front.padLimitC ?? undefined,
    fluidC: boilsHereC,
  };
}
