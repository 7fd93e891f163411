'use client';

import { useEffect } from 'react';
import { GO_KEYS } from './shortcuts';
import { goToStop, pressLoud } from './stops';
import { useGo } from './useGo';

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

/** Keys that move along a page and press its loud key; with Ctrl in a field too. Says whether the key was one. */
function moves(event: KeyboardEvent): boolean {
  const { key, ctrlKey, metaKey, altKey } = event;
  if (metaKey || altKey || (event.target as HTMLElement | null)?.closest('[role="dialog"]')) return false;
  if (key === 'Enter') return ctrlKey && pressLoud();
  const field = (event.target as HTMLElement | null)?.closest<HTMLElement>('input, textarea, select');
  // A search lets go of its words by the same key.
  if (key === 'Escape' && field && !field.matches('[type="search"]')) {
    field.blur();
    return true;
  }
  if (key !== '.' && key !== ',') return false;
  if (field && !ctrlKey && !field.matches('[type="radio"], [type="checkbox"], select')) return false;
  goToStop(key === '.' ? 1 : -1);
  return true;
}

/** The keys that work on every screen. */
export function useShortcuts(onHelp: () => void, onFind: () => void): void {
  const go = useGo();
  useEffect(() => {
    let went = 0;
    const onKey = (event: KeyboardEvent) => {
      if (moves(event)) {
        event.preventDefault();
        event.stopImmediatePropagation();
        return;
      }
      if ((event.ctrlKey || event.metaKey) && event.key === 'k') {
        event.preventDefault();
        event.stopImmediatePropagation();
        return onFind();
      }
      if (isTyping(event)) return;
      if (event.key === '?') {
        onHelp();
        return;
      }
      if (event.key === 'g') {
        went = Date.now();
        return;
      }
      const place = GO_KEYS.find((each) => each.keys === `g ${event.key}`);
      if (place && Date.now() - went < SECOND_KEY_MS) {
        event.preventDefault();
        event.stopImmediatePropagation();
        go(place.href);
      } else if (event.key === 'f') {
        event.preventDefault();
        event.stopImmediatePropagation();
        onFind();
      }
      went = 0;
    };
    window.addEventListener('keydown', onKey, { capture: true });
    return () => window.removeEventListener('keydown', onKey, { capture: true });
  }, [go, onHelp, onFind]);
}
