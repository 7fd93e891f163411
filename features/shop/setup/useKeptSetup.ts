'use client';

import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import type { ShopRow } from '@/server/shop/queries';
import { device, readKept } from '../../shell/device';
import { showRebased } from '../../shell/rebase';
import { type Units, unitsIn } from '../../shell/units';
import { type SetupDraft, setupDraft } from './setupDraft';

const KEY = 'bavrin.kept.setup';
type Kept = { draft: SetupDraft; shop: ShopRow; units: Units['choice'] };

/** What was typed survives a reload until it is saved, and settings that somebody else changes meanwhile. */
export function useKeptSetup(form: UseFormReturn<SetupDraft>, shop: ShopRow) {
  // As the shop measured when it was typed: it keeps its meaning until it is saved.
  const [units, setUnits] = useState(() => unitsIn(shop));
  const under = useRef({ shop, units });
  // Before anything can be pressed, as in `useKept`.
  useLayoutEffect(() => {
    const { shop, units } = under.current;
    const draft = form.getValues();
    const kept = readKept<Kept>(KEY, { draft, shop, units: units.choice });
    if (!kept) return;
    const its = unitsIn(kept.units);
    under.current = { shop, units: its };
    setUnits(its);
    showRebased(form, { ...draft, ...kept.draft }, setupDraft(kept.shop, its), setupDraft(shop, its));
  }, [form]);
  useEffect(() => {
    const { shop: last, units } = under.current;
    if (last.version === shop.version) return;
    under.current = { shop, units };
    showRebased(form, form.getValues(), setupDraft(last, units), setupDraft(shop, units));
  }, [form, shop]);
  return {
    units,
    keep() {
      const kept: Kept = {
        draft: form.getValues(),
        shop: under.current.shop,
        units: under.current.units.choice,
      };
      device.write(KEY, JSON.stringify(kept));
    },
    /** It is saved: the form shows what stands. */
    saved(stands: ShopRow) {
      const now = unitsIn(stands);
      under.current = { shop: stands, units: now };
      setUnits(now);
      form.reset(setupDraft(stands, now));
      device.remove(KEY);
    },
  };
}
