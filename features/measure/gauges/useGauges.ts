'use client';

import { useSyncExternalStore } from 'react';
import { device } from '../../shell/device';

const KEY = 'bavrin.gauges';
const watchers = new Set<() => void>();

function subscribe(watcher: () => void): () => void {
  watchers.add(watcher);
  return () => watchers.delete(watcher);
}

/** Whether the bar of instruments is out, as this device was left. */
export function useGauges(): { shown: boolean; show: (shown: boolean) => void } {
  const shown = useSyncExternalStore(
    subscribe,
    () => device.read(KEY) === 'shown',
    () => false,
  );
  return {
    shown,
    show(next) {
      device.write(KEY, next ? 'shown' : 'hidden');
      for (const watcher of watchers) watcher();
    },
  };
}
