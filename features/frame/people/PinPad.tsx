'use client';

import { Delete } from 'lucide-react';
import { useEffect, useState } from 'react';
import { PIN_DIGITS } from '@/core/base/people/secrets';
import { cn } from '@/ui/cn';
import { Trouble } from '@/ui/Trouble';

const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0'];

type Props = {
  name: string;
  busy: boolean;
  trouble?: string;
  /** All figures are in. */
  onPin: (pin: string) => void;
};

/** Six figures with a gloved finger, or from a keyboard; the last of them sends. */
export function PinPad({ name, busy, trouble, onPin }: Props) {
  const [pin, setPin] = useState('');
  const type = (figure: string) => {
    if (busy || pin.length === PIN_DIGITS) return;
    const next = pin + figure;
    setPin(next.length === PIN_DIGITS ? '' : next);
    if (next.length === PIN_DIGITS) onPin(next);
  };
  const back = () => setPin((text) => text.slice(0, -1));
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (/^\d$/.test(event.key)) type(event.key);
      else if (event.key === 'Backspace') back();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
  return (
    <section aria-label={`PIN of ${name}`} className="max-w-sm">
      <p role="status" aria-label={`${pin.length} of ${PIN_DIGITS} figures`} className="flex gap-2 py-3">
        {Array.from({ length: PIN_DIGITS }, (_, at) => (
          <span
            key={at}
            aria-hidden="true"
            className={cn('h-4 flex-1 border-2 border-ink', at < pin.length && 'bg-ink')}
          />
        ))}
      </p>
      <Trouble className="pb-2">{trouble}</Trouble>
      <div className="grid grid-cols-3 gap-1.5">
        {KEYS.map((figure) => (
          <button
            key={figure}
            type="button"
            disabled={busy}
            onClick={() => type(figure)}
            className={cn(
              'reading min-h-16 border-2 border-ink bg-card text-3xl font-semibold active:bg-straw-wash disabled:opacity-50',
              figure === '0' && 'col-start-2',
            )}
          >
            {figure}
          </button>
        ))}
        <button
          type="button"
          aria-label="Delete the last figure"
          onClick={back}
          className="flex min-h-16 items-center justify-center border-2 border-ink bg-card active:bg-straw-wash"
        >
          <Delete aria-hidden="true" size={26} />
        </button>
      </div>
    </section>
  );
}
