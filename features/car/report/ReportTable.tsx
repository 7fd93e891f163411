'use client';

import { dayWords } from '@/core/base/dates';
import { SOURCE_WORDS } from '@/core/car/limits/sources';
import type { ReportLine } from '@/core/planning/inspect/report';
import { cn } from '@/ui/cn';
import { AgainstLimit } from '../../shell/AgainstLimit';
import { useShop } from '../../shell/ShopContext';

/** Figures of one place against their limits: what it came to in words, the figure, the limit and whose it is, the day. */
export function ReportTable({ lines }: { lines: readonly ReportLine[] }) {
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
                <AgainstLimit
                  {...trace}
                  limit={trace.limit && { value: trace.limit.value, from: SOURCE_WORDS[trace.limit.from] }}
                />
              )}
            </td>
            <td className="reading text-right text-small text-soft sm:w-28 sm:whitespace-nowrap">
              {dayWords(on, dateOrder)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
