import type { CarFigure } from '@/core/car/figures';
import { TORQUE_RANGE, TORQUES, type TorqueId } from '@/core/car/torques';
import type { Units } from '../shell/units';

/** A figure of the form: its unit, its name, its range. It is shown and typed in the shop's own unit. */
export type NumberSpec = Pick<CarFigure, 'unit' | 'label' | 'low' | 'high'>;

/** A torque as the form takes it. */
export function torqueSpec(id: TorqueId): NumberSpec {
  return { ...TORQUE_RANGE, label: TORQUES[id] };
}

/** What is wrong with a typed figure, in the words of form and server alike; undefined when nothing is. */
export function numberError(
  text: string,
  { unit, label, low, high }: NumberSpec,
  units: Units,
): string | undefined {
  const value = units.read(text, unit)?.value;
  if (value === undefined || (value >= low && value <= high)) return undefined;
  const range = `${units.about(low, unit)} to ${units.about(high, unit)} ${units.unit(unit)}`.trim();
  return `${label} is ${text}: ${range} is accepted`;
}
