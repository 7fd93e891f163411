'use client';

import { useMemo, useSyncExternalStore } from 'react';
import { UNIT_CHOICES, type UnitChoice } from '@/core/base/units/display';
import { deviceText } from './deviceText';
import { useShop } from './ShopContext';
import { type Units, unitsIn } from './units';

/** This device's own choice of units over the shop's; nothing follows the shop. */
const choice = deviceText('bavrin.units');
const chosen = () => choice.read() ?? '';

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
  choice.write(JSON.stringify({ ...readChoice(chosen()), ...changes }));
}

/** Units as this device shows and takes them. */
export function useUnits(): Units {
  const { lengthUnit, temperatureUnit, pressureUnit } = useShop();
  const own = useSyncExternalStore(choice.subscribe, chosen, () => '');
  return useMemo(
    () => unitsIn({ lengthUnit, temperatureUnit, pressureUnit, ...readChoice(own) }),
    [lengthUnit, temperatureUnit, pressureUnit, own],
  );
}
