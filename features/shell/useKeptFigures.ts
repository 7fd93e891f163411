'use client';

import { useCallback, useMemo, useState } from 'react';
import type { UnitChoice } from '@/core/base/units/display';
import { type BaseOf, retypeAll } from '@/core/base/units/retype';
import { useKept } from './useKept';
import { useUnits } from './useUnits';

/**
 * Figures as they are typed, kept like `useKept` together with the units they were typed in: where others are shown by
 * now, they are what would have been typed in those.
 * @param initial what stands before anything is typed, in the units shown
 * @param baseOf which unit each figure stands in, by where it is in the form; the same function each time
 */
export function useKeptFigures<T>(
  name: string,
  initial: T,
  baseOf: BaseOf,
): [T, (typed: T) => void, () => void] {
  const { choice } = useUnits();
  const [untouched] = useState({ typed: initial, units: choice });
  const [kept, keep, forget] = useKept<{ typed: T; units: UnitChoice }>(figuresName(name), untouched);
  const inThese = useMemo(
    () => (isSame(kept.units, choice) ? kept.typed : retypeAll(kept.typed, baseOf, kept.units, choice)),
    [kept, baseOf, choice],
  );
  // Nobody typed anything: it stands as it would have begun in these units.
  const typed = kept === untouched ? initial : inThese;
  const keepTyped = useCallback((next: T) => keep({ typed: next, units: choice }), [keep, choice]);
  return [typed, keepTyped, forget];
}

function isSame(one: UnitChoice, other: UnitChoice): boolean {
  return (Object.keys(one) as (keyof UnitChoice)[]).every((kind) => one[kind] === other[kind]);
}

/** What such figures are kept under. */
export function figuresName(name: string): string {
  return `${name}.typed`;
}
