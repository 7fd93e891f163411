import type { Row } from 'postgres';
import { fromSI, toSI } from '../../core/base/units/convert';
import type { AxleSpec, CarSpec } from '../../core/car/spec';
import { celsius, fromCelsius, fromMillimetres, millimetres, rounded } from '../units';

export type CarRow = CarSpec & { id: string; version: number };

/** A car from its row and those of its axles. */
export function carFromRows(row: Row, axles: readonly Row[]): CarRow {
  return {
    id: row.id,
    version: row.version,
    name: row.name,
    note: row.note,
    kind: row.kind,
    driveSide: row.drive_side,
    massKg: row.mass_kg,
    tyreRadiusM: row.tyre_radius_m,
    masterBoreMm: millimetres(row.master_bore_m),
    pedalRatio: row.pedal_ratio,
    assist: row.assist,
    abs: row.abs,
    stabilityControl: row.stability_control,
    parkingBrake: row.parking_brake,
    electricParkingBrake: row.electric_parking_brake,
    brakeByWire: row.brake_by_wire,
    drive: row.drive,
    fluidClass: row.fluid_class,
    fluidDryC: celsius(row.fluid_dry_k),
    fluidWetC: celsius(row.fluid_wet_k),
    fluidFilledOn: row.fluid_filled_on,
    bleedCeilingKPa: row.bleed_ceiling_pa === null ? null : rounded(fromSI(row.bleed_ceiling_pa, 'kPa')),
    makerOrder: row.maker_order,
    frontShare: row.front_share,
    regenShare: row.regen_share,
    torquesNm: row.torques_nm,
    ownSheet: row.own_sheet,
    origins: row.origins,
    front: axleFromRow(axles.find((axle) => axle.axle === 'front')!),
    rear: axleFromRow(axles.find((axle) => axle.axle === 'rear')!),
  };
}

function axleFromRow(axle: Row): AxleSpec {
  return {
    brake: axle.brake,
    caliper: axle.caliper,
    pistonsMm: (axle.pistons_m as number[]).map((piston) => rounded(fromSI(piston, 'mm'))),
    bleeders: axle.bleeders,
    rotor: axle.rotor,
    rotorNewMm: millimetres(axle.rotor_new_m),
    rotorMinimumMm: millimetres(axle.rotor_minimum_m),
    padNewMm: millimetres(axle.pad_new_m),
    padMinimumMm: millimetres(axle.pad_minimum_m),
    lineLeftM: axle.line_left_m,
    lineRightM: axle.line_right_m,
    studs: axle.studs,
    rotorRadiusMm: millimetres(axle.rotor_radius_m),
    hubRadiusMm: millimetres(axle.hub_radius_m),
    bearingSpanMm: millimetres(axle.bearing_span_m),
    runoutLimitMm: millimetres(axle.runout_limit_m),
    dtvLimitMm: millimetres(axle.dtv_limit_m),
    hubLimitMm: millimetres(axle.hub_limit_m),
    playLimitMm: millimetres(axle.play_limit_m),
    padLimitC: celsius(axle.pad_limit_k),
    padCompound: axle.pad_compound,
    bedLowC: celsius(axle.bed_low_k),
    bedHighC: celsius(axle.bed_high_k),
    rotorMassKg: axle.rotor_mass_kg,
  };
}

/** The columns of a car. */
export function carColumns(car: CarSpec) {
  return {
    name: car.name,
    note: car.note,
    kind: car.kind,
    drive_side: car.driveSide,
    mass_kg: car.massKg,
    tyre_radius_m: car.tyreRadiusM,
    master_bore_m: fromMillimetres(car.masterBoreMm),
    pedal_ratio: car.pedalRatio,
    assist: car.assist,
    abs: car.abs,
    stability_control: car.stabilityControl,
    parking_brake: car.parkingBrake,
    electric_parking_brake: car.electricParkingBrake,
    brake_by_wire: car.brakeByWire,
    drive: car.drive,
    fluid_class: car.fluidClass,
    fluid_dry_k: fromCelsius(car.fluidDryC),
    fluid_wet_k: fromCelsius(car.fluidWetC),
    fluid_filled_on: car.fluidFilledOn,
    bleed_ceiling_pa: car.bleedCeilingKPa === null ? null : toSI(car.bleedCeilingKPa, 'kPa'),
    maker_order: car.makerOrder,
    front_share: car.frontShare,
    regen_share: car.regenShare,
    torques_nm: car.torquesNm,
    own_sheet: car.ownSheet,
    origins: car.origins,
  };
}

/** The columns of an axle. */
export function axleColumns(carId: string, axle: 'front' | 'rear', spec: AxleSpec) {
  return {
    car_id: carId,
    axle,
    brake: spec.brake,
    caliper: spec.caliper,
    pistons_m: spec.pistonsMm.map((piston) => toSI(piston, 'mm')),
    bleeders: spec.bleeders,
    rotor: spec.rotor,
    rotor_new_m: fromMillimetres(spec.rotorNewMm),
    rotor_minimum_m: fromMillimetres(spec.rotorMinimumMm),
    pad_new_m: fromMillimetres(spec.padNewMm),
    pad_minimum_m: fromMillimetres(spec.padMinimumMm),
    line_left_m: spec.lineLeftM,
    line_right_m: spec.lineRightM,
    studs: spec.studs,
    rotor_radius_m: fromMillimetres(spec.rotorRadiusMm),
    hub_radius_m: fromMillimetres(spec.hubRadiusMm),
    bearing_span_m: fromMillimetres(spec.bearingSpanMm),
    runout_limit_m: fromMillimetres(spec.runoutLimitMm),
    dtv_limit_m: fromMillimetres(spec.dtvLimitMm),
    hub_limit_m: fromMillimetres(spec.hubLimitMm),
    play_limit_m: fromMillimetres(spec.playLimitMm),
    pad_limit_k: fromCelsius(spec.padLimitC),
    pad_compound: spec.padCompound,
    bed_low_k: fromCelsius(spec.bedLowC),
    bed_high_k: fromCelsius(spec.bedHighC),
    rotor_mass_kg: spec.rotorMassKg,
  };
}
