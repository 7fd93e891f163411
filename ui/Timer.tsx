'use client';

import { useEffect, useRef, useState } from 'react';
import { Button } from './Button';
import { clock } from './format';
import { beep } from './sound';

type Props = { seconds: number; label: string; onDone?: () => void };

/**
 * A count-down by the wall clock, so that a locked phone or a busy page does not stretch it. Sounds once at the end.
 */
export function Timer({ seconds, label, onDone }: Props) {
  const [endsAt, setEndsAt] = useState<number | null>(null);
  const [left, setLeft] = useState(seconds);
  const [done, setDone] = useState(false);
  const told = useRef(onDone);
  told.current = onDone;

  useEffect(() => {
    if (endsAt === null) return;
    const tick = () => {
      const remaining = (endsAt - Date.now()) / 1000;
      setLeft(Math.max(0, remaining));
      if (remaining > 0) return;
      setEndsAt(null);
      setDone(true);
      beep();
      told.current?.();
    };
    const timer = setInterval(tick, 200);
    return () => clearInterval(timer);
  }, [endsAt]);

  const running = endsAt !== null;
  const start = () => {
    setDone(false);
    setLeft(seconds);
    setEndsAt(Date.now() + seconds * 1000);
  };
  const stop = () => {
    setEndsAt(null);
    setLeft(seconds);
  };
  return (
    <div className="flex items-center gap-3">
      <Button look={running ? 'stop' : 'plain'} onClick={running ? stop : start}>
        {running ? 'Stop' : done ? 'Again' : label}
      </Button>
      <span role="timer" aria-live="off" className="reading min-w-20 text-3xl font-semibold">
        {clock(left)}
      </span>
      <span role="status" className="font-semibold text-go">
        {done ? 'Time is up.' : ''}
      </span>
    </div>
  );
}
