'use client';

import { useMemo, useSyncExternalStore } from 'react';
import { UNIT_CHOICES, type UnitChoice } from '@/core/base/units/display';
import { device } from './device';
import { useShop } from './ShopContext';
import { type Units, unitsIn } from './units';

const KEY = 'bavrin.units';
const watchers = new Set<() => void>();

/** This device's own choice of units over the shop's, kept here; empty follows the shop. */
function chosen(): string {
  return device.read(KEY) ?? '';
}

/** What was kept as a choice, as far as it is one. */
function readChoice(kept: string): Partial<UnitChoice> {
  if (kept === '') return {};
  try {
    const value = JSON.parse(kept) as Record<string, unknown> | null;
    return Object.fromEntries(
      Object.entries(UNIT_CHOICES).flatMap(([field, units]) => {
        const unit = value?.[field];
        return (units as readonly unknown[]).includes(unit) ? [[field, unit]] : [];
      }),
    );
  } catch {
    return {};
  }
}

export function chooseUnits(changes: Partial<UnitChoice>): void {
  device.write(KEY, JSON.stringify({ ...readChoice(chosen()), ...changes }));
  for (const watcher of watchers) watcher();
}

function subscribe(watcher: () => void): () => void {
  watchers.add(watcher);
  window.addEventListener('storage', watcher);
  return () => {
    watchers.delete(watcher);
    window.removeEventListener('storage', watcher);
  };
}

/** Units as this device shows and takes them. */
export function useUnits(): Units {
  const { lengthUnit, temperatureUnit, pressureUnit } = useShop();
  const own = useSyncExternalStore(subscribe, chosen, () => '');
  return useMemo(
    () => unitsIn({ lengthUnit, temperatureUnit, pressureUnit, ...readChoice(own) }),
    [lengthUnit, temperatureUnit, pressureUnit, own],
  );
}
