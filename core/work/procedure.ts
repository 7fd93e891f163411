import type { Axle, Corner } from '../car/corner';
import type { CarSpec } from '../car/spec';
import type { MeasureId } from '../walk/measures';
import type { CautionId } from './cautions';
import type { PartKind } from './parts';
import type { Step } from './step';

/** What a job takes from the shelf. */
export type Need = { kind: PartKind; what: string; quantity: number; per: 'job' | 'axle' | 'corner' };

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
  /** The kind of brake it is done on, where it only makes sense on one. */
  on?: 'disc' | 'drum';
  touches: Touches[];
  minutes: number;
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
