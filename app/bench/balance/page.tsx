import { takeOf } from '@/core/car/hydraulics/alternatives';
import type { FirmnessInput } from '@/core/readings/pedal/firmnessSchema';
import { travelSolve } from '@/core/readings/pedal/travelSolve';
import { BalanceBench } from '@/features/shop/bench/balance/BalanceBench';
import type { BalanceStart } from '@/features/shop/bench/balance/typed';
import { goodPedals } from '@/server/cars/goodPedal';
import { type getCar, lastReadings } from '@/server/cars/queries';
import { page } from '../../asPerson';
import { type BenchQuery, benchPlace } from '../place';

export const metadata = { title: 'Balance bench' };

/** The bench with a car's own master, calipers and mass where it was opened from one. */
export default page('own', async ({ searchParams }: { searchParams: BenchQuery }) => {
  const { key, place, car } = await benchPlace('balance', searchParams);
  return <BalanceBench key={key} place={place} start={car && (await startOf(car))} />;
});

type Car = Awaited<ReturnType<typeof getCar>>;

async function startOf(car: Car): Promise<BalanceStart> {
  const { id, masterBoreMm, pedalRatio, massKg, tyreRadiusM, assist, front, rear } = car;
  const [readings, pedals] = await Promise.all([lastReadings(id), goodPedals([id])]);
  const pedal = readings.find(({ kind }) => kind === 'firmness')?.input as FirmnessInput | null | undefined;
  return {
    take: takeBy(car, pedals.get(id)?.points ?? pedal?.points),
    toFloorMm: pedal?.toFloorMm,
    help: assist === null || assist === 'none' ? undefined : assist,
    boreMm: masterBoreMm ?? undefined,
    ratio: pedalRatio ?? undefined,
    massKg: massKg ?? undefined,
    rollingRadiusM: tyreRadiusM ?? undefined,
    front: calipersOf(front),
    rear: calipersOf(rear),
  };
}

/** What the car's brakes take, where three presses of its pedal tell and its master is known. */
function takeBy({ masterBoreMm: boreMm, pedalRatio: ratio }: Car, points: FirmnessInput['points'] = []) {
  const first = points.filter(({ press }) => press === undefined || press === 1);
  if (boreMm === null || ratio === null || first.length < 3) return undefined;
  const solved = travelSolve({ master: { boreMm }, pedal: { ratio }, points: first });
  return solved.ok ? takeOf({ ...solved.value, boreMm, ratio }) : undefined;
}

function calipersOf({ brake, pistonsMm, caliper, rotorRadiusMm }: Car['front']) {
  if (pistonsMm.length === 0) return undefined;
  if (brake === 'drum') return { pistonsMm: pistonsMm.slice(0, 1), kind: 'drum' as const };
  return {
    pistonsMm,
    kind: caliper === 'opposed' ? ('opposed' as const) : ('sliding' as const),
    rotorRadiusMm: rotorRadiusMm ?? undefined,
  };
}
