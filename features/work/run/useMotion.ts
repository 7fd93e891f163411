'use client';

import { type RefObject, useCallback, useEffect, useRef, useState } from 'react';
import {
  type MotionDetector,
  type MotionEvent,
  type MotionSample,
  motionDetector,
} from '@/core/planning/bedin/motion';
import { simulatedSlowdown } from '@/core/planning/bedin/simulatedDrive';
import type { Step } from '@/core/planning/run/step';

/** What the drive is at: the slowdown in hand, the speed it comes from, whether the car is to come up to speed. */
export type Driving = { slowdown: NonNullable<Step['slowdown']>; fromKmh: number; comingUp: boolean };

export type Motion = {
  state: 'off' | 'learning' | 'watching';
  /** Why there is none, where it was asked for. */
  trouble?: string;
  start: (source: 'phone' | 'simulated') => void;
  stop: () => void;
  /** What the drive is at now, and who is told of what the phone felt; nothing while nobody is braking. */
  watch: (driving: Driving | undefined, onEvent?: (event: MotionEvent) => void) => void;
};

/** A simulated drive goes by this much faster than a true one. */
const HASTE = 12;
const EVERY_MS = 50;
/** A phone that feels anything has said so by then. */
const PATIENCE_MS = 3000;
/** What goes on in any case. */
const BY_HAND = 'The passenger’s keys do it all.';

/** The phone's own motion over a whole bed-in: which way is forward is learnt once, and kept from slowdown to slowdown. */
export function useMotion(): Motion {
  const [trouble, setTrouble] = useState<string>();
  const driving = useRef<Driving>(undefined);
  const listener = useRef<(event: MotionEvent) => void>(undefined);
  const { state, feel, begin, stop } = useFeeling(driving, listener);
  const [drive] = useState(simulatedDrive);

  const start = (source: 'phone' | 'simulated') => {
    stop();
    setTrouble(undefined);
    if (source === 'simulated') begin(drive.start(driving.current, feel));
    else void listenToPhone(feel).then(begin, (error: Error) => setTrouble(error.message));
  };

  const watch = useCallback<Motion['watch']>(
    (next, onEvent) => {
      driving.current = next;
      listener.current = onEvent;
      drive.goOn(next);
    },
    [drive],
  );

  return { state, ...(trouble ? { trouble } : {}), start, stop, watch };
}

/** What feels the drive, from its beginning until it is stopped, whoever is told of it then. */
function useFeeling(
  driving: RefObject<Driving | undefined>,
  listener: RefObject<((event: MotionEvent) => void) | undefined>,
) {
  const [state, setState] = useState<Motion['state']>('off');
  const detector = useRef<MotionDetector>(undefined);
  const end = useRef<() => void>(undefined);

  const feel = useCallback(
    (sample: MotionSample) => {
      const phone = detector.current;
      if (!phone) return;
      const event = phone.feed(sample, driving.current?.comingUp ?? false);
      setState(phone.knows() ? 'watching' : 'learning');
      if (event) listener.current?.(event);
    },
    [driving, listener],
  );

  const stop = useCallback(() => {
    end.current?.();
    end.current = undefined;
    detector.current = undefined;
    setState('off');
  }, []);
  useEffect(() => stop, [stop]);

  const begin = (away: () => void) => {
    detector.current = motionDetector();
    end.current = away;
    setState('learning');
  };
  return { state, feel, begin, stop };
}

/** A drive that nobody has to make: slowdown after slowdown, as the run asks for them. */
function simulatedDrive() {
  let ahead: MotionSample[] = [];
  let clock = 0;
  let driven: Driving['slowdown'] | undefined;
  const samplesOf = ({ fromKmh, slowdown }: Driving) =>
    simulatedSlowdown(fromKmh, slowdown, Math.random, clock);
  return {
    /** @returns ends it */
    start(driving: Driving | undefined, feel: (sample: MotionSample) => void): () => void {
      ahead = driving ? samplesOf(driving) : [];
      const timer = setInterval(() => {
        for (const sample of ahead.splice(0, HASTE)) {
          clock = sample.t + EVERY_MS;
          feel(sample);
        }
      }, EVERY_MS);
      return () => clearInterval(timer);
    },
    /** The next slowdown, where it is another one. */
    goOn(next: Driving | undefined): void {
      if (!next || next.slowdown === driven) return;
      driven = next.slowdown;
      ahead = samplesOf(next);
    },
  };
}

/** The browser's own motion, where it gives it; on some phones only once it was allowed. */
async function listenToPhone(feel: (sample: MotionSample) => void): Promise<() => void> {
  if (!window.isSecureContext || !('DeviceMotionEvent' in window))
    throw new Error(`This browser gives no motion here: it needs a phone, and a secure address. ${BY_HAND}`);
  const asked = DeviceMotionEvent as unknown as { requestPermission?: () => Promise<string> };
  if ((await asked.requestPermission?.()) === 'denied')
    throw new Error(`The phone’s motion was not allowed. ${BY_HAND}`);
  return new Promise((resolve, reject) => {
    const away = () => window.removeEventListener('devicemotion', onMotion);
    const patience = setTimeout(() => {
      away();
      reject(new Error(`Nothing here feels any motion. ${BY_HAND}`));
    }, PATIENCE_MS);
    function onMotion({ timeStamp, accelerationIncludingGravity: felt, acceleration }: DeviceMotionEvent) {
      if (felt?.x == null || felt.y == null || felt.z == null) return;
      clearTimeout(patience);
      resolve(away);
      const free = acceleration?.x == null ? undefined : acceleration;
      feel({
        t: timeStamp,
        felt: [felt.x, felt.y, felt.z],
        ...(free ? { gravity: [felt.x - free.x!, felt.y - free.y!, felt.z - free.z!] } : {}),
      });
    }
    window.addEventListener('devicemotion', onMotion);
  });
}
