'use client';

import { useEffect } from 'react';
import { isTyping } from '../../../shell/useShortcuts';

/** Enter goes on with the step in hand, 1 to 9 answer its check: a run by the keys of a laptop on the trolley. */
export function useRunKeys(): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey) return;
      const onControl =
        event.target instanceof Element && event.target.closest('button, a, [role="radiogroup"]');
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

function press(selector: string, index: number): void {
  const button = document.querySelectorAll<HTMLButtonElement>(selector)[index];
  if (button && !button.disabled) button.click();
}
