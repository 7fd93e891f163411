'use client';

import { useEffect, useLayoutEffect, useRef } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import type { CarKind, CarSpec } from '@/core/car/spec';
import { startingSet } from '@/core/car/startingSets';
import { device, readKept } from '../shell/device';
import { showRebased } from '../shell/rebase';
import { type Units, unitsIn } from '../shell/units';
import type { CarDraft, CarOnFile } from './carDraft';
import { draftOf, inOtherUnits } from './fields';

/** What a draft was typed over. */
type Under = { units: Units; spec: CarSpec | null };

/** Cars whose figures may stand in the form as they are on file, or in a starting set. */
export function sourcesOf(draft: CarDraft, onFile: CarSpec | null | undefined): CarSpec[] {
  return [onFile ?? startingSet(draft.kind as CarKind)];
}

/**
 * What was typed survives a reload until it is saved, another choice of units, and a car that somebody else changes
 * meanwhile: what was not typed is as it is on file by then.
 */
export function useKeptForm(
  form: UseFormReturn<CarDraft>,
  key: string,
  units: Units,
  car: CarOnFile | undefined,
): void {
  const under = useRef({ units, spec: car?.spec ?? null, version: car?.version });
  useEffect(() => {
    const [was, is] = [under.current, { units, spec: car?.spec ?? null, version: car?.version }];
    // A page made anew brings the same car once more.
    if (was.units === is.units && was.version === is.version) return;
    under.current = is;
    bringOver(form, form.getValues(), was, is);
  }, [form, units, car]);
  // Before anything can be pressed, as in `useKept`.
  useLayoutEffect(() => {
    const { choice } = under.current.units;
    const kept = readKept<Kept>(key, { draft: form.getValues(), units: choice, spec: under.current.spec });
    if (kept) {
      const draft = { ...form.getValues(), ...kept.draft };
      bringOver(form, draft, { units: unitsIn(kept.units), spec: kept.spec }, under.current);
    }
    const watching = form.watch((draft) => {
      const { units, spec } = under.current;
      device.write(key, JSON.stringify({ draft, units: units.choice, spec }));
    });
    return () => watching.unsubscribe();
  }, [form, key]);
}

type Kept = { draft: CarDraft; units: Units['choice']; spec: CarSpec | null };

/** Shows what was typed over one thing as it stands over another; what was changed in both is said at its field. */
function bringOver(form: UseFormReturn<CarDraft>, typed: CarDraft, from: Under, to: Under): void {
  const draft = inOtherUnits(typed, sourcesOf(typed, from.spec), from.units, to.units);
  const last = from.spec && draftOf(from.spec, to.units);
  const next = to.spec && draftOf(to.spec, to.units);
  if (last && next) showRebased(form, draft, last, next);
  else form.reset(draft, { keepDefaultValues: true });
}
