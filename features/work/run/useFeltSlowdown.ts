'use client';

import { useEffect, useEffectEvent } from 'react';
import type { MotionEvent } from '@/core/planning/bedin/motion';
import type { Driving, Motion } from './useMotion';

type Felt = Driving & {
  /** Nobody drives: nothing is listened to. */
  off: boolean;
  onMotion: (event: MotionEvent) => void;
};

/** Tells the phone which slowdown is in hand and what the car is to do now, and is told what the phone felt of it. */
export function useFeltSlowdown(
  { watch }: Motion,
  { slowdown, fromKmh, comingUp, off, onMotion }: Felt,
): void {
  const told = useEffectEvent(onMotion);
  useEffect(() => {
    if (off) return;
    watch({ slowdown, fromKmh, comingUp }, (event) => told(event));
    return () => watch(undefined);
  }, [watch, slowdown, fromKmh, comingUp, off]);
}
