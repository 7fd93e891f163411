'use client';

import { dayWords } from '@/core/base/dates';
import type { BaseUnit } from '@/core/base/units/display';
import { DRIVES } from '@/core/car/drives';
import { FLUID_CLASSES } from '@/core/car/fluidClasses';
import { ORIGINS } from '@/core/car/origins';
import type { CarSpec } from '@/core/car/spec';
import { figure } from '@/ui/format';
import { useShop } from '../shell/ShopContext';
import { useUnits } from '../shell/useUnits';

const WORDS: Record<string, string> = {
  vacuum: 'vacuum booster',
  hydraulic: 'hydraulic',
  none: 'none',
  in_caliper: 'in the caliper',
  drum_in_hat: 'drum in the hat',
  lever_only: 'lever and shoes',
  one_piece: 'one piece',
  two_piece: 'two piece, floating',
  fast_road: 'fast road',
};

/** The specification, every figure with its unit. */
export function CarFigures({ car }: { car: CarSpec }) {
  const shop = useShop();
  const { full, show, unit, asTyped } = useUnits();
  // As it is on file; in another unit as finely as a gauge reads.
  const one = (value: number, base: BaseUnit) =>
    unit(base) === base ? asTyped(value, base) : show(value, base, base === '°C' ? 0 : 2);
  const oneMm = (value: number) => one(value, 'mm');
  const pair = (left: number | null, right: number | null, base: BaseUnit) => {
    const either = (value: number | null) => orDash(value, (known) => one(known, base));
    return left === null && right === null ? '—' : `${either(left)} / ${either(right)}`;
  };
  const word = (value: string | null) => (value === null ? '—' : (WORDS[value] ?? value));
  /** Where the figures at these paths come from, said behind them. */
  const from = (...paths: string[]) => {
    const origins = new Set(paths.flatMap((path) => car.origins[path] ?? []));
    return [...origins].map((origin) => ORIGINS[origin]).join(', ');
  };
  const rows: [label: string, value: string, paths?: string[]][] = [
    ['Driven from the', word(car.driveSide)],
    ['Mass', orDash(car.massKg, (kg) => full(kg, 'kg', 0)), ['massKg']],
    ['Tyre rolling radius', orDash(car.tyreRadiusM, (m) => full(m, 'm', 3)), ['tyreRadiusM']],
    ['Master bore', orDash(car.masterBoreMm, (mm) => full(mm, 'mm', 2)), ['masterBoreMm']],
    ['Pedal ratio', figure(car.pedalRatio, 2), ['pedalRatio']],
    ['Assist', word(car.assist), ['assist']],
    ['ABS', said(car.abs), ['abs']],
    ['Stability control', said(car.stabilityControl), ['stabilityControl']],
    [
      'Parking brake',
      `${word(car.parkingBrake)}${car.electricParkingBrake ? ', set by a motor' : ''}`,
      ['parkingBrake'],
    ],
    ['Brakes by wire', said(car.brakeByWire)],
    ['Driven by', car.drive === null ? '—' : DRIVES[car.drive].toLowerCase()],
    ['Fluid', car.fluidClass ? FLUID_CLASSES[car.fluidClass].label : '—', ['fluidClass']],
    [
      'Boils dry / wet',
      car.fluidDryC === null
        ? 'class minimum'
        : `${show(car.fluidDryC, '°C', 0)} / ${full(car.fluidWetC, '°C', 0)}`,
    ],
    ['Filled', car.fluidFilledOn === null ? '—' : dayWords(car.fluidFilledOn, shop.dateOrder)],
    [
      'Front share of the braking',
      car.frontShare === null ? '—' : `${figure(car.frontShare * 100, 0)} %`,
      ['frontShare'],
    ],
    ...(car.regenShare === null ? [] : [motorTakes(car.regenShare)]),
    ['Bleed order', car.makerOrder === null ? 'computed' : `maker: ${car.makerOrder.join(' ')}`],
  ];
  const axle = ({ front, rear }: CarSpec, show: (each: CarSpec['front']) => string): [string, string] => [
    show(front),
    show(rear),
  ];
  const axles: [label: string, values: [string, string], fields?: string[]][] = [
    ['Brake', axle(car, (each) => each.brake)],
    ['Caliper', axle(car, (each) => (each.brake === 'drum' ? '—' : word(each.caliper))), ['caliper']],
    [`Pistons ${unit('mm')}`, axle(car, (each) => each.pistonsMm.map(oneMm).join(' ') || '—'), ['pistonsMm']],
    ['Bleeders', axle(car, (each) => String(each.bleeders))],
    ['Rotor', axle(car, (each) => (each.brake === 'drum' ? '—' : word(each.rotor))), ['rotor']],
    [
      `Rotor new / min ${unit('mm')}`,
      axle(car, (each) => pair(each.rotorNewMm, each.rotorMinimumMm, 'mm')),
      ['rotorNewMm', 'rotorMinimumMm'],
    ],
    [
      `Pad new / min ${unit('mm')}`,
      axle(car, (each) => pair(each.padNewMm, each.padMinimumMm, 'mm')),
      ['padNewMm', 'padMinimumMm'],
    ],
    [
      `Line left / right ${unit('m')}`,
      axle(car, (each) => pair(each.lineLeftM, each.lineRightM, 'm')),
      ['lineLeftM', 'lineRightM'],
    ],
    ['Compound', axle(car, (each) => word(each.padCompound)), ['padCompound']],
    [
      `Beds in ${unit('°C')}`,
      axle(car, (each) => pair(each.bedLowC, each.bedHighC, '°C')),
      ['bedLowC', 'bedHighC'],
    ],
    [`Rotor weighs ${unit('kg')}`, axle(car, (each) => show(each.rotorMassKg, 'kg', 1)), ['rotorMassKg']],
  ];
  return (
    <section aria-labelledby="figures">
      <h2 id="figures" className="border-b-2 border-ink pb-1 text-xl">
        Figures
      </h2>
      <dl>
        {rows.map(([label, value, paths = []]) => (
          <div key={label} className="flex justify-between gap-3 border-b border-rule py-1.5">
            <dt className="text-soft">{label}</dt>
            <dd className="text-right">
              <span className="reading">{value}</span>
              <From words={from(...paths)} />
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
          {axles.map(([label, [front, rear], fields = []]) => (
            <tr key={label} className="border-b border-rule">
              <th scope="row" className="py-1.5 text-left font-normal text-soft">
                {label}
              </th>
              {(
                [
                  ['front', front],
                  ['rear', rear],
                ] as const
              ).map(([name, value]) => (
                <td key={name} className="text-right">
                  <span className="reading">{value}</span>
                  <From words={from(...fields.map((field) => `${name}.${field}`))} />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function motorTakes(share: number): [label: string, value: string, paths: string[]] {
  return ['Motor takes', `${figure(share * 100, 0)} %`, ['regenShare']];
}

/** Where a figure comes from, under it; nothing for what was typed. */
function From({ words }: { words: string }) {
  return words === '' ? null : <span className="block text-[0.8125rem] text-soft">{words}</span>;
}

function orDash(value: number | null, show: (value: number) => string): string {
  return value === null ? '—' : show(value);
}

function said(value: boolean | null): string {
  if (value === null) return '—';
  return value ? 'yes' : 'no';
}
