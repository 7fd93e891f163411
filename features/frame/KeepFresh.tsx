'use client';

import { useEffect } from 'react';
import { listenForChanges } from '../shell/changes';
import { useRefresh } from '../shell/useRefresh';

/** A board on the wall is looked at, not reloaded: it takes what is new by itself, and the time that passes. */
export function KeepFresh({ everyMs }: { everyMs: number }) {
  const refreshPage = useRefresh();
  useEffect(() => {
    const timer = setInterval(() => document.visibilityState === 'visible' && refreshPage(), everyMs);
    const end = listenForChanges('/api/changes', refreshPage);
    return () => {
      clearInterval(timer);
      end();
    };
  }, [refreshPage, everyMs]);
  return null;
}
