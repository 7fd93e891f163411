'use client';

import { useCallback, useEffect, useLayoutEffect, useRef } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import type { CarKind, CarSpec } from '@/core/car/spec';
import { startingSet } from '@/core/car/startingSets';
import { device, readKept } from '../shell/device';
import { changedIn, markMeanwhile, showRebased } from '../shell/rebase';
import { type Units, unitsIn } from '../shell/units';
import { useLeftBehind } from '../shell/useLeftBehind';
import type { CarDraft, CarOnFile } from './carDraft';
import { draftOf, inOtherUnits } from './fields';

/** What a draft was typed over; a new car is on no file. */
type Under = { units: Units; car: CarOnFile | null };
type Kept = { draft: CarDraft; units: Units['choice']; car: CarOnFile | null; at: string };

/** Cars whose figures may stand in the form as they are on file, or in a starting set. */
export function sourcesOf(draft: CarDraft, onFile: CarSpec | undefined): CarSpec[] {
  return [onFile ?? startingSet(draft.kind as CarKind)];
}

/** What the form would show if nothing had been typed. */
const untyped = (draft: CarDraft, { car, units }: Under) =>
  draftOf(car?.spec ?? startingSet(draft.kind as CarKind), units);

/**
 * What was typed survives a reload until it is saved, another choice of units, and a car that somebody else changes
 * meanwhile: what was not typed is as it is on file by then.
 * @returns what an earlier page left behind, and what puts back what is on file
 */
export function useKeptForm(
  form: UseFormReturn<CarDraft>,
  key: string,
  units: Units,
  car: CarOnFile | undefined,
) {
  const { leftAt, setLeftAt, drop } = useLeftBehind(form, key);
  const under = useRef<Under>({ units, car: car ?? null });
  const clashes = useRef<readonly string[]>([]);
  const bring = useCallback(
    (typed: CarDraft, from: Under, to: Under) => {
      clashes.current = bringOver(form, typed, from, to, clashes.current);
    },
    [form],
  );
  useEffect(() => {
    const [was, is] = [under.current, { units, car: car ?? null }];
    // A page made anew brings the same car once more.
    if (was.units === is.units && was.car?.version === is.car?.version) return;
    under.current = is;
    bring(form.getValues(), was, is);
  }, [form, bring, units, car]);
  // Before anything can be pressed, as in `useKept`.
  useLayoutEffect(() => {
    const { units, car } = under.current;
    const kept = readKept<Kept>(key, { draft: form.getValues(), units: units.choice, car, at: '' });
    if (kept) {
      const draft = { ...form.getValues(), ...kept.draft };
      bring(draft, { units: unitsIn(kept.units), car: kept.car }, under.current);
      setLeftAt(kept.at ?? '');
    }
    const watching = form.watch((draft) => {
      const { units, car } = under.current;
      const at = new Date().toISOString();
      device.write(key, JSON.stringify({ draft, units: units.choice, car, at }));
    });
    return () => watching.unsubscribe();
  }, [form, bring, key, setLeftAt]);
  return {
    leftAt,
    /** In how many fields something is typed; that it was measured is said at its field. */
    typedFields(draft: CarDraft): number {
      const paths = changedIn(draft, untyped(draft, under.current));
      return new Set(paths.map((path) => path.replace(/^measured\./, '').replaceAll('/', '.'))).size;
    },
    dropTyped: () =>
      drop(untyped(form.getValues(), under.current), () => markMeanwhile(form, clashes.current)),
  };
}

/**
 * Shows what was typed over one thing as it stands over another; what was changed in both is said at its field.
 * @param clashes what was said so before
 * @returns what is said so now
 */
function bringOver(
  form: UseFormReturn<CarDraft>,
  typed: CarDraft,
  from: Under,
  to: Under,
  clashes: readonly string[],
): readonly string[] {
  const draft = inOtherUnits(typed, sourcesOf(typed, from.car?.spec), from.units, to.units);
  if (from.car && to.car && from.car.version !== to.car.version)
    return showRebased(form, draft, draftOf(from.car.spec, to.units), draftOf(to.car.spec, to.units));
  // Of other units alone: what was said of a figure named the old ones.
  form.reset(draft, { keepDefaultValues: true });
  markMeanwhile(form, clashes);
  return clashes;
}
