'use client';

import type { ComponentProps } from 'react';
import { DateField } from '@/ui/DateField';
import { useShop } from './ShopContext';

/** A day as this shop writes days. */
export function DayField(props: Omit<ComponentProps<typeof DateField>, 'order' | 'today'>) {
  const { dateOrder, today } = useShop();
  return <DateField {...props} order={dateOrder} today={today} />;
}
