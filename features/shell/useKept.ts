'use client';

import { useCallback, useLayoutEffect, useRef, useState } from 'react';
import { device, readKept } from './device';

/** Lets go of what was kept under these names. */
export function forgetKept(...names: string[]): void {
  for (const name of names) device.remove(`bavrin.kept.${name}`);
}

/** Fields that what was kept does not have, as a form had fewer then, are as they are at first. */
function filledUp<T>(kept: T, initial: T): T {
  if (!isRecord(kept) || !isRecord(initial)) return kept;
  const filled = Object.entries(kept).map(([field, value]) => [field, filledUp(value, initial[field])]);
  return { ...initial, ...Object.fromEntries(filled) };
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** Everybody on this page who shows what is kept under a key. */
const showing = new Map<string, Set<(value: never) => void>>();

/** State that survives a reload: kept on this device under a name until it is forgotten. One name is one value, wherever it is shown. */
export function useKept<T>(name: string, initial: T): [T, (value: T) => void, () => void] {
  const key = `bavrin.kept.${name}`;
  const [value, setValue] = useState(initial);
  const like = useRef(initial);
  // Before anything can be pressed: a press that waited for the page to wake would act on a form that is still empty.
  useLayoutEffect(() => {
    const kept = readKept(key, like.current);
    if (kept !== undefined) setValue(filledUp(kept, like.current));
    const others = showing.get(key) ?? new Set();
    showing.set(key, others.add(setValue));
    return () => void others.delete(setValue);
  }, [key]);
  const keep = useCallback(
    (next: T) => {
      for (const show of showing.get(key) ?? []) show(next as never);
      device.write(key, JSON.stringify(next));
    },
    [key],
  );
  const forget = useCallback(() => void device.remove(key), [key]);
  return [value, keep, forget];
}
