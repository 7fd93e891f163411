'use client';

import { useEffect } from 'react';
import type { FieldValues, UseFormReturn } from 'react-hook-form';

/** Shows in a form what this device kept of it: what an earlier page left, and the same in other units once they are chosen. */
export function useShowKept<T extends FieldValues>(form: UseFormReturn<T>, kept: Partial<T>): void {
  useEffect(() => {
    const typed = form.getValues();
    const next = { ...typed, ...kept };
    if (JSON.stringify(typed) !== JSON.stringify(next)) form.reset(next);
  }, [form, kept]);
}
