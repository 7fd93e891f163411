import type { Range } from '../base/issues/range';
import type { BaseUnit } from '../base/units/display';

/**
 * A figure of a car: the one place where it is written down. The specification takes it in its range, the form asks for it
 * and the car's page shows it by its name, in the shop's own unit, and its column holds it in SI.
 */
export type CarFigure = {
  label: string;
  /** What specification and open format have it in; a share is a plain number. */
  unit: Exclude<BaseUnit, '%'>;
  low: number;
  high: number;
  /** Its column, where SI is another unit and so another name. */
  column?: string;
  /** Under what the form asks for it: of the car, or of an axle. */
  part: 'car' | 'pedal' | 'fluid' | 'brake' | 'limits';
  hint?: string;
  /** Of the car itself: shown on its page, to so many places. */
  shown?: number;
  /** Of an axle: only with discs. */
  disc?: true;
  /** Of an axle: what it is called with drums. */
  withDrums?: string;
};

/** Figures that a car has once, in the order of the form. */
export const CAR_FIGURES = {
  massKg: { label: 'Mass', unit: 'kg', low: 150, high: 4000, part: 'car', shown: 0 },
  tyreRadiusM: { label: 'Tyre rolling radius', unit: 'm', low: 0.15, high: 0.6, part: 'car', shown: 3 },
  /** Share of the braking the front does in a hard stop. */
  frontShare: {
    label: 'Front share of the braking',
    unit: '',
    low: 0.3,
    high: 0.95,
    part: 'car',
    hint: '0.7 unless somebody knows',
  },
  /** What a motor takes of a hard stop: heat that no rotor sees. */
  regenShare: {
    label: 'Motor’s share of a hard stop',
    unit: '',
    low: 0,
    high: 0.9,
    part: 'car',
    hint: '0 without regeneration',
  },
  masterBoreMm: {
    label: 'Master bore',
    unit: 'mm',
    low: 8,
    high: 50,
    column: 'masterBoreM',
    part: 'pedal',
    hint: '7/8 in is taken too',
    shown: 2,
  },
  pedalRatio: { label: 'Pedal ratio', unit: '', low: 1, high: 12, part: 'pedal', shown: 2 },
  fluidDryC: {
    label: 'Boils dry',
    unit: '°C',
    low: 111,
    high: 400,
    column: 'fluidDryK',
    part: 'fluid',
    hint: 'The product’s own, if better',
  },
  fluidWetC: { label: 'Boils wet', unit: '°C', low: 111, high: 400, column: 'fluidWetK', part: 'fluid' },
  bleedCeilingKPa: {
    label: 'Reservoir ceiling',
    unit: 'kPa',
    low: 50,
    high: 400,
    column: 'bleedCeilingPa',
    part: 'fluid',
    hint: '200 kPa unless the maker says',
  },
} as const satisfies Record<string, CarFigure>;

/** How fine a limit of the maker's may be. */
const FINE = { unit: 'mm', low: 0.001, high: 1, part: 'limits' } as const;
const BED = { unit: '°C', low: 40, high: 1000, part: 'brake', disc: true } as const;
const LINE = { unit: 'm', low: 0.1, high: 15, part: 'brake' } as const;
const ROTOR = { unit: 'mm', low: 4, high: 60, part: 'brake', disc: true } as const;

/** Figures that each axle has, likewise. */
export const AXLE_FIGURES = {
  rotorNewMm: { ...ROTOR, label: 'Rotor new', column: 'rotorNewM' },
  rotorMinimumMm: {
    ...ROTOR,
    label: 'Rotor minimum',
    column: 'rotorMinimumM',
    hint: 'Marked on the rotor',
  },
  padNewMm: {
    label: 'Pad new',
    withDrums: 'Lining new',
    unit: 'mm',
    low: 3,
    high: 40,
    column: 'padNewM',
    part: 'brake',
  },
  padMinimumMm: {
    label: 'Pad minimum',
    withDrums: 'Lining minimum',
    unit: 'mm',
    low: 0.5,
    high: 20,
    column: 'padMinimumM',
    part: 'brake',
  },
  lineLeftM: { ...LINE, label: 'Line to left', hint: 'From the master, along the pipe' },
  lineRightM: { ...LINE, label: 'Line to right' },
  rotorRadiusMm: {
    label: 'Dial on the rotor at',
    unit: 'mm',
    low: 50,
    high: 300,
    column: 'rotorRadiusM',
    part: 'brake',
    disc: true,
    hint: 'From the middle to the tip',
  },
  hubRadiusMm: {
    label: 'Dial on the hub at',
    unit: 'mm',
    low: 10,
    high: 200,
    column: 'hubRadiusM',
    part: 'brake',
  },
  bearingSpanMm: {
    label: 'Bearing span',
    unit: 'mm',
    low: 5,
    high: 300,
    column: 'bearingSpanM',
    part: 'brake',
    hint: 'Between the two rows',
  },
  padLimitC: {
    label: 'Pad good to',
    unit: '°C',
    low: 100,
    high: 1000,
    column: 'padLimitK',
    part: 'brake',
    disc: true,
    hint: 'The pad maker’s highest',
  },
  bedLowC: { ...BED, label: 'Beds in from', column: 'bedLowK', hint: 'The pad maker’s window' },
  bedHighC: { ...BED, label: 'Beds in to', column: 'bedHighK' },
  rotorMassKg: {
    label: 'Rotor weighs',
    unit: 'kg',
    low: 0.5,
    high: 40,
    part: 'brake',
    disc: true,
    hint: 'Estimated from its size if empty',
  },
  runoutLimitMm: { ...FINE, label: 'Runout at most', column: 'runoutLimitM', disc: true },
  dtvLimitMm: { ...FINE, label: 'Variation at most', column: 'dtvLimitM', disc: true },
  hubLimitMm: { ...FINE, label: 'Hub face at most', column: 'hubLimitM' },
  playLimitMm: { ...FINE, label: 'Bearing play at most', column: 'playLimitM' },
} as const satisfies Record<string, CarFigure>;

/** Studs of a wheel. */
export const STUD_RANGE = [3, 10] as const satisfies Range;

/** What is taken of a figure. */
export const rangeOf = ({ low, high }: CarFigure): Range => [low, high];

/** The figures of a table, each with its name, as wide as any of them may be. */
export function figuresIn<T extends Record<string, CarFigure>>(table: T): [keyof T & string, CarFigure][] {
  return Object.entries(table);
}

/** What is worked out of each figure of a table, by its name. */
export function ofEach<T extends Record<string, CarFigure>, V>(
  table: T,
  make: (figure: CarFigure, name: keyof T & string) => V,
): Record<keyof T, V> {
  return Object.fromEntries(figuresIn(table).map(([name, each]) => [name, make(each, name)])) as Record<
    keyof T,
    V
  >;
}
