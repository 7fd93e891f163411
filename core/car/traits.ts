import type { Axle } from './corner';

/**
 * What a diagnosis needs to know of a car; everything may be unknown. `booster` false means no assist,
 * whatever `assist` says.
 */
export type CarTraits = {
  name?: string;
  booster?: boolean;
  assist?: 'vacuum' | 'hydraulic' | 'none';
  /** Wheel-lock control. Unsaid, a car with stability control has it and one known to be without has not. */
  abs?: boolean;
  stabilityControl?: boolean;
  rearBrake?: 'disc' | 'drum';
  caliper?: Partial<Record<Axle, 'opposed' | 'sliding'>>;
  rotor?: Partial<Record<Axle, 'one_piece' | 'two_piece'>>;
  parkingBrake?: 'in_caliper' | 'drum_in_hat' | 'lever_only' | 'none';
};

/** The assist the car has, undefined when nobody has said. */
export function assistOf(car: CarTraits): 'vacuum' | 'hydraulic' | 'none' | undefined {
  return car.booster === false ? 'none' : car.assist;
}

/** Disc or drum at an axle; the front always has discs. */
export function brakeAt(car: CarTraits, axle: Axle): 'disc' | 'drum' | undefined {
  return axle === 'front' ? 'disc' : car.rearBrake;
}

/** Whether the car has ABS, undefined when nobody has said anything that tells. */
export function absOf({ abs, stabilityControl }: CarTraits): boolean | undefined {
  return abs ?? stabilityControl;
}
