import { HeatBench, type HeatOf } from '@/features/bench/heat/HeatBench';
import { orNotFound } from '@/features/shell/orNotFound';
import { getCar } from '@/server/cars/queries';
import { carFluidNow } from '@/server/fills/fluidNow';

export const metadata = { title: 'Heat bench' };

/** The bench with a car's own mass, rotor, pad and fluid where it was opened from one. */
export default async function HeatBenchPage({ searchParams }: { searchParams: Promise<{ car?: string }> }) {
  const { car: id } = await searchParams;
  return <HeatBench car={id === undefined ? undefined : await heatOf(id)} />;
}

async function heatOf(carId: string): Promise<HeatOf> {
  const car = await orNotFound(getCar(carId));
  const { boilsHereC } = await carFluidNow(car);
  return {
    id: car.id,
    name: car.name,
    start: {
      massKg: car.massKg ?? undefined,
      frontShare: car.frontShare ?? undefined,
      regenShare: car.regenShare ?? undefined,
      rotorMassKg: car.front.rotorMassKg ?? undefined,
      padLimitC: car.front.padLimitC ?? undefined,
      fluidC: boilsHereC,
    },
  };
}
