'use client';

import { dayWords } from '@/core/base/dates';
import type { BaseUnit } from '@/core/base/units/display';
import { SOURCE_WORDS } from '@/core/car/limits/sources';
import type { ReportLine } from '@/core/planning/inspect/report';
import { cn } from '@/ui/cn';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';

/** Figures of one place against their limits: what it came to in words, the figure, the limit and whose it is, the day. */
export function ReportTable({ lines }: { lines: readonly ReportLine[] }) {
  const units = useUnits();
  const { dateOrder } = useShop();
  return (
    <table className="w-full">
      <thead className="sr-only">
        <tr>
          <th scope="col">What</th>
          <th scope="col">Found</th>
          <th scope="col">Figure and limit</th>
          <th scope="col">Read on</th>
        </tr>
      </thead>
      <tbody>
        {lines.map(({ id, what, state, isAbnormal, trace, on }) => (
          <tr key={id} className="border-b border-rule align-baseline">
            <th scope="row" className="w-[30%] py-1 pr-3 text-left font-normal">
              {what}
            </th>
            <td className={cn('pr-3 font-semibold', isAbnormal ? 'text-stop' : 'text-ink')}>{state}</td>
            <td className="pr-3 text-small">
              {trace && (
                <>
                  <b className="reading font-semibold">
                    {units.full(trace.value, trace.unit as BaseUnit, trace.decimals)}
                  </b>
                  {trace.limit && (
                    <span className="text-soft">
                      {' '}
                      against{' '}
                      <span className="reading">
                        {units.full(trace.limit.value, trace.unit as BaseUnit, trace.decimals)}
                      </span>
                      , {SOURCE_WORDS[trace.limit.from]}
                    </span>
                  )}
                </>
              )}
            </td>
            <td className="reading w-28 text-right text-small whitespace-nowrap text-soft">
              {dayWords(on, dateOrder)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
