'use client';

import { ORIGINS } from '@/core/car/origins';
import type { CarSpec } from '@/core/car/spec';
import { useShop } from '../shell/ShopContext';
import { useUnits } from '../shell/useUnits';
import { axleLines, carLines } from './carLines';

/** The specification, every figure with its unit. */
export function CarFigures({ car }: { car: CarSpec }) {
  const { dateOrder } = useShop();
  const units = useUnits();
  /** Where the figures at these paths come from, said under them. */
  const from = (paths: readonly string[] = []) => {
    const origins = new Set(paths.flatMap((path) => car.origins[path] ?? []));
    return [...origins].map((origin) => ORIGINS[origin]).join(', ');
  };
  return (
    <section aria-labelledby="figures">
      <h2 id="figures" className="border-b-2 border-ink pb-1 text-xl">
        Figures
      </h2>
      <dl>
        {carLines(car, units, dateOrder).map(({ label, value, paths }) => (
          <div key={label} className="flex justify-between gap-3 border-b border-rule py-1.5">
            <dt className="text-soft">{label}</dt>
            <dd className="text-right">
              <span className="reading">{value}</span>
              <From words={from(paths)} />
            </dd>
          </div>
        ))}
      </dl>
      <table className="mt-4 w-full">
        <thead>
          <tr className="narrow border-b-2 border-ink text-small">
            <td />
            <th scope="col" className="py-1 text-right font-semibold">
              Front
            </th>
            <th scope="col" className="text-right font-semibold">
              Rear
            </th>
          </tr>
        </thead>
        <tbody>
          {axleLines(car, units).map(({ label, fields, ...values }) => (
            <tr key={label} className="border-b border-rule">
              <th scope="row" className="py-1.5 text-left font-normal text-soft">
                {label}
              </th>
              {(['front', 'rear'] as const).map((axle) => (
                <td key={axle} className="text-right">
                  <span className="reading">{values[axle]}</span>
                  <From words={from(fields?.map((field) => `${axle}.${field}`))} />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** Where a figure comes from, under it; nothing for what was typed. */
function From({ words }: { words: string }) {
  return words === '' ? null : <span className="block text-[0.8125rem] text-soft">{words}</span>;
}
