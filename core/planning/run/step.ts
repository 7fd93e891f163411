import type { Corner } from '../../car/corner';
import type { TorqueId } from '../../car/torques';
import type { MeasureId } from '../../readings/measures';
import type { Phase } from '../../readings/phase';
import type { FindingId } from '../../readings/vocabulary/findings';
import type { Strokes } from '../bleed/cadence';
import type { CautionId } from '../cautions';

/** A chapter of a run. */
export type Part =
  | 'Before'
  | 'Pressure'
  | 'Apart'
  | 'Corner'
  | 'Modulator'
  | 'Fit'
  | 'Back together'
  | 'Bed in'
  | 'Finish'
  | 'Proof';

export type StepFinding = { id: FindingId; state: string };

/** What falls due after a step, in how many days at the latest. */
export type Due = { what: string; inDays: number };

/** An answer that has to be chosen at a step, so that it cannot be passed by accident. */
export type Answer = {
  value: string;
  label: string;
  /** The trouble this answer means; the run goes there first. */
  trouble?: string;
  /** What it says of the car after the work, written down as a check of the proof. */
  finds?: StepFinding[];
};

/** What can go wrong at a step, and the way back. */
export type Trouble = {
  id: string;
  label: string;
  lines: string[];
  /** The step from which the run is taken up again; this step itself when not given. */
  again?: string;
  /** No way past it but putting it right: the car would not be safe. */
  must?: true;
  /** Renewed, or handed to another job; never left as it is. */
  unfit?: true;
  /** What it says of the car, written down when it comes up. */
  finds?: StepFinding[];
  /** What falls due where the work goes on without it put right. */
  due?: Due;
  /** So much more fluid before it is looked at again, ml. */
  moreMl?: number;
  /** Comes up by itself, from the reading taken at the step. */
  read?: true;
};

/** How a check or a reading that went wrong may be passed all the same, once somebody has dealt with it. */
export const WAYS_ON = [
  { id: 'renewed', label: 'Renewed instead' },
  { id: 'other_job', label: 'Another job is added for it' },
  { id: 'left', label: 'Left so, because' },
] as const;

/** What an instrument at a step may show; turns are counted. */
export type FigureUnit = 'mm' | 'N·m' | 'kPa' | '°C' | 'turns';

/** What is written down of a step, by a key or from a scale; a figure only where an instrument shows one. */
export type RecordField = {
  id: string;
  label: string;
  /** The step is not done without it. */
  required?: true;
} & (
  | { kind: 'choice'; options: { value: string; label: string }[] }
  | { kind: 'amount'; unit: 'ml' | 'min'; start: number; step: number; most: number }
  | { kind: 'figure'; unit: FigureUnit }
  /** What a screen or a plate says, as it stands there. */
  | { kind: 'words'; most: number }
);

/** One step of a job at the car. */
export type Step = {
  id: string;
  part: Part;
  title: string;
  how: string;
  /** Why it is done, for who has never done it. */
  why?: string;
  tool?: string;
  cautions?: CautionId[];
  /** What is done up here; each figure is the maker's, kept with the car. */
  torque?: TorqueId | readonly TorqueId[];
  corner?: Corner;
  /** For a bleeder: which one, how much is to come out, and the running total, ml. */
  ml?: {
    bleeder: 'single' | 'outer' | 'inner';
    here: number;
    total: number;
    /** For two people, where the master's bore is known. */
    strokes?: Strokes;
  };
  /** What the bleeder's gauge should show, and must never pass, kPa above the air. */
  pressureKPa?: { working: number; ceiling: number };
  /** Seconds to wait by the clock. */
  timerS?: number;
  /** The car moves under its own power here: not while anything holds it. */
  drives?: true;
  /** A proof that is felt or read at the corner: before the wheels go on. */
  wheelsOff?: true;
  /** What doing it says of the car after the work, written down as a check of the proof. */
  finds?: StepFinding[];
  due?: Due;
  ask?: Answer[];
  troubles?: Trouble[];
  record?: RecordField[];
  /** A reading taken here: of what was found, or of what was fitted. */
  measure?: {
    measure: MeasureId;
    corner?: Corner;
    phase: Phase;
    /** A new part was just fitted: thicker than the last reading is no surprise. */
    fitted?: true;
    /** What the job is judged by: passed only with a figure, or with the reason why there is none. */
    gates?: true;
  };
  /** Corners to look in at while their wheels are off; passed without, where nobody does. */
  lookIn?: readonly Corner[];
  /** What the readings of this job work out for this step, shown large. */
  facts?: 'pedal_ratio' | 'reindex' | 'metal_left' | 'gaps';
  /** One slowdown of a bed-in, and the rotor temperature it should leave. */
  slowdown?: { fromKmh: number; toKmh: number; coolS: number; predictedC?: number };
  /** The rotor is read here after so many slowdowns, the last of them or not. */
  heat?: { after: number; last: boolean };
};
