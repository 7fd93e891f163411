'use client';

import type { FlushPlan } from '@/core/bleed/procedure';
import { convert } from '@/core/units/convert';
import { figure } from '@/ui/format';

const METHODS = {
  pressure: 'pressure',
  two_person: 'two-person',
  vacuum: 'vacuum',
  gravity: 'gravity',
  reverse: 'reverse',
} as const;

/** The plan before it starts: order, volumes against the bottle, pressure, and what to mind. */
export function PlanSummary({ plan: { plan, input, fluid } }: { plan: FlushPlan }) {
  let total = 0;
  return (
    <div>
      <p>
        {plan.bottles} × {input.bottleMl} ml of {fluid}, sealed;{' '}
        <span className="reading font-semibold">{plan.totalMl} ml</span> with {plan.topUpMl} ml to top up.
        Method: {METHODS[input.method]}
        {plan.pressureKPa !== null && (
          <>
            , <span className="reading font-semibold">{figure(plan.pressureKPa, 0)} kPa</span> (
            {figure(convert(plan.pressureKPa, 'kPa', 'bar'), 2)} bar,{' '}
            {figure(convert(plan.pressureKPa, 'kPa', 'psi'), 0)} psi), never over {figure(plan.ceilingKPa, 0)}{' '}
            kPa
          </>
        )}
        .
      </p>
      <table className="my-2 w-full max-w-xl">
        <caption className="sr-only">Order of bleeders</caption>
        <thead>
          <tr className="narrow border-b-2 border-ink text-[0.9375rem]">
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
          {plan.order.map((row, index) => {
            total += row.ml;
            return (
              <tr key={`${row.corner} ${row.bleeder} ${index}`} className="border-b border-rule">
                <td className="py-1">
                  {index + 1} <b>{row.corner}</b>
                </td>
                <td>{row.bleeder}</td>
                <td className="text-right">{figure(plan.linesM[row.corner], 1)}</td>
                <td className="text-right">{row.ml}</td>
                <td className="text-right">{total}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <ul className="list-disc pl-5 text-[0.9375rem]">
        {plan.warnings.map((warning) => (
          <li key={warning}>{warning}</li>
        ))}
      </ul>
    </div>
  );
}
