'use client';

import { type LimitName, limitFor, type ResolvedLimit } from '@/core/car/limits/catalogue';
import { useShop } from '../shell/ShopContext';

/** The limit that holds here: the car's figure where it has one, else the shop's, else what is usual. */
export function useLimits(): (name: LimitName, car?: number | null) => ResolvedLimit {
  const { limits } = useShop();
  return (name, car) => limitFor(name, limits, car);
}
