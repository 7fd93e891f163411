import { type Axle, CORNERS, type Corner } from '../car/corner';
import { carMayFit, cornerMayFit, type Fits } from '../car/fits';
import type { CarSpec } from '../car/spec';
import { traitsOf } from '../car/traitsOf';
import type { MeasureId } from '../readings/measures';
import type { CautionId } from './cautions';
import type { Step } from './run/step';
import type { PartKind } from './shelf/parts';

/** What a job takes from the shelf. */
export type Need = {
  kind: PartKind;
  what: string;
  quantity: number;
  per: 'job' | 'axle' | 'corner' | 'piston';
};

/** What can hurt somebody in a job; each has a caution that must be said at one of its steps. */
export type Touches =
  | 'lift'
  | 'fluid'
  | 'pressure'
  | 'dust'
  | 'compressed_air'
  | 'heat'
  | 'legal'
  | 'springs'
  | 'wheels'
  | 'first_move'
  | 'road';

export const CAUTION_FOR: Record<Touches, CautionId[]> = {
  lift: ['stands'],
  fluid: ['fluid', 'glasses', 'disposal'],
  pressure: ['pressure'],
  dust: ['dust'],
  compressed_air: ['compressed_air'],
  heat: ['hot'],
  legal: ['legal'],
  springs: ['spring_loaded'],
  wheels: ['wheel_torque'],
  first_move: ['firm_pedal'],
  road: ['road'],
};

/** What a procedure's steps are written for. */
export type Setting = { car: CarSpec; corners: Corner[]; axles: Axle[] };

/** One job of the library. */
export type Procedure = {
  label: string;
  /** What it is for, in a line. */
  about: string;
  /** Whether it is done at the whole car, in pairs on an axle, or at single corners. */
  scope: 'car' | 'axle' | 'corner';
  /** What the car, or the corner, must have for it to make sense. */
  fits?: Fits;
  touches: Touches[];
  minutes: number;
  /** Of the usual volumes of a bleed, where its lines are full of new fluid already, or dry. */
  bleedShare?: number;
  needs: Need[];
  /** Readings whose figure before is worth having, most telling first. */
  measures: MeasureId[];
  /** The bleed or flush that has to follow because the system was opened, or is the job itself. */
  bleed?: 'flush' | 'opened' | 'modulator';
  /** A bed-in has to follow. */
  bedIn?: true;
  steps: (setting: Setting) => Step[];
  /** Where good people disagree, or what the choice costs. */
  tradeOffs?: string[];
};

/** Whether a job makes sense at a corner of this car; what nobody has said of it rules nothing out. */
export function fitsAt({ fits }: Pick<Procedure, 'fits'>, car: CarSpec, corner: Corner): boolean {
  return cornerMayFit(traitsOf(car), corner, fits);
}

/** Whether a job makes sense on this car at all. */
export function fitsCar({ fits }: Pick<Procedure, 'fits'>, car: CarSpec): boolean {
  return carMayFit(traitsOf(car), fits) && CORNERS.some((corner) => fitsAt({ fits }, car, corner));
}
