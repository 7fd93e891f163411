import type { BaseUnit } from '@/core/base/units/display';
import { LIMITS } from '@/core/car/limits/carLimits';
import { TORQUE_RANGE, TORQUES, type TorqueId } from '@/core/car/torques';
import type { Units } from '../shell/units';
import type { AxleDraft } from './carDraft';

export type NumberSpec = {
  /** What the figure is kept in; it is shown and typed in the shop's own. */
  unit: BaseUnit;
  label: string;
  limits: { low: number; high: number; unit: string };
};

/** Every figure of the form: its unit, its name, its range. */
export type CarNumber =
  | 'massKg'
  | 'tyreRadiusM'
  | 'masterBoreMm'
  | 'pedalRatio'
  | 'fluidDryC'
  | 'fluidWetC'
  | 'bleedCeilingKPa'
  | 'frontShare'
  | 'regenShare';
export const CAR_NUMBERS: Record<string, NumberSpec> = {
  massKg: { unit: 'kg', label: 'Mass', limits: LIMITS.massKg },
  tyreRadiusM: { unit: 'm', label: 'Tyre rolling radius', limits: LIMITS.tyreRadiusM },
  masterBoreMm: { unit: 'mm', label: 'Master bore', limits: LIMITS.masterBoreMm },
  pedalRatio: { unit: '', label: 'Pedal ratio', limits: LIMITS.pedalRatio },
  fluidDryC: { unit: '°C', label: 'Boils dry', limits: LIMITS.fluidC },
  fluidWetC: { unit: '°C', label: 'Boils wet', limits: LIMITS.fluidC },
  bleedCeilingKPa: { unit: 'kPa', label: 'Reservoir ceiling', limits: LIMITS.ceilingKPa },
  frontShare: { unit: '', label: 'Front share of the braking', limits: LIMITS.frontShare },
  regenShare: { unit: '', label: 'Motor’s share of a hard stop', limits: LIMITS.regenShare },
};

export type AxleNumber = Exclude<
  keyof AxleDraft,
  'brake' | 'caliper' | 'pistons' | 'bleeders' | 'rotor' | 'studs' | 'padCompound'
>;
export const AXLE_NUMBERS: Record<string, NumberSpec> = {
  rotorNewMm: { unit: 'mm', label: 'Rotor new', limits: LIMITS.rotorMm },
  rotorMinimumMm: { unit: 'mm', label: 'Rotor minimum', limits: LIMITS.rotorMm },
  padNewMm: { unit: 'mm', label: 'Pad new', limits: LIMITS.padMm },
  padMinimumMm: { unit: 'mm', label: 'Pad minimum', limits: LIMITS.padMinimumMm },
  lineLeftM: { unit: 'm', label: 'Line to left', limits: LIMITS.lineM },
  lineRightM: { unit: 'm', label: 'Line to right', limits: LIMITS.lineM },
  rotorRadiusMm: { unit: 'mm', label: 'Dial on the rotor at', limits: LIMITS.radiusMm },
  hubRadiusMm: { unit: 'mm', label: 'Dial on the hub at', limits: LIMITS.hubRadiusMm },
  bearingSpanMm: { unit: 'mm', label: 'Bearing span', limits: LIMITS.spanMm },
  runoutLimitMm: { unit: 'mm', label: 'Runout at most', limits: LIMITS.fineLimitMm },
  dtvLimitMm: { unit: 'mm', label: 'Variation at most', limits: LIMITS.fineLimitMm },
  hubLimitMm: { unit: 'mm', label: 'Hub face at most', limits: LIMITS.fineLimitMm },
  playLimitMm: { unit: 'mm', label: 'Bearing play at most', limits: LIMITS.fineLimitMm },
  padLimitC: { unit: '°C', label: 'Pad good to', limits: LIMITS.padLimitC },
  bedLowC: { unit: '°C', label: 'Beds in from', limits: LIMITS.bedC },
  bedHighC: { unit: '°C', label: 'Beds in to', limits: LIMITS.bedC },
  rotorMassKg: { unit: 'kg', label: 'Rotor weighs', limits: LIMITS.rotorMassKg },
};

/** A torque as the form takes it. */
export function torqueSpec(id: TorqueId): NumberSpec {
  return { unit: 'N·m', label: TORQUES[id], limits: TORQUE_RANGE };
}

/** What is wrong with a typed figure, in the words of form and server alike; undefined when nothing is. */
export function numberError(
  text: string,
  { unit, label, limits: { low, high } }: NumberSpec,
  units: Units,
): string | undefined {
  const value = units.read(text, unit)?.value;
  if (value === undefined || (value >= low && value <= high)) return undefined;
  const range = `${units.about(low, unit)} to ${units.about(high, unit)} ${units.unit(unit)}`.trim();
  return `${label} is ${text}: ${range} is accepted`;
}
