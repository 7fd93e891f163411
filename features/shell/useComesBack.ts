'use client';

import { useEffect } from 'react';
import { askHealth } from './health';
import { type Reloaded, waitBefore } from './reloads';

/** How often it is asked whether the server answers again, ms. */
const ASK_MS = 3_000;
/** Of this tab: another one may be well. */
const KEY = 'bavrin.reloaded';

/** Loads a page that the server could not give anew, as soon as there is one to ask. @param isGone whether it is such a page */
export function useComesBack(isGone: boolean): void {
  useEffect(() => {
    if (!isGone) return;
    const last = lastReload();
    const until = Date.now() + waitBefore(last, window.location.pathname, Date.now());
    let asking = false;
    const timer = setInterval(async () => {
      if (asking || Date.now() < until) return;
      asking = true;
      if (await askHealth(ASK_MS)) reload(last);
      asking = false;
    }, ASK_MS);
    return () => clearInterval(timer);
  }, [isGone]);
}

function reload(last: Reloaded | undefined): void {
  const path = window.location.pathname;
  const times = last?.path === path ? last.times + 1 : 1;
  const reloaded: Reloaded = { path, times, at: Date.now() };
  try {
    sessionStorage.setItem(KEY, JSON.stringify(reloaded));
  } catch {
    // A browser that keeps nothing could not tell that it has done so before: whoever is there loads it.
    return;
  }
  window.location.reload();
}

function lastReload(): Reloaded | undefined {
  try {
    return JSON.parse(sessionStorage.getItem(KEY) ?? 'null') ?? undefined;
  } catch {
    return undefined;
  }
}
