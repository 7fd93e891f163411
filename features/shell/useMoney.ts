'use client';

import { useShop } from './ShopContext';

/** Writes an amount in the shop's own money. */
export function useMoney(): (amount: number) => string {
  const { currency } = useShop();
  return (amount) => {
    const style = { style: 'currency', currency, currencyDisplay: 'code' } as const;
    return new Intl.NumberFormat('en-GB', style).format(amount);
  };
}
