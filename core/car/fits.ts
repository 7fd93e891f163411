import { axleOf, type Corner } from './corner';
import { absOf, assistOf, brakeAt, type CarTraits } from './traits';

/** What the car must have for a cause to be possible, or a question to mean anything. What nobody has said rules nothing out. */
export type Fits = {
  assist?: readonly ('vacuum' | 'hydraulic' | 'none')[];
  abs?: true;
  brake?: 'disc' | 'drum';
  caliper?: 'sliding' | 'opposed';
  rotor?: 'two_piece';
  parkingBrake?: readonly ('in_caliper' | 'drum_in_hat' | 'lever_only')[];
  axle?: 'front' | 'rear';
};

/**
 * Whether the car as a whole allows it. Hydraulic assist needs to be known: it is the exception among the cars this serves, so a
 * booster that nobody has described counts as one that works by vacuum.
 */
export function carFits(car: CarTraits, fits: Fits = {}): boolean {
  const isExceptional = fits.assist?.every((kind) => kind === 'hydraulic');
  return carMayFit(car, fits) && !(isExceptional && assistOf(car) === undefined);
}

/** Whether the car as a whole may be so, as far as anybody has said: what is not known of it rules nothing out. */
export function carMayFit(car: CarTraits, { assist, abs, parkingBrake }: Fits = {}): boolean {
  const has = assistOf(car);
  if (assist && has !== undefined && !assist.includes(has)) return false;
  if (assist && has === undefined && car.booster === true && assist.every((kind) => kind === 'none'))
    return false;
  if (abs && absOf(car) === false) return false;
  return !(
    parkingBrake &&
    car.parkingBrake !== undefined &&
    !parkingBrake.includes(car.parkingBrake as (typeof parkingBrake)[number])
  );
}

/**
 * Whether a corner allows it. A drum, and a two-piece rotor, need to be known: they are the exception among the cars
 * this serves, so an axle nobody has described counts as disc, and its rotor as one piece.
 */
export function cornerFits(car: CarTraits, corner: Corner, fits: Fits = {}): boolean {
  const axle = axleOf(corner);
  const brake = brakeAt(car, axle) ?? 'disc';
  if (fits.axle && fits.axle !== axle) return false;
  if (fits.brake && fits.brake !== brake) return false;
  if (fits.caliper && (brake !== 'disc' || (car.caliper?.[axle] ?? fits.caliper) !== fits.caliper))
    return false;
  return !(fits.rotor && (car.rotor?.[axle] ?? 'one_piece') !== fits.rotor);
}

/** Whether a corner may be so, as far as anybody has said: what is not known of it rules nothing out. */
export function cornerMayFit(car: CarTraits, corner: Corner, fits: Fits = {}): boolean {
  const axle = axleOf(corner);
  const rotor = { ...car.rotor, [axle]: car.rotor?.[axle] ?? fits.rotor };
  return cornerFits({ ...car, rotor, rearBrake: car.rearBrake ?? fits.brake }, corner, fits);
}
