'use client';

import { useCallback, useEffect, useState } from 'react';

/** Lets go of what was kept under these names. */
export function forgetKept(...names: string[]): void {
  for (const name of names) localStorage.removeItem(`bavrin.kept.${name}`);
}

/** State that survives a reload: kept on this device under a name until it is forgotten. */
export function useKept<T>(name: string, initial: T): [T, (value: T) => void, () => void] {
  const key = `bavrin.kept.${name}`;
  const [value, setValue] = useState(initial);
  useEffect(() => {
    const kept = localStorage.getItem(key);
    if (kept === null) return;
    try {
      setValue(JSON.parse(kept) as T);
    } catch {
      localStorage.removeItem(key);
    }
  }, [key]);
  const keep = useCallback(
    (next: T) => {
      setValue(next);
      localStorage.setItem(key, JSON.stringify(next));
    },
    [key],
  );
  const forget = useCallback(() => localStorage.removeItem(key), [key]);
  return [value, keep, forget];
}
