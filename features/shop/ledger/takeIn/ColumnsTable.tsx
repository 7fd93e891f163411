'use client';

import { COLUMN_IDS, COLUMNS, type ColumnId, type Mapping } from '@/core/exchange/readings/columns';
import type { OpenTable } from './useTakeIn';

/** What each column of a table holds, beside what stands in its first rows. */
export function ColumnsTable({ table, onMap }: { table: OpenTable; onMap: (mapping: Mapping) => void }) {
  const { name, heads, rows, mapping } = table;
  const put = (at: number, id: ColumnId | null) =>
    // Each thing is in one column only.
    onMap(mapping.map((held, column) => (column === at ? id : held === id ? null : held)));
  return (
    <section aria-labelledby="columns" className="mt-4">
      <h2 id="columns" className="border-b-2 border-ink text-xl">
        {name}: its columns
      </h2>
      <ul>
        {heads.map((head, at) => (
          <li
            key={at}
            className="grid items-center gap-x-4 border-b border-rule py-1 sm:grid-cols-[12rem_15rem_1fr]"
          >
            <label htmlFor={`column-${at}`} className="font-semibold">
              {head.trim() === '' ? `Column ${at + 1}` : head}
            </label>
            <select
              id={`column-${at}`}
              className="min-h-11 border border-ink bg-card px-2"
              value={mapping[at] ?? ''}
              onChange={(event) =>
                put(at, event.target.value === '' ? null : (event.target.value as ColumnId))
              }
            >
              <option value="">left out</option>
              {COLUMN_IDS.map((id) => (
                <option key={id} value={id}>
                  {COLUMNS[id].label}
                </option>
              ))}
            </select>
            <span className="reading truncate text-soft">{rows.map((row) => row[at] || '–').join('  ')}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
