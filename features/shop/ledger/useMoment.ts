'use client';

import { moment } from '@/ui/format';
import { useShop } from '../../shell/ShopContext';

/** A moment of the record as this shop writes it. */
export function useMoment(): (iso: string) => string {
  const shop = useShop();
  return (iso) => moment(iso, shop, new Date(shop.now));
}
