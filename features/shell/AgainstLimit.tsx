'use client';

import type { BaseUnit } from '@/core/base/units/display';
import { useUnits } from './useUnits';

type Props = {
  value: number;
  unit: string;
  decimals: number;
  /** Where the limit comes from, in words. */
  limit?: { value: number; from: string };
};

/** A figure with its unit, what it is held against, and whose limit that is. */
export function AgainstLimit({ value, unit, decimals, limit }: Props) {
  const units = useUnits();
  const shown = (each: number) => units.full(each, unit as BaseUnit, decimals);
  return (
    <>
      <b className="reading font-semibold">{shown(value)}</b>
      {limit && (
        <span className="text-soft">
          {' '}
          against <span className="reading">{shown(limit.value)}</span>, {limit.from}
        </span>
      )}
    </>
  );
}
