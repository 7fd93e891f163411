'use client';

import { useSyncExternalStore } from 'react';
import { deviceText } from '../shell/deviceText';

const keypad = deviceText('bavrin.keypad');

let fingers: MediaQueryList | undefined;

/** On by itself where fingers do the pointing, unless this device has been told otherwise. */
function isOn(): boolean {
  const told = keypad.read();
  if (told !== null) return told === 'on';
  // It is asked at every draw; asking a browser anew takes it as long as drawing a field.
  fingers ??= window.matchMedia('(pointer: coarse)');
  return fingers.matches;
}

/** Whether figures are entered by keys on the screen, big enough for gloves. */
export function useKeypad(): { on: boolean; turn: (on: boolean) => void } {
  const on = useSyncExternalStore(keypad.subscribe, isOn, () => false);
  return { on, turn: (next) => keypad.write(next ? 'on' : 'off') };
}
