'use client';

import { useSyncExternalStore } from 'react';

/** What stands behind the # of the address; empty on the server. */
export function useHash(): string {
  return useSyncExternalStore(
    subscribe,
    () => location.hash.slice(1),
    () => '',
  );
}

function subscribe(changed: () => void): () => void {
  addEventListener('hashchange', changed);
  return () => removeEventListener('hashchange', changed);
}
