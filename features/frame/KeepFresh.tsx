'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { listenForChanges } from '../shell/changes';

/** A board on the wall is looked at, not reloaded: it takes what is new by itself, and the time that passes. */
export function KeepFresh({ everyMs }: { everyMs: number }) {
  const router = useRouter();
  useEffect(() => {
    const timer = setInterval(() => document.visibilityState === 'visible' && router.refresh(), everyMs);
    const end = listenForChanges('/api/changes', () => router.refresh());
    return () => {
      clearInterval(timer);
      end();
    };
  }, [router, everyMs]);
  return null;
}
