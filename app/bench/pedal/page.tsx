import type { Corner } from '@/core/car/corner';
import { gapsOf } from '@/core/job/gapsAt';
import type { FirmnessInput } from '@/core/readings/pedal/firmnessSchema';
import { PedalBench, type PedalOf } from '@/features/bench/pedal/PedalBench';
import { orNotFound } from '@/features/shell/orNotFound';
import { goodPedals } from '@/server/cars/goodPedal';
import { getCar, lastReadings } from '@/server/cars/queries';

export const metadata = { title: 'Pedal bench' };

/** The bench with a car's own master, calipers and last readings where it was opened from one. */
export default async function PedalBenchPage({ searchParams }: { searchParams: Promise<{ car?: string }> }) {
  const { car: id } = await searchParams;
  return <PedalBench car={id === undefined ? undefined : await pedalOf(id)} />;
}

type Car = Awaited<ReturnType<typeof getCar>>;

async function pedalOf(carId: string): Promise<PedalOf> {
  const car = await orNotFound(getCar(carId));
  const [readings, pedals] = await Promise.all([lastReadings(car.id), goodPedals([car.id])]);
  const { id, name, masterBoreMm, pedalRatio, front, rear } = car;
  const pedal = readings.find(({ kind }) => kind === 'firmness')?.input as FirmnessInput | null | undefined;
  return {
    id,
    name,
    start: {
      boreMm: masterBoreMm ?? undefined,
      ratio: pedalRatio ?? undefined,
      front: pistonsOf(front),
      rear: pistonsOf(rear),
      points: pedal?.points,
      toFloorMm: pedal?.toFloorMm,
      good: pedals.get(id)?.points,
      gapsMm: gapsMm(car, readings),
    },
  };
}

function pistonsOf({ pistonsMm, caliper }: Car['front']) {
  return pistonsMm.length === 0 ? undefined : { pistonsMm, opposed: caliper === 'opposed' };
}

/** What is still open at each pad once its seals have taken back what they do; half on each side. */
function gapsMm(
  car: Car,
  readings: Awaited<ReturnType<typeof lastReadings>>,
): Partial<Record<Corner, number>> {
  const gaps = (['front', 'rear'] as const).flatMap((axle) => gapsOf(car, readings, axle, false));
  return Object.fromEntries(gaps.map(({ corner, leftMm }) => [corner, leftMm / 2]));
}
