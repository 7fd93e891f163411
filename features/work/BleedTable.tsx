'use client';

import { inSentence, listed } from '@/core/base/sentence';
import type { BleedPlan } from '@/core/planning/bleed/plan';
import type { WorkPlan } from '@/core/planning/plan';
import { WAYS } from '@/core/planning/ways';
import { figure } from '@/ui/format';
import { useUnits } from '../shell/useUnits';
import { BottleRule } from './BottleRule';

/** A bleed as planned: order, volumes against the bottles, pressure against its ceiling. */
export function BleedTable({ bleed }: { bleed: NonNullable<WorkPlan['bleed']> }) {
  const { plan, input, supplyMl } = bleed;
  const units = useUnits();
  const rows = [...plan.order, ...plan.secondPass];
  const ceiling = plan.limits.find((limit) => limit.name === 'ceilingKPa');
  let total = 0;
  return (
    <section aria-label="Bleed plan">
      <p>
        {inSentence(WAYS.bleedMethod.options[input.method][0])}
        {plan.pressureKPa !== null && (
          <>
            {' at '}
            <b className="reading font-semibold">{units.full(plan.pressureKPa, 'kPa', 0)}</b>, never over{' '}
            {units.full(plan.ceilingKPa, 'kPa', 0)} (
            {ceiling?.from === 'car' ? 'this car’s reservoir' : 'common practice'}); closed and watched for{' '}
            {Math.round((plan.leakHoldS ?? 0) / 6) / 10} min first
          </>
        )}
        . <b className="reading font-semibold">{plan.totalMl} ml</b> in all, {plan.topUpMl} of it to top up.
      </p>
      <p>
        Modulator: <b className="font-semibold">{modulatorWords(bleed)}</b>.
      </p>
      <BottleRule drawnMl={0} totalMl={plan.totalMl} bottleMl={input.bottleMl} />
      <table className="my-2 w-full max-w-xl">
        <caption className="sr-only">Order of bleeders</caption>
        <thead>
          <tr className="narrow border-b-2 border-ink text-small">
            <th scope="col" className="py-1 text-left font-semibold">
              Order
            </th>
            <th scope="col" className="text-left font-semibold">
              Bleeder
            </th>
            <th scope="col" className="text-right font-semibold">
              Line m
            </th>
            <th scope="col" className="text-right font-semibold">
              Here ml
            </th>
            <th scope="col" className="text-right font-semibold">
              So far ml
            </th>
          </tr>
        </thead>
        <tbody className="reading">
          {rows.map((row, index) => {
            total += row.ml;
            return (
              <tr key={`${row.corner} ${row.bleeder} ${index}`} className="border-b border-rule">
                <td className="py-1">
                  {index + 1} <b>{row.corner}</b>
                  {index >= plan.order.length && ' again'}
                </td>
                <td>
                  {row.bleeder}
                  {plan.emptyCatchBefore.includes(index) && ', catch bottle emptied first'}
                  {stopsAt(plan, index)}
                  {plan.strokes?.[index] !== undefined && `, about ${plan.strokes[index]} half strokes`}
                </td>
                <td className="text-right">{figure(plan.linesM[row.corner], 1)}</td>
                <td className="text-right">{row.ml}</td>
                <td className="text-right">{total}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="reading text-small text-soft">
        {plan.bottles} × {input.bottleMl} ml laid out, {supplyMl - plan.totalMl} ml to spare
      </p>
    </section>
  );
}

/** Where the reservoir is filled up on the way through a bleeder; plans kept from before do not know it. */
function stopsAt({ topUps = [] }: Partial<BleedPlan>, row: number): string {
  const within = topUps.filter((stop) => stop.row === row);
  const before = within.some(({ afterMl }) => afterMl === 0) ? ', reservoir filled up first' : '';
  const after = within.filter(({ afterMl }) => afterMl > 0).map(({ afterMl }) => afterMl);
  return `${before}${after.length > 0 ? `, filled up again after ${listed(after)} ml` : ''}`;
}

/** Whether the modulator is cycled, and why. */
function modulatorWords({ input, plan }: NonNullable<WorkPlan['bleed']>): string {
  if (!input.stabilityControl) return 'none in this car';
  if (!plan.cycleModulator) return 'left alone, nothing was opened and the pedal is not soft after a bleed';
  return input.softAfterBleed
    ? 'cycled, the pedal stayed soft after a good bleed'
    : 'cycled, the system was opened and air may have reached it';
}
