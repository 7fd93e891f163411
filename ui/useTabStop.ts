'use client';

import { type FocusEvent, type KeyboardEvent, useState } from 'react';

/** Keys of a row that go from one of its keys to another, by how far; those past both ends go round. */
const STEPS: Partial<Record<string, number>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/**
 * The way by keyboard through a row of keys: one of them is on the way of the tab key, the arrows, Home and End go from
 * one to the next, and a digit presses the one in its place. A stage has forty such rows: the library's own way between
 * its keys costs each of them a place in a list and two wrappers, a fifth of what the page takes to be made.
 * @param pressed the values of those pressed: the first of them is on the tab key's way, until another has the focus
 * @returns the place of the key on the tab key's way, and what the row listens to
 */
export function useTabStop(
  options: readonly { value: string }[],
  pressed: readonly string[],
  press: (value: string) => void,
) {
  const [focused, setFocused] = useState<number>();
  const first = options.findIndex(({ value }) => pressed.includes(value));
  const moves = {
    onFocus: ({ currentTarget, target }: FocusEvent) =>
      setFocused([...currentTarget.children].indexOf(target)),
    onBlur: ({ currentTarget, relatedTarget }: FocusEvent) => {
      if (!currentTarget.contains(relatedTarget)) setFocused(undefined);
    },
    onKeyDown: (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      const keys = [...event.currentTarget.children] as HTMLElement[];
      const from = keys.indexOf(event.target as HTMLElement);
      // Some keyboards have their digits with the shift key.
      const digit = /^[1-9]$/.test(event.key) ? options[Number(event.key) - 1] : undefined;
      const to = digit || event.shiftKey ? undefined : keys[placeAfter(event.key, from, keys.length)];
      if (!digit && !to) return;
      event.preventDefault();
      // A digit is a shortcut of the page too.
      if (digit) event.stopPropagation();
      if (digit) press(digit.value);
      to?.focus();
    },
  };
  return [focused ?? Math.max(0, first), moves] as const;
}

/** Where a key leads from a place in a row, −1 for nowhere. */
function placeAfter(key: string, from: number, count: number): number {
  if (key === 'Home') return 0;
  if (key === 'End') return count - 1;
  const step = STEPS[key];
  return step === undefined ? -1 : (from + step + count) % count;
}
