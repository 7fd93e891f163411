'use client';

import { useSyncExternalStore } from 'react';
import { deviceText } from '../shell/deviceText';

const keypad = deviceText('bavrin.keypad');

/** On by itself where fingers do the pointing, unless this device has been told otherwise. */
function isOn(): boolean {
  const told = keypad.read();
  return told === null ? window.matchMedia('(pointer: coarse)').matches : told === 'on';
}

/** Whether figures are entered by keys on the screen, big enough for gloves. */
export function useKeypad(): { on: boolean; turn: (on: boolean) => void } {
  const on = useSyncExternalStore(keypad.subscribe, isOn, () => false);
  return { on, turn: (next) => keypad.write(next ? 'on' : 'off') };
}
