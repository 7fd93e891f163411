import type { CarSpec } from './spec';

/** What drives a car, in words. */
export const DRIVES: Record<NonNullable<CarSpec['drive']>, string> = {
  combustion: 'An engine',
  hybrid: 'Engine and motor',
  electric: 'A motor',
};

/** What of a car's brakes acts by itself, or can give a shock: out of action before hands go in. */
export type SelfActing = 'parking_brake' | 'brake_by_wire' | 'high_voltage';

/** Whether a motor brakes the car too, by regeneration. */
export function regenerates({ drive }: Pick<CarSpec, 'drive'>): boolean {
  return drive === 'hybrid' || drive === 'electric';
}

/** What acts by itself on this car; what nobody has said of it is not here, and is named at the lift. */
export function selfActingOf(
  car: Pick<CarSpec, 'electricParkingBrake' | 'brakeByWire' | 'drive'>,
): SelfActing[] {
  return [
    ...(car.electricParkingBrake ? (['parking_brake'] as const) : []),
    ...(car.brakeByWire ? (['brake_by_wire'] as const) : []),
    ...(regenerates(car) ? (['high_voltage'] as const) : []),
  ];
}
