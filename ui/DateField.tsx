'use client';

import { Calendar } from 'lucide-react';
import { useRef, useState } from 'react';
import { type DateOrder, dayWords, readDay } from '@/core/base/dates';
import { Button } from './Button';
import { cn } from './cn';
import { TextField } from './Field';

type Props = {
  label: string;
  /** As 2026-05-31; an empty string for none. What is typed and is no day comes as it was typed. */
  value: string;
  onChange: (day: string) => void;
  order: DateOrder;
  today: string;
  hint?: string;
  error?: string;
  className?: string;
};

const ISO = /^\d{4}-\d{2}-\d{2}$/;

/**
 * A day, typed in any of the usual ways or picked from the browser's calendar, and shown as the shop writes days,
 * whatever language the browser speaks.
 */
export function DateField({ label, value, onChange, order, today, hint, error, className }: Props) {
  const shown = ISO.test(value) ? dayWords(value, order) : value;
  const [typed, setTyped] = useState<string | null>(null);
  const picker = useRef<HTMLInputElement>(null);
  const example = dayWords(today, order);
  const unread = typed === null && value !== '' && !ISO.test(value);
  return (
    <div className={cn('flex items-end gap-1', className)}>
      <TextField
        label={label}
        value={typed ?? shown}
        autoComplete="off"
        // On the same line as what is wrong: nothing moves under a finger that is about to press.
        hint={hint ?? `Such as ${example}`}
        error={error ?? (unread ? `${value} is no day` : undefined)}
        onChange={(event) => {
          setTyped(event.target.value);
          onChange(readDay(event.target.value, order, today) ?? event.target.value);
        }}
        onBlur={() => setTyped(null)}
        className="min-w-36 flex-1"
      />
      <span className="relative self-start pt-6">
        <Button
          look="quiet"
          aria-label={`${label}: pick from a calendar`}
          onClick={() => picker.current?.showPicker()}
        >
          <Calendar aria-hidden="true" size={20} />
        </Button>
        <input
          ref={picker}
          type="date"
          tabIndex={-1}
          aria-hidden="true"
          value={ISO.test(value) ? value : ''}
          onChange={(event) => onChange(event.target.value)}
          className="pointer-events-none absolute inset-x-0 bottom-0 h-0 w-full opacity-0"
        />
      </span>
    </div>
  );
}
