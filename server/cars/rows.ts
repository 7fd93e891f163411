import { fromSI, toSI } from '../../core/base/units/convert';
import { AXLE_FIGURES, CAR_FIGURES, type CarFigure, ofEach } from '../../core/car/figures';
import type { AxleSpec, CarSpec } from '../../core/car/spec';
import type { RowOf } from '../db/rows';
import { fromColumn, rounded, toColumn } from '../units';

export type CarRow = CarSpec & { id: string; version: number };

/** How a field of a car goes to its column and comes back: SI at rest, under a name of its own where the unit is another. */
type Column = { column?: string; from: (kept: never) => unknown; to: (value: never) => unknown };

const PLAIN: Column = { from: (kept) => kept, to: (value) => value };
/** A figure, in SI where its column has a name of its own. */
const figureColumn = ({ column, unit }: CarFigure): Column =>
  column && unit ? { column, from: fromColumn(unit), to: toColumn(unit) } : { ...PLAIN, column };
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
  assist: PLAIN,
  abs: PLAIN,
  stabilityControl: PLAIN,
  parkingBrake: PLAIN,
  electricParkingBrake: PLAIN,
  brakeByWire: PLAIN,
  drive: PLAIN,
  fluidClass: PLAIN,
  fluidFilledOn: PLAIN,
  makerOrder: PLAIN,
  ...ofEach(CAR_FIGURES, figureColumn),
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
  studs: PLAIN,
  padCompound: PLAIN,
  ...ofEach(AXLE_FIGURES, figureColumn),
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
