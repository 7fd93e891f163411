'use client';

import { createContext, type ReactNode, useContext } from 'react';
import type { DateOrder } from '@/core/base/dates';
import type { UnitChoice } from '@/core/base/units/display';
import type { ShopLimits } from '@/core/car/limits/catalogue';

/** What every screen needs of the shop. */
export type ShopView = UnitChoice & {
  name: string;
  circuit: string;
  altitudeM: number;
  timeZone: string;
  dateOrder: DateOrder;
  /** ISO 4217. */
  currency: string;
  limits: ShopLimits;
  today: string;
  now: string;
};

const Context = createContext<ShopView | null>(null);

export function ShopProvider({ shop, children }: { shop: ShopView; children: ReactNode }) {
  return <Context value={shop}>{children}</Context>;
}

export function useShop(): ShopView {
  const shop = useContext(Context);
  if (!shop) throw new Error('no shop above this component');
  return shop;
}
