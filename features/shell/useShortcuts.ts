'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { GO_KEYS } from './shortcuts';

const SECOND_KEY_MS = 1200;

/** Whether the key belongs to whatever has the focus, not to the page. */
export function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null;
  return (
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    !!target?.closest('input, textarea, select, [contenteditable], [role="dialog"]')
  );
}

/** The keys that work on every screen. */
export function useShortcuts(onHelp: () => void): void {
  const router = useRouter();
  useEffect(() => {
    let went = 0;
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event)) return;
      if (event.key === '?') {
        onHelp();
        return;
      }
      if (event.key === 'g') {
        went = Date.now();
        return;
      }
      const go = GO_KEYS.find((each) => each.keys === `g ${event.key}`);
      if (go && Date.now() - went < SECOND_KEY_MS) {
        event.preventDefault();
        event.stopImmediatePropagation();
        router.push(go.href);
      }
      went = 0;
    };
    window.addEventListener('keydown', onKey, { capture: true });
    return () => window.removeEventListener('keydown', onKey, { capture: true });
  }, [router, onHelp]);
}
