import { PedalBench, type PedalOf } from '@/features/bench/pedal/PedalBench';
import { orNotFound } from '@/features/shell/orNotFound';
import { getCar } from '@/server/cars/queries';

export const metadata = { title: 'Pedal bench' };

/** The bench with a car's own master and calipers where it was opened from one. */
export default async function PedalBenchPage({ searchParams }: { searchParams: Promise<{ car?: string }> }) {
  const { car: id } = await searchParams;
  const car = id === undefined ? undefined : await orNotFound(getCar(id));
  return <PedalBench car={car && pedalOf(car)} />;
}

type Car = Awaited<ReturnType<typeof getCar>>;

function pedalOf({ id, name, masterBoreMm, pedalRatio, front, rear }: Car): PedalOf {
  return {
    id,
    name,
    start: {
      boreMm: masterBoreMm ?? undefined,
      ratio: pedalRatio ?? undefined,
      front: pistonsOf(front),
      rear: pistonsOf(rear),
    },
  };
}

function pistonsOf({ pistonsMm, caliper }: Car['front']) {
  return pistonsMm.length === 0 ? undefined : { pistonsMm, opposed: caliper === 'opposed' };
}
