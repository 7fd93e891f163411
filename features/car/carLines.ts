import { type DateOrder, dayWords } from '@/core/base/dates';
import { inSentence } from '@/core/base/sentence';
import type { BaseUnit } from '@/core/base/units/display';
import { DRIVES } from '@/core/car/drives';
import { CAR_FIGURES, figuresIn } from '@/core/car/figures';
import { FLUID_CLASSES } from '@/core/car/fluidClasses';
import type { CarSpec } from '@/core/car/spec';
import { figure } from '@/ui/format';
import type { Units } from '../shell/units';

/** A figure of the specification as it is read, and the fields whose source stands under it. */
export type CarLine = { label: string; value: string; paths?: string[] };
/** A figure that each axle has of its own; the fields are of the axle. */
export type AxleLine = { label: string; front: string; rear: string; fields?: string[] };

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

/** What the car has once, every figure with its unit. */
export function carLines(car: CarSpec, units: Units, dateOrder: DateOrder): CarLine[] {
  return [...vehicleLines(car, units), ...fluidLines(car, units, dateOrder), ...balanceLines(car)];
}

function vehicleLines(car: CarSpec, units: Units): CarLine[] {
  return [
    { label: 'Driven from the', value: word(car.driveSide) },
    ...shownFigures(car, units),
    line('Assist', 'assist', car.assist, word),
    line('ABS', 'abs', car.abs, yesNo),
    line('Stability control', 'stabilityControl', car.stabilityControl, yesNo),
    line(
      'Parking brake',
      'parkingBrake',
      car.parkingBrake,
      (kind) => `${word(kind)}${car.electricParkingBrake ? ', set by a motor' : ''}`,
    ),
    { label: 'Brakes by wire', value: orDash(car.brakeByWire, yesNo) },
    { label: 'Driven by', value: orDash(car.drive, (drive) => inSentence(DRIVES[drive])) },
  ];
}

function shownFigures(car: CarSpec, { full }: Units): CarLine[] {
  return figuresIn(CAR_FIGURES).flatMap(([name, { label, unit, shown }]) =>
    shown === undefined ? [] : [line(label, name, car[name], (value) => full(value, unit, shown))],
  );
}

function fluidLines(car: CarSpec, { show, full }: Units, dateOrder: DateOrder): CarLine[] {
  return [
    line('Fluid', 'fluidClass', car.fluidClass, (fluid) => FLUID_CLASSES[fluid].label),
    {
      label: 'Boils dry / wet',
      value:
        car.fluidDryC === null
          ? 'class minimum'
          : `${show(car.fluidDryC, '°C', 0)} / ${full(car.fluidWetC, '°C', 0)}`,
    },
    { label: 'Filled', value: orDash(car.fluidFilledOn, (day) => dayWords(day, dateOrder)) },
  ];
}

function balanceLines(car: CarSpec): CarLine[] {
  const percent = (share: number) => `${figure(share * 100, 0)} %`;
  return [
    line('Front share of the braking', 'frontShare', car.frontShare, percent),
    ...(car.regenShare === null ? [] : [line('Motor takes', 'regenShare', car.regenShare, percent)]),
    {
      label: 'Bleed order',
      value: car.makerOrder === null ? 'computed' : `maker: ${car.makerOrder.join(' ')}`,
    },
  ];
}

/** What each axle has of its own, its unit with its name. */
export function axleLines(car: CarSpec, units: Units): AxleLine[] {
  const { unit, show } = units;
  const disc = (of: (axle: CarSpec['front']) => string) => (axle: CarSpec['front']) =>
    axle.brake === 'drum' ? '—' : of(axle);
  const lines: [label: string, of: (axle: CarSpec['front']) => string, fields?: string[]][] = [
    ['Brake', (axle) => axle.brake],
    ['Caliper', disc((axle) => word(axle.caliper)), ['caliper']],
    [
      `Pistons ${unit('mm')}`,
      (axle) => axle.pistonsMm.map((mm) => asFine(mm, 'mm', units)).join(' ') || '—',
      ['pistonsMm'],
    ],
    ['Bleeders', (axle) => String(axle.bleeders)],
    ['Rotor', disc((axle) => word(axle.rotor)), ['rotor']],
    both('Rotor new / min', 'rotorNewMm', 'rotorMinimumMm', 'mm', units),
    both('Pad new / min', 'padNewMm', 'padMinimumMm', 'mm', units),
    both('Line left / right', 'lineLeftM', 'lineRightM', 'm', units),
    ['Compound', (axle) => word(axle.padCompound), ['padCompound']],
    both('Beds in', 'bedLowC', 'bedHighC', '°C', units),
    [`Rotor weighs ${unit('kg')}`, (axle) => show(axle.rotorMassKg, 'kg', 1), ['rotorMassKg']],
  ];
  return lines.map(([label, of, fields]) => ({ label, front: of(car.front), rear: of(car.rear), fields }));
}

type AxleFigure = {
  [K in keyof CarSpec['front']]: CarSpec['front'][K] extends number | null ? K : never;
}[keyof CarSpec['front']];

/** Two figures that belong together, with a stroke between them. */
function both(
  label: string,
  one: AxleFigure,
  other: AxleFigure,
  base: BaseUnit,
  units: Units,
): [string, (axle: CarSpec['front']) => string, string[]] {
  const of = (axle: CarSpec['front']) =>
    axle[one] === null && axle[other] === null
      ? '—'
      : [one, other].map((field) => orDash(axle[field], (known) => asFine(known, base, units))).join(' / ');
  return [`${label} ${units.unit(base)}`, of, [one, other]];
}

/** As it is on file; in another unit as finely as a gauge reads. */
function asFine(value: number, base: BaseUnit, { unit, asTyped, show }: Units): string {
  return unit(base) === base ? asTyped(value, base) : show(value, base, base === '°C' ? 0 : 2);
}

function line<T>(label: string, path: string, value: T | null, say: (value: T) => string): CarLine {
  return { label, value: orDash(value, say), paths: [path] };
}

function orDash<T>(value: T | null, say: (value: T) => string): string {
  return value === null ? '—' : say(value);
}

function word(value: string | null): string {
  return orDash(value, (known) => WORDS[known] ?? known);
}

function yesNo(value: boolean): string {
  return value ? 'yes' : 'no';
}
