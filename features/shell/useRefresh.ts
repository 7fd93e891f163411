'use client';

import { useRouter } from 'next/navigation';
import { useCallback } from 'react';
import { askHealth } from './health';

/**
 * Makes the page anew with what the server has now, where there is one to ask: asked in vain, the router would leave the page for one that
 * cannot be loaded, and what is being typed with it.
 */
export function useRefresh(): () => void {
  const router = useRouter();
  return useCallback(() => {
    if (navigator.onLine) void askHealth().then((health) => health && router.refresh());
  }, [router]);
}
