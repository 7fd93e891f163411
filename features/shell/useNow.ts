'use client';

import { useEffect, useState } from 'react';
import { useShop } from './ShopContext';

const OFTEN_MS = 30_000;

/** The time as it goes on: the server's for the first picture, then this device's. */
export function useNow(): Date {
  const shop = useShop();
  const [now, setNow] = useState(() => new Date(shop.now));
  useEffect(() => {
    const timer = setInterval(() => setNow(new Date()), OFTEN_MS);
    return () => clearInterval(timer);
  }, []);
  return now;
}
