import { fromSI, toSI } from '../../core/base/units/convert';
import type { AxleSpec, CarSpec } from '../../core/car/spec';
import type { RowOf } from '../db/rows';
import { celsius, fromCelsius, fromMillimetres, millimetres, rounded } from '../units';

export type CarRow = CarSpec & { id: string; version: number };

/** How a field of a car goes to its column and comes back: SI at rest, under a name of its own where the unit is another. */
type Column = { column?: string; from: (kept: never) => unknown; to: (value: never) => unknown };

const PLAIN: Column = { from: (kept) => kept, to: (value) => value };
const mm = (column: string): Column => ({ column, from: millimetres, to: fromMillimetres });
const degreesC = (column: string): Column => ({ column, from: celsius, to: fromCelsius });
const kPa = (column: string): Column => ({
  column,
  from: (pascals: number | null) => (pascals === null ? null : rounded(fromSI(pascals, 'kPa'))),
  to: (value: number | null) => (value === null ? null : toSI(value, 'kPa')),
});
const listMm = (column: string): Column => ({
  column,
  from: (kept: number[]) => kept.map((metres) => rounded(fromSI(metres, 'mm'))),
  to: (value: number[]) => value.map((each) => toSI(each, 'mm')),
});

/** The columns of a car: the only list of them, which the compiler holds against the specification. */
const CAR: Record<Exclude<keyof CarSpec, 'front' | 'rear'>, Column> = {
  name: PLAIN,
  note: PLAIN,
  kind: PLAIN,
  driveSide: PLAIN,
  massKg: PLAIN,
  tyreRadiusM: PLAIN,
  masterBoreMm: mm('masterBoreM'),
  pedalRatio: PLAIN,
  assist: PLAIN,
  abs: PLAIN,
  stabilityControl: PLAIN,
  parkingBrake: PLAIN,
  electricParkingBrake: PLAIN,
  brakeByWire: PLAIN,
  drive: PLAIN,
  fluidClass: PLAIN,
  fluidDryC: degreesC('fluidDryK'),
  fluidWetC: degreesC('fluidWetK'),
  fluidFilledOn: PLAIN,
  bleedCeilingKPa: kPa('bleedCeilingPa'),
  makerOrder: PLAIN,
  frontShare: PLAIN,
  regenShare: PLAIN,
  torquesNm: PLAIN,
  ownSheet: PLAIN,
  origins: PLAIN,
};

/** The columns of an axle, likewise. */
const AXLE: Record<keyof AxleSpec, Column> = {
  brake: PLAIN,
  caliper: PLAIN,
  pistonsMm: listMm('pistonsM'),
  bleeders: PLAIN,
  rotor: PLAIN,
  rotorNewMm: mm('rotorNewM'),
  rotorMinimumMm: mm('rotorMinimumM'),
  padNewMm: mm('padNewM'),
  padMinimumMm: mm('padMinimumM'),
  lineLeftM: PLAIN,
  lineRightM: PLAIN,
  studs: PLAIN,
  rotorRadiusMm: mm('rotorRadiusM'),
  hubRadiusMm: mm('hubRadiusM'),
  bearingSpanMm: mm('bearingSpanM'),
  runoutLimitMm: mm('runoutLimitM'),
  dtvLimitMm: mm('dtvLimitM'),
  hubLimitMm: mm('hubLimitM'),
  playLimitMm: mm('playLimitM'),
  padLimitC: degreesC('padLimitK'),
  padCompound: PLAIN,
  bedLowC: degreesC('bedLowK'),
  bedHighC: degreesC('bedHighK'),
  rotorMassKg: PLAIN,
};

function fromRow(columns: Record<string, Column>, row: object): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(columns).map(([field, { column = field, from }]) => {
      // A column that is not there would read as unknown for ever.
      if (!(column in row)) throw new Error(`no column ${column}`);
      return [field, from(row[column as never])];
    }),
  );
}

function toRow(columns: Record<string, Column>, spec: object): Record<string, never> {
  return Object.fromEntries(
    Object.entries(columns).map(([field, { column = field, to }]) => [
      column,
      to((spec as Record<string, never>)[field]!) as never,
    ]),
  );
}

/** A car from its row and those of its axles. */
export function carFromRows(row: RowOf<'cars'>, axles: readonly RowOf<'car_axles'>[]): CarRow {
  const axle = (name: string) => fromRow(AXLE, axles.find((each) => each.axle === name)!);
  const spec = { ...fromRow(CAR, row), front: axle('front'), rear: axle('rear') } as CarSpec;
  return { id: row.id, version: row.version, ...spec };
}

/** The columns of a car. */
export function carColumns(car: CarSpec): Record<string, never> {
  return toRow(CAR, car);
}

/** The columns of an axle. */
export function axleColumns(carId: string, axle: 'front' | 'rear', spec: AxleSpec) {
  return { carId, axle, ...toRow(AXLE, spec) };
}
