'use client';

import { useEffect } from 'react';
import { askHealth } from './health';

/** How often it is asked whether the server answers again, ms. */
const ASK_MS = 3_000;
/** What a fault of the server's own takes away comes no sooner: nobody watches a page that loads over and over, ms. */
const AT_MOST_MS = 60_000;

/** Loads a page that the server could not give anew, as soon as there is one to ask. @param isGone whether it is such a page */
export function useComesBack(isGone: boolean): void {
  useEffect(() => {
    if (!isGone) return;
    let asking = false;
    const timer = setInterval(async () => {
      if (asking || isJustReloaded()) return;
      asking = true;
      if (await askHealth(ASK_MS)) window.location.reload();
      asking = false;
    }, ASK_MS);
    return () => clearInterval(timer);
  }, [isGone]);
}

function isJustReloaded(): boolean {
  const [navigation] = performance.getEntriesByType('navigation') as PerformanceNavigationTiming[];
  return navigation?.type === 'reload' && performance.now() < AT_MOST_MS;
}
