'use client';

import { type LimitName, limitFor, type ResolvedLimit } from '@/core/car/limits/catalogue';
import { useShop } from '../shell/ShopContext';

/** The limit that holds here: the car's figure where it has one, else the shop's, else what is usual. */
export function useLimits(): (name: LimitName, car?: number | null) => ResolvedLimit {
  const { limits } = useShop();
  return (name, car) => limitFor(name, limits, car);
}

/** Only what the shop itself has set, as the calcs take it. */
export function ownLimits<N extends LimitName>(
  limits: Partial<Record<LimitName, number>>,
  names: readonly N[],
): { limits?: Partial<Record<N, number>> } {
  const own = names.filter((name) => limits[name] !== undefined);
  if (own.length === 0) return {};
  return {
    limits: Object.fromEntries(own.map((name) => [name, limits[name]])) as Partial<Record<N, number>>,
  };
}
