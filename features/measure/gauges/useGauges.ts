'use client';

import { useSyncExternalStore } from 'react';
import { deviceText } from '../../shell/deviceText';

const bar = deviceText('bavrin.gauges');

/** Whether the bar of instruments is out, as this device was left. */
export function useGauges(): { shown: boolean; show: (shown: boolean) => void } {
  const shown = useSyncExternalStore(
    bar.subscribe,
    () => bar.read() === 'shown',
    () => false,
  );
  return {
    shown,
    show: (next) => bar.write(next ? 'shown' : 'hidden'),
  };
}
