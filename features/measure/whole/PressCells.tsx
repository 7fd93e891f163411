'use client';

import { useUnits } from '../../shell/useUnits';
import { focusCell, MeasureCell } from '../MeasureCell';
import { ASKED_N, type FirmnessRow } from './firmnessTyped';

const COLUMNS = [
  { id: 'force', label: 'Force', base: 'N' },
  { id: 'first', label: 'First press', base: 'mm' },
  { id: 'third', label: 'Third press', base: 'mm' },
] as const;

type Props = {
  rows: readonly FirmnessRow[];
  /** By column and row, `first.0`. */
  wrong: Record<string, string>;
  disabled: boolean;
  onChange: (rows: FirmnessRow[]) => void;
  /** After the last of them. */
  onEnd: () => void;
};

const idOf = (at: number, column: string) => `press-${at}-${column}`;

/** Forces and travels of a pedal, a row a force: typed, by the keys on the screen, or the force by its gauge. */
export function PressCells({ rows, wrong, disabled, onChange, onEnd }: Props) {
  const units = useUnits();
  const order = rows.flatMap((_, at) => COLUMNS.map(({ id }) => idOf(at, id)));
  const next = (id: string) => {
    const following = order[order.indexOf(id) + 1];
    if (following) focusCell(following);
    else onEnd();
  };
  const errors = rows.flatMap((_, at) => COLUMNS.flatMap(({ id }) => wrong[`${id}.${at}`] ?? []));
  return (
    <div>
      <table className="w-full">
        <caption className="narrow pb-1 text-left font-semibold">
          A scale or a gauge on the pad: at each force how far it went
        </caption>
        <thead>
          <tr className="narrow text-small">
            {COLUMNS.map(({ id, label, base }) => (
              <th key={id} scope="col" className="pr-2 text-left font-semibold">
                {label} <span className="reading font-normal text-soft">{units.unit(base)}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row, at) => (
            <tr key={at}>
              {COLUMNS.map(({ id, label, base }) => (
                <td key={id} className="py-0.5 pr-2">
                  <MeasureCell
                    id={idOf(at, id)}
                    label={`${label}, row ${at + 1}`}
                    base={base}
                    {...(id === 'force'
                      ? { quantity: 'force', pose: { point: 'pedal', forceN: ASKED_N[at] } }
                      : {})}
                    value={row[id]}
                    invalid={wrong[`${id}.${at}`] !== undefined}
                    disabled={disabled}
                    onChange={(text) =>
                      onChange(rows.map((each, index) => (index === at ? { ...each, [id]: text } : each)))
                    }
                    onNext={() => next(idOf(at, id))}
                    className="border-soft"
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
