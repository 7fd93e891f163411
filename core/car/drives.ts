import type { CarSpec } from './spec';

/** What drives a car, in words. */
export const DRIVES: Record<NonNullable<CarSpec['drive']>, string> = {
  combustion: 'An engine',
  hybrid: 'Engine and motor',
  electric: 'A motor',
};

/** What of a car's brakes moves by itself, or can give a shock, and has to be put to sleep before hands go in. */
export type Awake = 'parking_brake' | 'by_wire' | 'high_voltage';

/** What has to be put to sleep on this car; what nobody has said of it is not here, and is asked at the lift. */
export function awakeOf({
  electricParkingBrake,
  brakeByWire,
  drive,
}: Pick<CarSpec, 'electricParkingBrake' | 'brakeByWire' | 'drive'>): Awake[] {
  return [
    ...(electricParkingBrake ? (['parking_brake'] as const) : []),
    ...(brakeByWire ? (['by_wire'] as const) : []),
    ...(drive === 'hybrid' || drive === 'electric' ? (['high_voltage'] as const) : []),
  ];
}
