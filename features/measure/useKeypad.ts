'use client';

import { useSyncExternalStore } from 'react';
import { device } from '../shell/device';

const KEY = 'bavrin.keypad';
const watchers = new Set<() => void>();

function subscribe(watcher: () => void): () => void {
  watchers.add(watcher);
  return () => watchers.delete(watcher);
}

/** On by itself where fingers do the pointing, unless this device has been told otherwise. */
function isOn(): boolean {
  const told = device.read(KEY);
  return told === null ? window.matchMedia('(pointer: coarse)').matches : told === 'on';
}

/** Whether figures are entered by keys on the screen, big enough for gloves. */
export function useKeypad(): { on: boolean; turn: (on: boolean) => void } {
  const on = useSyncExternalStore(subscribe, isOn, () => false);
  return {
    on,
    turn(next) {
      device.write(KEY, next ? 'on' : 'off');
      for (const watcher of watchers) watcher();
    },
  };
}
