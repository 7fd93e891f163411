'use client';

import { useState } from 'react';
import { Button } from './Button';
import { clock } from './format';
import { beep } from './sound';
import { useCountdown } from './useCountdown';

type Props = { seconds: number; label: string; onDone?: () => void };

/** A count-down started here and now. Sounds once at the end. */
export function Timer({ seconds, label, onDone }: Props) {
  const [from, setFrom] = useState<number>();
  const { left, over } = useCountdown(seconds, from, () => {
    beep();
    onDone?.();
  });
  const running = from !== undefined && !over;
  return (
    <div className="flex items-center gap-3">
      <Button look={running ? 'stop' : 'plain'} onClick={() => setFrom(running ? undefined : Date.now())}>
        {running ? 'Stop' : over ? 'Again' : label}
      </Button>
      <span role="timer" aria-live="off" className="reading min-w-20 text-3xl font-semibold">
        {clock(left)}
      </span>
      <span role="status" className="font-semibold text-go">
        {over ? 'Time is up.' : ''}
      </span>
    </div>
  );
}
