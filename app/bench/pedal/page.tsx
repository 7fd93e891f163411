import type { Corner } from '@/core/car/corner';
import { gapsOf } from '@/core/job/gapsAt';
import type { FirmnessInput } from '@/core/readings/pedal/firmnessSchema';
import { PedalBench } from '@/features/shop/bench/pedal/PedalBench';
import type { PedalStart } from '@/features/shop/bench/pedal/typed';
import { goodPedals } from '@/server/cars/goodPedal';
import { type getCar, lastReadings } from '@/server/cars/queries';
import { page } from '../../asPerson';
import { type BenchQuery, benchPlace } from '../place';

export const metadata = { title: 'Pedal bench' };

/** The bench with a car's own master, calipers and last readings where it was opened from one. */
export default page('own', async ({ searchParams }: { searchParams: BenchQuery }) => {
  const { key, place, car } = await benchPlace('pedal', searchParams);
  return <PedalBench key={key} place={place} start={car && (await startOf(car))} />;
});

type Car = Awaited<ReturnType<typeof getCar>>;

async function startOf(car: Car): Promise<PedalStart> {
  const [readings, pedals] = await Promise.all([lastReadings(car.id), goodPedals([car.id])]);
  const { id, masterBoreMm, pedalRatio, front, rear } = car;
  const pedal = readings.find(({ kind }) => kind === 'firmness')?.input as FirmnessInput | null | undefined;
  return {
    boreMm: masterBoreMm ?? undefined,
    ratio: pedalRatio ?? undefined,
    front: pistonsOf(front),
    rear: pistonsOf(rear),
    points: pedal?.points,
    toFloorMm: pedal?.toFloorMm,
    good: pedals.get(id)?.points,
    gapsMm: gapsMm(car, readings),
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
