import type { Row } from 'postgres';
import { fromSI, toSI } from '../../core/base/units/convert';
import type { AxleSpec, CarSpec } from '../../core/car/spec';
import { celsius, fromCelsius, fromMillimetres, millimetres, rounded } from '../units';

export type CarRow = CarSpec & { id: string; version: number };

/** Where a field of a car stands, and how it goes there and comes back: SI at rest. */
type Column = { column: string; from: (kept: never) => unknown; to: (value: never) => unknown };

const plain = (column: string): Column => ({ column, from: (kept) => kept, to: (value) => value });
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
  name: plain('name'),
  note: plain('note'),
  kind: plain('kind'),
  driveSide: plain('drive_side'),
  massKg: plain('mass_kg'),
  tyreRadiusM: plain('tyre_radius_m'),
  masterBoreMm: mm('master_bore_m'),
  pedalRatio: plain('pedal_ratio'),
  assist: plain('assist'),
  abs: plain('abs'),
  stabilityControl: plain('stability_control'),
  parkingBrake: plain('parking_brake'),
  electricParkingBrake: plain('electric_parking_brake'),
  brakeByWire: plain('brake_by_wire'),
  drive: plain('drive'),
  fluidClass: plain('fluid_class'),
  fluidDryC: degreesC('fluid_dry_k'),
  fluidWetC: degreesC('fluid_wet_k'),
  fluidFilledOn: plain('fluid_filled_on'),
  bleedCeilingKPa: kPa('bleed_ceiling_pa'),
  makerOrder: plain('maker_order'),
  frontShare: plain('front_share'),
  regenShare: plain('regen_share'),
  torquesNm: plain('torques_nm'),
  ownSheet: plain('own_sheet'),
  origins: plain('origins'),
};

/** The columns of an axle, likewise. */
const AXLE: Record<keyof AxleSpec, Column> = {
  brake: plain('brake'),
  caliper: plain('caliper'),
  pistonsMm: listMm('pistons_m'),
  bleeders: plain('bleeders'),
  rotor: plain('rotor'),
  rotorNewMm: mm('rotor_new_m'),
  rotorMinimumMm: mm('rotor_minimum_m'),
  padNewMm: mm('pad_new_m'),
  padMinimumMm: mm('pad_minimum_m'),
  lineLeftM: plain('line_left_m'),
  lineRightM: plain('line_right_m'),
  studs: plain('studs'),
  rotorRadiusMm: mm('rotor_radius_m'),
  hubRadiusMm: mm('hub_radius_m'),
  bearingSpanMm: mm('bearing_span_m'),
  runoutLimitMm: mm('runout_limit_m'),
  dtvLimitMm: mm('dtv_limit_m'),
  hubLimitMm: mm('hub_limit_m'),
  playLimitMm: mm('play_limit_m'),
  padLimitC: degreesC('pad_limit_k'),
  padCompound: plain('pad_compound'),
  bedLowC: degreesC('bed_low_k'),
  bedHighC: degreesC('bed_high_k'),
  rotorMassKg: plain('rotor_mass_kg'),
};

function fromRow(columns: Record<string, Column>, row: Row): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(columns).map(([field, { column, from }]) => {
      // A column that is not there would read as unknown for ever.
      if (!(column in row)) throw new Error(`no column ${column}`);
      return [field, from(row[column] as never)];
    }),
  );
}

function toRow(columns: Record<string, Column>, spec: object): Record<string, never> {
  return Object.fromEntries(
    Object.entries(columns).map(([field, { column, to }]) => [
      column,
      to((spec as Record<string, never>)[field]!) as never,
    ]),
  );
}

/** A car from its row and those of its axles. */
export function carFromRows(row: Row, axles: readonly Row[]): CarRow {
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
  return { car_id: carId, axle, ...toRow(AXLE, spec) };
}
