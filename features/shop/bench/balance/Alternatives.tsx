import { type Alternative, alternative, withBrakeChange } from '@/core/car/hydraulics/alternatives';
import { boresBeside } from '@/core/car/hydraulics/bores';
import { Button } from '@/ui/Button';
import { cn } from '@/ui/cn';
import { figure } from '@/ui/format';
import { useUnits } from '../../../shell/useUnits';
import {
  type BalanceRead,
  type BalanceTyped,
  balanceBase,
  OTHERS,
  type OtherId,
  type OtherTyped,
  onlyOf,
} from './typed';

/** So many stand side by side. */
const MOST = 12;

/** Other parts in the same car, one a row: what each asks of the foot, how far its pedal goes, who locks first. */
export function Alternatives({
  read: { input, pedalled, others, wrong },
  typed,
  onChange,
}: {
  read: BalanceRead;
  typed: BalanceTyped;
  onChange: (others: OtherTyped[]) => void;
}) {
  const units = useUnits();
  const now = alternative(input!, pedalled!);
  const set = (at: number, other: OtherTyped) =>
    onChange(typed.others.map((each, index) => (index === at ? other : each)));
  const more = (added: OtherTyped[]) => onChange([...typed.others, ...added].slice(0, MOST));
  const bores = boresBeside(input!.master.boreMm).map((bore) => ({ bore: units.asTyped(bore, 'mm') }));
  return (
    <section aria-labelledby="others">
      <h2 id="others" className="border-b-2 border-ink pb-1 text-xl">
        Another part, the same car
      </h2>
      <div className="overflow-x-auto">
        <table className="w-full min-w-[44rem]">
          <thead>
            <tr className="narrow text-left text-small">
              <th scope="col">Part</th>
              <th scope="col" className="text-right">
                {input!.wanted ? `For ${figure(input!.wanted.decelMs2, 1)} m/s²` : 'Effort'}
              </th>
              <th scope="col" className="text-right">
                Pedal goes
              </th>
              <th scope="col" className="text-right">
                Left to the floor
              </th>
              <th scope="col" className="text-right">
                Front share
              </th>
              <th scope="col" className="text-right">
                Locks first
              </th>
              <td />
            </tr>
          </thead>
          <tbody>
            <tr className="border-t border-rule bg-straw-wash font-semibold">
              <th scope="row" className="py-2 pl-2 text-left">
                As it stands
              </th>
              <Cells of={now} />
              <td />
            </tr>
            {typed.others.map((other, at) => {
              const change = others[at];
              const changed = change && withBrakeChange(input!, change);
              return (
                <tr key={at} className="border-t border-rule">
                  <td className="py-1">
                    <Part
                      other={other}
                      row={at + 1}
                      wrong={wrong[`others.${at}`] ?? (change && !changed ? 'not in this car' : undefined)}
                      onChange={(next) => set(at, next)}
                    />
                  </td>
                  {changed ? <Cells of={alternative(changed, pedalled!, input!)} /> : <td colSpan={5} />}
                  <td>
                    <Button
                      look="quiet"
                      aria-label={`Row ${at + 1} off`}
                      className="print:hidden"
                      onClick={() => onChange(typed.others.filter((_, index) => index !== at))}
                    >
                      Off
                    </Button>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <div className="mt-2 flex flex-wrap gap-2 print:hidden">
        {typed.others.length < MOST && (
          <Button onClick={() => more([{ bore: units.asTyped(input!.master.boreMm, 'mm') }])}>
            One more part
          </Button>
        )}
        {typed.others.length === 0 && <Button onClick={() => more(bores)}>The bores beside it</Button>}
      </div>
    </section>
  );
}

/** What an alternative comes to. */
function Cells({ of: { forceN, travelMm, reserveMm, meetsFloor, frontShare, locks } }: { of: Alternative }) {
  const { full } = useUnits();
  const cell = 'reading pl-3 text-right whitespace-nowrap';
  return (
    <>
      <td className={cell}>{forceN === undefined ? 'not reached' : `${figure(forceN, 0)} N`}</td>
      <td className={cell}>{travelMm === undefined ? '—' : full(travelMm, 'mm', 0)}</td>
      <td className={cn(cell, meetsFloor && 'text-stop')}>
        {meetsFloor ? 'on the floor' : reserveMm === undefined ? '—' : full(reserveMm, 'mm', 0)}
      </td>
      <td className={cell}>{frontShare === null ? '—' : `${figure(frontShare * 100, 0)} %`}</td>
      <td className={cn(cell, locks?.axle === 'rear' && 'text-stop')}>
        {locks ? `${locks.axle}, ${figure(locks.decelMs2, 1)} m/s²` : '—'}
      </td>
    </>
  );
}

/** What is another, and what it is. */
function Part({
  other,
  row,
  wrong,
  onChange,
}: {
  other: OtherTyped;
  row: number;
  wrong?: string;
  onChange: (other: OtherTyped) => void;
}) {
  const units = useUnits();
  const [what, text] = onlyOf(other);
  const [unit] = [balanceBase(what)].flat();
  return (
    <>
      <span className="flex items-center gap-2">
        <select
          aria-label={`Part, row ${row}`}
          value={what}
          onChange={(event) => onChange({ [event.target.value as OtherId]: '' })}
          className="min-h-11 border border-soft bg-card px-2"
        >
          {Object.entries(OTHERS).map(([id, label]) => (
            <option key={id} value={id}>
              {label}
            </option>
          ))}
        </select>
        <input
          aria-label={`${OTHERS[what]}, row ${row}`}
          aria-invalid={wrong ? true : undefined}
          value={text}
          inputMode="decimal"
          autoComplete="off"
          onChange={(event) => onChange({ [what]: event.target.value })}
          className={cn(
            'reading min-h-11 w-28 border bg-card px-2 text-lg',
            wrong ? 'border-2 border-stop' : 'border-soft',
          )}
        />
        {unit && <span className="reading text-soft">{units.unit(unit)}</span>}
      </span>
      {wrong && (
        <span role="alert" className="block text-small font-semibold text-stop">
          {wrong}
        </span>
      )}
    </>
  );
}
