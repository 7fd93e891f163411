'use client';

import { useEffect, useRef, useState } from 'react';

/**
 * Seconds left of a count-down that began at a moment (ms), by the wall clock: a locked phone, a busy page or a reload
 * does not stretch it. Told once when it is over, and whether it was seen running or had ended before anybody looked.
 */
export function useCountdown(
  seconds: number,
  from: number | undefined,
  onOver: (seen: boolean) => void,
): { left: number; over: boolean } {
  // The server's clock is not this device's: nothing is counted before the page is here.
  const [now, setNow] = useState<number>();
  const tell = useRef(onOver);
  tell.current = onOver;
  const endsAt = from === undefined ? undefined : from + seconds * 1000;

  useEffect(() => {
    if (endsAt === undefined) return;
    let seen = false;
    const timer = setInterval(() => look(), 200);
    const look = () => {
      const time = Date.now();
      setNow(time);
      if (time < endsAt) {
        seen = true;
        return;
      }
      clearInterval(timer);
      tell.current(seen);
    };
    look();
    return () => clearInterval(timer);
  }, [endsAt]);

  if (endsAt === undefined || now === undefined) return { left: seconds, over: false };
  return { left: Math.min(seconds, Math.max(0, (endsAt - now) / 1000)), over: now >= endsAt };
}
