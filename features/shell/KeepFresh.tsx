'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';

/** A board on the wall is looked at, not reloaded: it takes the newest by itself while it is in view. */
export function KeepFresh({ everyMs }: { everyMs: number }) {
  const router = useRouter();
  useEffect(() => {
    const timer = setInterval(() => document.visibilityState === 'visible' && router.refresh(), everyMs);
    return () => clearInterval(timer);
  }, [router, everyMs]);
  return null;
}
