import type { BaseUnit } from '@/core/base/units/display';
import { SOURCE_WORDS } from '@/core/car/limits/sources';
import type { Trace } from '@/core/readings/traces';
import { useUnits } from '../shell/useUnits';

/** A figure with the limit it was held against and where that came from, in a line. */
export function TraceFigures({ trace: { value, unit, decimals, limit } }: { trace: Trace }) {
  const units = useUnits();
  const shown = (each: number) => units.full(each, unit as BaseUnit, decimals);
  return (
    <>
      , <b className="reading font-semibold">{shown(value)}</b>
      {limit && (
        <span className="text-soft">
          {' '}
          against <span className="reading">{shown(limit.value)}</span>, {SOURCE_WORDS[limit.from]}
        </span>
      )}
    </>
  );
}
