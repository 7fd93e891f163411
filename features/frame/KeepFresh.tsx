'use client';

import { useEffect } from 'react';
import { dayIn } from '@/core/base/day';
import { listenForChanges } from '../shell/changes';
import { useShop } from '../shell/ShopContext';
import { useRefresh } from '../shell/useRefresh';

/** How often it is looked whether another day has begun, ms. */
const LOOK_MS = 30_000;

/** What is looked at and not reloaded, a board on the wall or a form that is long open, takes what is new by itself, and another day. */
export function KeepFresh() {
  const refreshPage = useRefresh();
  const { timeZone } = useShop();
  useEffect(() => listenForChanges('/api/changes', refreshPage), [refreshPage]);
  useEffect(() => {
    let day = dayIn(timeZone, new Date());
    const timer = setInterval(() => {
      const now = dayIn(timeZone, new Date());
      if (now !== day) refreshPage();
      day = now;
    }, LOOK_MS);
    return () => clearInterval(timer);
  }, [timeZone, refreshPage]);
  return null;
}
