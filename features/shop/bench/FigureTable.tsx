import { cn } from '@/ui/cn';

export type Column<Row> = { id: keyof Row & string; label: string; unit?: string };

/** Rows of figures typed like a sheet: Enter goes on to the next cell; what is wrong with one is said under them all. */
export function FigureTable<Row extends Record<string, string>>({
  caption,
  columns,
  rows,
  wrong,
  onChange,
}: {
  caption: string;
  columns: readonly Column<Row>[];
  rows: readonly Row[];
  /** By column and row, `first.0`. */
  wrong: Record<string, string>;
  onChange: (rows: Row[]) => void;
}) {
  const nameOf = (id: string, at: number) => `${id}.${at}`;
  const set = (at: number, id: keyof Row, text: string) =>
    onChange(rows.map((row, index) => (index === at ? { ...row, [id]: text } : row)));
  const errors = rows.flatMap((_, at) => columns.flatMap(({ id }) => wrong[nameOf(id, at)] ?? []));
  return (
    <div>
      <table className="w-full">
        <caption className="narrow pb-1 text-left font-semibold">{caption}</caption>
        <thead>
          <tr className="narrow text-small">
            {columns.map(({ id, label, unit }) => (
              <th key={id} scope="col" className="pr-2 text-left font-semibold">
                {label} {unit && <span className="reading font-normal text-soft">{unit}</span>}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row, at) => (
            <tr key={at}>
              {columns.map(({ id, label }) => (
                <td key={id} className="py-0.5 pr-2">
                  <input
                    aria-label={`${label}, row ${at + 1}`}
                    aria-invalid={wrong[nameOf(id, at)] ? true : undefined}
                    value={row[id]}
                    onChange={(event) => set(at, id, event.target.value)}
                    onKeyDown={(event) => {
                      if (event.key !== 'Enter') return;
                      const cells = [...event.currentTarget.closest('table')!.querySelectorAll('input')];
                      cells[cells.indexOf(event.currentTarget) + 1]?.focus();
                    }}
                    inputMode="decimal"
                    autoComplete="off"
                    className={cn(
                      'reading min-h-11 w-full border bg-card px-2 text-lg',
                      wrong[nameOf(id, at)] ? 'border-2 border-stop' : 'border-soft',
                    )}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {errors.length > 0 && (
        <p role="alert" className="text-small font-semibold text-stop">
          {errors[0]}
        </p>
      )}
    </div>
  );
}
