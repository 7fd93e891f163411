'use client';

import { sizeFor } from '@/core/car/hydraulics/alternatives';
import { hydraulics } from '@/core/car/hydraulics/hydraulics';
import { cn } from '@/ui/cn';
import { FigureList } from '@/ui/FigureList';
import { figure } from '@/ui/format';
import { later } from '../../../shell/later';
import { useUnits } from '../../../shell/useUnits';
import { Alternatives } from './Alternatives';
import { balanceFigures } from './figures';
import type { BalanceRead, BalanceTyped, OtherTyped } from './typed';

const BalanceChart = later(() => import('./BalanceChart').then((module) => module.BalanceChart), {
  loading: () => <p className="text-soft">Drawing the balance …</p>,
});

/** From the foot to the road in figures: deceleration, balance, who locks first, and what another bore would ask. */
export function BalanceSays({
  read,
  typed,
  onOthers,
}: {
  read: BalanceRead;
  typed: BalanceTyped;
  onOthers: (others: OtherTyped[]) => void;
}) {
  const { full } = useUnits();
  const input = read.input!;
  const result = hydraulics(input);
  const { linePressureMPa, torquePerRotorNm } = result;
  return (
    <>
      <FigureList items={balanceFigures(input, read.unhelped, result)} />
      {read.unhelped && (
        <p>
          This car helps the foot. Say what that adds, as pressure in the lines; until then these are figures
          of the foot alone, and are not held against UN R13-H: that is measured with all help working.
        </p>
      )}
      <p>
        Line pressure <b className="reading font-semibold">{full(linePressureMPa.front * 1000, 'kPa', 0)}</b>{' '}
        in front, {full(linePressureMPa.rear * 1000, 'kPa', 0)} behind; torque of one wheel{' '}
        <b className="reading font-semibold">{full(torquePerRotorNm.front, 'N·m', 0)}</b> and{' '}
        {full(torquePerRotorNm.rear, 'N·m', 0)}.
      </p>
      <div className="h-[22rem]">
        <BalanceChart input={input} />
      </div>
      <Sized read={read} />
      <Alternatives read={read} typed={typed} onChange={onOthers} />
    </>
  );
}

/** Bore or ratio for the effort wanted; they cost the same travel. */
function Sized({ read: { input, pedalled, effortN } }: { read: BalanceRead }) {
  const { full } = useUnits();
  if (effortN === undefined || !input?.wanted) return null;
  const size = sizeFor(input, effortN, pedalled!);
  const wanted = `${figure(input.wanted.decelMs2, 1)} m/s² with ${figure(effortN, 0)} N`;
  if (!size) return <p className="font-semibold text-stop">No gearing of a foot gives {wanted}.</p>;
  return (
    <p>
      For {wanted}:{' '}
      {size.boreMm === undefined ? (
        'no bore that is made'
      ) : (
        <>
          a bore of <b className="reading font-semibold">{full(size.boreMm, 'mm', 1)}</b>
          {size.rearBoreMm === undefined ? '' : ` with ${full(size.rearBoreMm, 'mm', 1)} behind`}
        </>
      )}
      {size.ratio === undefined ? (
        ', no ratio that is built'
      ) : (
        <>
          , or a ratio of <b className="reading font-semibold">{figure(size.ratio, 2)}</b>
        </>
      )}
      ; either way the pedal goes{' '}
      <b className={cn('reading font-semibold', size.meetsFloor && 'text-stop')}>
        {full(size.travelMm, 'mm', 0)}
      </b>
      {size.meetsFloor ? ', to the floor' : ''}: effort times travel stays what the brakes take.
    </p>
  );
}
