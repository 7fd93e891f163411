'use client';

import { useMemo, useSyncExternalStore } from 'react';
import {
  type BaseUnit,
  shownDecimals,
  shownUnit,
  shownValue,
  UNIT_CHOICES,
  type UnitChoice,
} from '@/core/units/display';
import { type Entry, readEntry } from '@/core/units/entry';
import { figure } from '@/ui/format';
import { device } from './device';
import { useShop } from './ShopContext';

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

export type Units = {
  choice: UnitChoice;
  unit: (base: BaseUnit) => string;
  /** The figure alone, and with its unit. */
  show: (value: number | null | undefined, base: BaseUnit, decimals: number) => string;
  full: (value: number | null | undefined, base: BaseUnit, decimals: number) => string;
  /** A figure as it would be typed. */
  asTyped: (value: number, base: BaseUnit) => string;
  read: (text: string, base: BaseUnit) => Entry | undefined;
};

/** Units as this device shows and takes them. */
export function useUnits(): Units {
  const { lengthUnit, temperatureUnit, pressureUnit } = useShop();
  const own = useSyncExternalStore(subscribe, chosen, () => '');
  return useMemo((): Units => {
    const choice: UnitChoice = {
      lengthUnit,
      temperatureUnit,
      pressureUnit,
      ...readChoice(own),
    };
    const unit = (base: BaseUnit) => shownUnit(base, choice);
    const show: Units['show'] = (value, base, decimals) =>
      figure(
        value === null || value === undefined ? value : shownValue(value, base, choice),
        shownDecimals(decimals, base, choice),
      );
    return {
      choice,
      unit,
      show,
      full: (value, base, decimals) => `${show(value, base, decimals)} ${unit(base)}`.trim(),
      asTyped: (value, base) => String(Number(shownValue(value, base, choice).toFixed(6))),
      read: (text, base) => readEntry(text, base, choice),
    };
  }, [lengthUnit, temperatureUnit, pressureUnit, own]);
}
