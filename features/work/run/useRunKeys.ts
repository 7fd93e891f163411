'use client';

import { useEffect } from 'react';
import { isTyping } from '../../shell/useShortcuts';

/** No key passes two steps within this time. */
const REST_MS = 400;

/** Enter goes on with the step in hand, 1 to 9 answer its check, t and o see to its clock: a run by the keys of a laptop on the trolley. */
export function useRunKeys(): void {
  useEffect(() => {
    let last = Number.NEGATIVE_INFINITY;
    const press = (selector: string, index: number) => {
      const button = document.querySelectorAll<HTMLButtonElement>(selector)[index];
      if (!button || button.disabled) return;
      // A step is read before it is passed: a key that came too soon was meant for the one before.
      const now = performance.now();
      if (now - last < REST_MS) return;
      last = now;
      button.click();
    };
    const onKey = (event: KeyboardEvent) => {
      if (event.repeat || isTyping(event) || event.ctrlKey || event.metaKey || event.altKey) return;
      const onControl =
        event.target instanceof Element && event.target.closest('button, a, [role="radiogroup"]');
      if (event.key === 't') document.querySelector<HTMLButtonElement>('[data-clock="start"]')?.click();
      if (event.key === 'o') document.querySelector<HTMLButtonElement>('[data-clock="another"]')?.click();
      if (event.key === 'Enter' && !onControl) press('[data-run="next"]', 0);
      if (
        /^[1-9]$/.test(event.key) &&
        !(event.target as Element).closest?.('[role="group"], [role="radiogroup"]')
      )
        press('[data-run="answer"]', Number(event.key) - 1);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
