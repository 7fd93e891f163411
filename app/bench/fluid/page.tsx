import type { FluidInput } from '@/core/readings/fluid/fluid';
import { FluidBench } from '@/features/shop/bench/fluid/FluidBench';
import type { getCar } from '@/server/cars/queries';
import { carFluidNow } from '@/server/fills/fluidNow';
import { page } from '../../asPerson';
import { type BenchQuery, benchPlace } from '../place';

export const metadata = { title: 'Fluid bench' };

/** The bench with what is in a car, and what was last read of it, where it was opened from one. */
export default page('own', async ({ searchParams }: { searchParams: BenchQuery }) => {
  const { key, place, car } = await benchPlace('fluid', searchParams);
  return <FluidBench key={key} place={place} start={car && (await startOf(car))} />;
});

async function startOf(car: Awaited<ReturnType<typeof getCar>>): Promise<FluidInput> {
  const { fluidDryC, fluidWetC, fluidClass } = car;
  const { read } = await carFluidNow(car);
  return {
    class: fluidClass ?? 'DOT4',
    ...(fluidDryC !== null && fluidWetC !== null ? { dryC: fluidDryC, wetC: fluidWetC } : {}),
    moisturePct: read?.moisturePct,
    boilingC: read?.boilingC,
    caliperPeakC: read?.caliperPeakC,
  };
}
