'use client';

import { createColumnHelper, flexRender, getCoreRowModel, useReactTable } from '@tanstack/react-table';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useMemo } from 'react';
import { daysBetween } from '@/core/base/day';
import { causeLabel } from '@/core/diagnosis/labels';
import { type LedgerOrder, type LedgerSort, orderText } from '@/core/job/ledgerSorts';
import { outcomeLabel } from '@/core/job/outcomes';
import type { LedgerLine } from '@/server/ledger/queries';
import { cn } from '@/ui/cn';
import { figure, shortDate } from '@/ui/format';
import { Link } from '@/ui/Link';
import { useShop } from '../../shell/ShopContext';

type Props = { lines: LedgerLine[]; order: LedgerOrder; addressOf: (sort: string) => string };

const column = createColumnHelper<LedgerLine>();

const TONES: Partial<Record<LedgerLine['outcome'], string>> = {
  cured: 'text-go',
  no_change: 'text-soft',
  withdrawn: 'text-soft',
};

/** What each column shows of a job. */
function columnsOf(shop: ReturnType<typeof useShop>) {
  return [
    column.accessor('closedAt', {
      id: 'closed',
      header: 'Closed',
      cell: ({ getValue }) => <span className="reading text-soft">{shortDate(getValue(), shop)}</span>,
    }),
    column.accessor('carName', {
      id: 'car',
      header: 'Car',
      cell: ({ getValue }) => <b className="font-semibold">{getValue()}</b>,
    }),
    column.accessor('number', {
      id: 'number',
      header: 'Job',
      cell: ({ row: { original } }) => (
        <Link
          href={`/ledger/${original.id}`}
          className="block min-h-11 py-1 underline-offset-4 hover:underline"
        >
          <b className="font-semibold sm:hidden">{original.carName} </b>
          {original.complaint || `Job ${original.number}`}
          <span className="block text-small text-soft">
            {original.confirmed.map(causeLabel).join(', ') || 'No cause confirmed'}
          </span>
        </Link>
      ),
    }),
    column.accessor('outcome', {
      header: 'Outcome',
      cell: ({ getValue }) => (
        <span className={cn('font-semibold', TONES[getValue()] ?? 'text-bronze')}>
          {outcomeLabel(getValue())}
        </span>
      ),
    }),
    column.accessor(({ openedAt, closedAt }) => daysBetween(openedAt.slice(0, 10), closedAt.slice(0, 10)), {
      id: 'days',
      header: 'Days',
      cell: ({ getValue }) => <span className="reading">{figure(getValue(), 0)}</span>,
    }),
    column.accessor('minutes', {
      header: 'Minutes',
      cell: ({ getValue }) => (
        <span className="reading">{getValue() === null ? '–' : figure(getValue()!, 0)}</span>
      ),
    }),
  ];
}

/** Closed jobs as a table that is put in order by its heads; on a phone what tells them apart stays. */
export function LedgerTable({ lines, order, addressOf }: Props) {
  const shop = useShop();
  const columns = useMemo(() => columnsOf(shop), [shop]);
  const table = useReactTable({
    data: lines,
    columns,
    // The server puts them in order: a page is a few of very many.
    manualSorting: true,
    getCoreRowModel: getCoreRowModel(),
    getRowId: ({ id }) => id,
  });
  return (
    <table className="w-full border-t-2 border-ink">
      <thead>
        {table.getHeaderGroups().map((group) => (
          <tr key={group.id} className="border-b border-ink">
            {group.headers.map(({ id, column: { columnDef }, getContext }) => (
              <Head key={id} sort={id as LedgerSort} order={order} addressOf={addressOf}>
                {flexRender(columnDef.header, getContext())}
              </Head>
            ))}
          </tr>
        ))}
      </thead>
      <tbody>
        {table.getRowModel().rows.map((row) => (
          <tr key={row.id} className="border-b border-rule align-baseline hover:bg-straw-wash">
            {row.getVisibleCells().map(({ id, column: { id: of, columnDef }, getContext }) => (
              <td key={id} className={cn('py-1 pr-4', PLACES[of])}>
                {flexRender(columnDef.cell, getContext())}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Where a column stands, and which a narrow screen does without. */
const PLACES: Record<string, string> = {
  closed: 'whitespace-nowrap',
  car: 'hidden wrap-anywhere sm:table-cell',
  days: 'hidden text-right desk:table-cell',
  minutes: 'hidden text-right desk:table-cell',
  // Of a phone's width its words are too long for one line, and whoever typed without a space leaves no place to break.
  number: 'wrap-anywhere',
  outcome: 'sm:whitespace-nowrap',
};

type HeadProps = {
  sort: LedgerSort;
  order: LedgerOrder;
  addressOf: (sort: string) => string;
  children: React.ReactNode;
};

/** A head that puts the table in its order; pressed again, the other way. */
function Head({ sort, order, addressOf, children }: HeadProps) {
  const isIt = order.sort === sort;
  const next = isIt ? !order.descending : sort !== 'car' && sort !== 'outcome';
  return (
    <th
      scope="col"
      aria-sort={isIt ? (order.descending ? 'descending' : 'ascending') : 'none'}
      className={cn('pr-4 text-left font-semibold', PLACES[sort])}
    >
      <Link
        href={addressOf(orderText({ sort, descending: next }))}
        scroll={false}
        className="narrow inline-flex min-h-11 items-center gap-1 text-small hover:underline"
      >
        {children}
        {isIt &&
          (order.descending ? (
            <ArrowDown aria-hidden="true" size={16} />
          ) : (
            <ArrowUp aria-hidden="true" size={16} />
          ))}
      </Link>
    </th>
  );
}
