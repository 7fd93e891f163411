import { FluidBench, type FluidOf } from '@/features/bench/FluidBench';
import { orNotFound } from '@/features/shell/orNotFound';
import { getCar } from '@/server/cars/queries';
import { carFluidNow } from '@/server/fills/fluidNow';

export const metadata = { title: 'Fluid bench' };

/** The bench with what is in a car, and what was last read of it, where it was opened from one. */
export default async function FluidBenchPage({ searchParams }: { searchParams: Promise<{ car?: string }> }) {
  const { car: id } = await searchParams;
  return <FluidBench car={id === undefined ? undefined : await fluidOf(id)} />;
}

async function fluidOf(carId: string): Promise<FluidOf> {
  const car = await orNotFound(getCar(carId));
  const { fluidDryC, fluidWetC, fluidClass } = car;
  const { read } = await carFluidNow(car);
  const own = fluidDryC !== null && fluidWetC !== null ? { dryC: fluidDryC, wetC: fluidWetC } : {};
  return {
    id: car.id,
    name: car.name,
    start: {
      class: fluidClass ?? 'DOT4',
      ...own,
      moisturePct: read?.moisturePct,
      boilingC: read?.boilingC,
      caliperPeakC: read?.caliperPeakC,
    },
  };
}
