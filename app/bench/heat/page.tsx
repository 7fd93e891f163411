import { HeatBench, type HeatOf } from '@/features/bench/heat/HeatBench';
import { orNotFound } from '@/features/shell/orNotFound';
import { getCar } from '@/server/cars/queries';

export const metadata = { title: 'Heat bench' };

/** The bench with a car's own mass, rotor and pad where it was opened from one. */
export default async function HeatBenchPage({ searchParams }: { searchParams: Promise<{ car?: string }> }) {
  const { car: id } = await searchParams;
  const car = id === undefined ? undefined : await orNotFound(getCar(id));
  return <HeatBench car={car && heatOf(car)} />;
}

function heatOf({
  id,
  name,
  massKg,
  frontShare,
  regenShare,
  front,
}: Awaited<ReturnType<typeof getCar>>): HeatOf {
  return {
    id,
    name,
    start: {
      massKg: massKg ?? undefined,
      frontShare: frontShare ?? undefined,
      regenShare: regenShare ?? undefined,
      rotorMassKg: front.rotorMassKg ?? undefined,
      padLimitC: front.padLimitC ?? undefined,
    },
  };
}
