'use client';

import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import type { ShopRow } from '@/server/shop/queries';
import { device, readKept } from '../../shell/device';
import { changedIn, showRebased } from '../../shell/rebase';
import { type Units, unitsIn } from '../../shell/units';
import { useLeftBehind } from '../../shell/useLeftBehind';
import { type SetupDraft, setupDraft } from './setupDraft';

const KEY = 'bavrin.kept.setup';
type Kept = { draft: SetupDraft; shop: ShopRow; units: Units['choice']; at: string };

/** What was typed survives a reload until it is saved, and settings that somebody else changes meanwhile. */
export function useKeptSetup(form: UseFormReturn<SetupDraft>, shop: ShopRow) {
  // As the shop measured when it was typed: it keeps its meaning until it is saved.
  const [units, setUnits] = useState(() => unitsIn(shop));
  const under = useRef({ shop, units });
  const { leftAt, setLeftAt, drop } = useLeftBehind(form, KEY);
  // Before anything can be pressed, as in `useKept`.
  useLayoutEffect(() => {
    const { shop, units } = under.current;
    const draft = form.getValues();
    const kept = readKept<Kept>(KEY, { draft, shop, units: units.choice, at: '' });
    if (!kept) return;
    setLeftAt(kept.at ?? '');
    const its = unitsIn(kept.units);
    under.current = { shop, units: its };
    setUnits(its);
    showRebased(form, { ...draft, ...kept.draft }, setupDraft(kept.shop, its), setupDraft(shop, its));
  }, [form, setLeftAt]);
  useEffect(() => {
    const { shop: last, units } = under.current;
    if (last.version === shop.version) return;
    under.current = { shop, units };
    showRebased(form, form.getValues(), setupDraft(last, units), setupDraft(shop, units));
  }, [form, shop]);
  const keep = () => {
    const { shop, units } = under.current;
    const at = new Date().toISOString();
    const kept: Kept = { draft: form.getValues(), shop, units: units.choice, at };
    device.write(KEY, JSON.stringify(kept));
  };
  return {
    units,
    keep,
    leftAt,
    typedFields: (draft: SetupDraft) => changedIn(draft, setupDraft(shop, units)).length,
    dropTyped: () => drop(setupDraft(shop, units), keep),
    /** It is saved: the form shows what stands. */
    saved(stands: ShopRow) {
      const now = unitsIn(stands);
      under.current = { shop: stands, units: now };
      setUnits(now);
      form.reset(setupDraft(stands, now));
      device.remove(KEY);
      setLeftAt(null);
    },
  };
}
