'use client';

import { useState } from 'react';
import type { FieldValues, UseFormReturn } from 'react-hook-form';
import { device } from './device';
import { undo } from './undo';

/** What an earlier page left behind in a form that is kept under a key: when it was typed last, nothing when there is none. */
export function useLeftBehind<T extends FieldValues>(form: UseFormReturn<T>, key: string) {
  const [leftAt, setLeftAt] = useState<string | null>(null);
  return {
    leftAt,
    setLeftAt,
    /**
     * Shows the form without it; for a while that can be taken back.
     * @param onBack what else belongs to what is typed, once that is back
     */
    drop(untyped: T, onBack: () => void): void {
      const typed = form.getValues();
      form.reset(untyped, { keepDefaultValues: true });
      device.remove(key);
      setLeftAt(null);
      undo.offer('What was typed is dropped', () => {
        form.reset(typed, { keepDefaultValues: true });
        onBack();
      });
    },
  };
}
