import { cn } from '@/ui/cn';
import type { Compared } from './compare';

/** Benches side by side: each with its figures, what is out of its limit marked. */
export function Comparison({ benches }: { benches: readonly Compared[] }) {
  const rows = benches.find(({ figures }) => figures)?.figures?.length ?? 0;
  return (
    <div className="overflow-x-auto">
      <table className="w-full">
        <caption className="sr-only">Kept benches side by side</caption>
        <thead>
          <tr className="narrow border-b-2 border-ink text-left">
            {benches.map(({ id, name }) => (
              <th key={id} scope="col" className="py-1 pr-4 align-bottom">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {Array.from({ length: rows }, (_, row) => (
            <tr key={row} className="border-b border-rule align-top">
              {benches.map(({ id, figures }) => {
                const each = figures?.[row];
                return (
                  <td key={id} className="py-1 pr-4">
                    <span className="block text-small text-soft">{each?.label ?? 'of another version'}</span>
                    <b className={cn('reading text-lg font-semibold', each?.bad && 'text-stop')}>
                      {each?.value ?? '—'}
                    </b>
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
