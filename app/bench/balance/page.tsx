import { BalanceBench, type BalanceOf } from '@/features/bench/balance/BalanceBench';
import { orNotFound } from '@/features/shell/orNotFound';
import { getCar } from '@/server/cars/queries';

export const metadata = { title: 'Balance bench' };

/** The bench with a car's own master, calipers and mass where it was opened from one. */
export default async function BalanceBenchPage({
  searchParams,
}: {
  searchParams: Promise<{ car?: string }>;
}) {
  const { car: id } = await searchParams;
  const car = id === undefined ? undefined : await orNotFound(getCar(id));
  return <BalanceBench car={car && balanceOf(car)} />;
}

type Car = Awaited<ReturnType<typeof getCar>>;

function balanceOf({ id, name, masterBoreMm, pedalRatio, massKg, tyreRadiusM, front, rear }: Car): BalanceOf {
  return {
    id,
    name,
    start: {
      boreMm: masterBoreMm ?? undefined,
      ratio: pedalRatio ?? undefined,
      massKg: massKg ?? undefined,
      rollingRadiusM: tyreRadiusM ?? undefined,
      front: calipersOf(front),
      rear: calipersOf(rear),
    },
  };
}

function calipersOf({ brake, pistonsMm, caliper }: Car['front']) {
  if (pistonsMm.length === 0) return undefined;
  if (brake === 'drum') return { pistonsMm: pistonsMm.slice(0, 1), kind: 'drum' as const };
  return { pistonsMm, kind: caliper === 'opposed' ? ('opposed' as const) : ('sliding' as const) };
}
