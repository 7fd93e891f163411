'use client';

import { type BaseOf, retypeAll } from '@/core/base/units/retype';
import type { BenchId, BenchState } from '@/core/car/benchState';
import { isLike } from '../../../shell/device';
import type { Units } from '../../../shell/units';
import { useKeptFigures } from '../../../shell/useKeptFigures';
import type { BenchPlace } from './place';

/** What is typed on a bench, and what can be done to it. */
export type Bench<T> = {
  typed: T;
  keep: (typed: T) => void;
  /** Begins again: as it was opened, else empty. */
  afresh: () => void;
  /** What was typed on a kept one, as it would be typed in these units; nothing where another version's bench left it. */
  typedOf: (kept: Pick<BenchState, 'typed' | 'units'>) => T | undefined;
};

/**
 * What is typed on a bench, kept on this device: for each car by itself, and for each one that was opened by its link.
 * @param empty what stands before anything is typed, in the units shown
 * @param baseOf which unit each figure stands in; the same function each time
 */
export function useBench<T extends object>(
  bench: BenchId,
  { car, opened }: BenchPlace,
  { empty, baseOf, units }: { empty: T; baseOf: BaseOf; units: Units },
): Bench<T> {
  const typedOf: Bench<T>['typedOf'] = ({ typed, units: from }) =>
    isLike(typed, empty)
      ? { ...empty, ...(retypeAll(typed, baseOf, from, units.choice) as Partial<T>) }
      : undefined;
  const start = (opened && typedOf(opened)) ?? empty;
  const name = ['bench', bench, ...(opened ? [opened.id] : car ? [car.id] : [])].join('.');
  const [typed, keep] = useKeptFigures<T>(name, start, baseOf);
  return { typed, keep, afresh: () => keep(start), typedOf };
}
