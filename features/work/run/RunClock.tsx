'use client';

import { Button } from '@/ui/Button';
import { clock } from '@/ui/format';
import { beep } from '@/ui/sound';
import { useCountdown } from '@/ui/useCountdown';

type Props = {
  seconds: number;
  /** When it was started, as written down; nothing while it stands. */
  from?: string;
  label: string;
  onStart?: () => void;
  onDone?: () => void;
  quiet?: boolean;
};

/**
 * A count-down from a moment that is on record: a reload or another device shows the same time left. Sounds once at the
 * end, unless it had ended before anybody looked.
 */
export function RunClock({ seconds, from, label, onStart, onDone, quiet = false }: Props) {
  const { left, over } = useCountdown(seconds, from === undefined ? undefined : Date.parse(from), (seen) => {
    if (seen && !quiet) beep();
    onDone?.();
  });
  return (
    <div className="my-2 flex flex-wrap items-center gap-4">
      <span role="timer" aria-live="off" className="reading min-w-36 text-6xl font-semibold">
        {clock(left)}
      </span>
      {onStart && (from === undefined || over) && (
        <Button data-clock="start" className="min-h-14 px-6 text-lg" onClick={onStart}>
          {over ? 'Once more' : label}
        </Button>
      )}
      <span role="status" className="text-xl font-semibold text-go">
        {over ? 'Time is up.' : ''}
      </span>
    </div>
  );
}
