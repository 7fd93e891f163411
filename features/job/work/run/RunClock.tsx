'use client';

import { useEffect, useRef, useState } from 'react';
import { Button } from '@/ui/Button';
import { clock } from '@/ui/format';
import { beep } from '@/ui/sound';

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
 * A count-down from a moment that is on record: a locked phone, a reload or another device shows the same time left.
 * Sounds once at the end, unless it had ended before anybody looked.
 */
export function RunClock({ seconds, from, label, onStart, onDone, quiet = false }: Props) {
  // The server's clock is not this device's: nothing is counted before the page is here.
  const [now, setNow] = useState<number>();
  const told = useRef<string | undefined>(undefined);
  const done = useRef(onDone);
  done.current = onDone;
  const endsAt = from === undefined ? undefined : new Date(from).getTime() + seconds * 1000;
  const over = endsAt !== undefined && now !== undefined && now >= endsAt;

  useEffect(() => {
    if (endsAt === undefined) return;
    setNow(Date.now());
    if (Date.now() >= endsAt) told.current ??= from;
    const timer = setInterval(() => setNow(Date.now()), 200);
    return () => clearInterval(timer);
  }, [endsAt, from]);
  useEffect(() => {
    if (!over) return;
    if (told.current !== from && !quiet) beep();
    told.current = from;
    done.current?.();
  }, [over, from, quiet]);

  const left = endsAt === undefined || now === undefined ? seconds : Math.max(0, (endsAt - now) / 1000);
  return (
    <div className="my-2 flex flex-wrap items-center gap-4">
      <span role="timer" aria-live="off" className="reading min-w-36 text-6xl font-semibold">
        {clock(left)}
      </span>
      {onStart && (endsAt === undefined || over) && (
        <Button className="min-h-14 px-6 text-lg" onClick={onStart}>
          {over ? 'Once more' : label}
        </Button>
      )}
      <span role="status" className="text-xl font-semibold text-go">
        {over ? 'Time is up.' : ''}
      </span>
    </div>
  );
}
