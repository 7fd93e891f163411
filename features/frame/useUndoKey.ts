'use client';

import { useEffect } from 'react';
import { undo } from '../shell/undo';

/** Ctrl+Z, outside of a field: there it belongs to the typing. */
export function useUndoKey(): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== 'z' || !(event.ctrlKey || event.metaKey) || event.shiftKey || event.altKey) return;
      if (event.target instanceof Element && event.target.closest('input, textarea, select')) return;
      const last = undo.snapshot();
      if (!last) return;
      event.preventDefault();
      undo.take(last);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
