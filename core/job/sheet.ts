import type { Corner, Place } from '../car/corner';
import type { PhotoRow } from '../car/photos';
import type { CarSpec } from '../car/spec';
import type { HoldId } from '../diagnosis/holds/holds';
import type { Priors } from '../diagnosis/network/faults';
import type { FillRow } from '../planning/fill/fill';
import type { TrackSetup } from '../planning/knockback/setups';
import type { TickRow, WorkRow } from '../planning/run/rows';
import type { CalcResult } from '../readings/calc';
import type { GoodPedal } from '../readings/pedal/goodPedal';
import type { Phase } from '../readings/phase';
import type { FindingId } from '../readings/vocabulary/findings';
import type { ChangeTrial } from './changeTrial';
import type { OutcomeId } from './outcomes';
import type { ProofDrive } from './proofDrive';

/** One answer as written down; a null state takes the replaced answer back. */
export type AnswerRow = {
  id: string;
  phase: Phase;
  finding: FindingId;
  place: Place | '';
  state: string | null;
  replaces: string | null;
  why: string;
  recordedAt: string;
  /** Only implied by a step of a run, not asked as such: it proves nothing until it is confirmed. */
  implied?: true;
};

/** One reading as written down, in its calc's own input; a null input takes it back. */
export type ReadingRow = {
  id: string;
  phase: Phase;
  kind: string;
  corner: Corner | '';
  input: Record<string, unknown> | null;
  /** What the calcs of its day said of it, where they were others than today's: so it still reads. */
  said?: CalcResult;
  /** Its figures as they were written, where today's rules take them no more; `input` is null then. */
  unreadable?: Record<string, unknown>;
  /** What was typed, with its unit, by its field; only what was not typed in the input's own unit. */
  entered: Record<string, string>;
  replaces: string | null;
  why: string;
  recordedAt: string;
};

/** Somebody's signature under the evidence that ends a hold; words only add. */
export type ProofRow = {
  id: string;
  hold: HoldId;
  how: string;
  provedBy: string;
  provedAt: string;
  /** From a record older than evidence: it ended the hold by word. */
  byWord?: true;
};

export type VerdictRow = {
  id: string;
  decided: string | null;
  leading: { id: string; probability: number }[];
  engine: string;
  knowledge: string;
  madeAt: string;
};

export type JobFields = {
  complaint: string;
  whenWhere: string;
  history: string;
  helper: boolean;
  wheelsOff: boolean;
  missing: string[];
  /** Where the car stands while it is checked. */
  place: 'bay' | 'pit_lane';
  neededAt: string | null;
  summary: string;
  odometerKm: number | null;
  /** Ids of works in the order somebody put them in. */
  workOrder: string[];
};

export type JobHead = JobFields & {
  id: string;
  number: number;
  carId: string;
  openedAt: string;
  closedAt: string | null;
  closedBy: string | null;
  /** Who told the driver that new friction is still to be bedded in. */
  bedInTold: string;
  outcome: OutcomeId | null;
  confirmed: string[];
  version: number;
};

/** Everything on file of one job. */
export type JobSheet = {
  job: JobHead;
  car: CarSpec & { id: string; version: number };
  answers: AnswerRow[];
  readings: ReadingRow[];
  verdicts: VerdictRow[];
  works: WorkRow[];
  ticks: TickRow[];
  proofs: ProofRow[];
  /** Drives on proof, oldest first. */
  proofDrives: ProofDrive[];
  /** Changes that were tried over laps, oldest first. */
  trials: ChangeTrial[];
  /** Photographs of the car, newest first. */
  photos: PhotoRow[];
  /** How the car goes to each track against knockback. */
  setups: TrackSetup[];
  /** What the car was last filled with, and what its odometer last showed elsewhere, where that is on file. */
  fill?: FillRow;
  odometer?: { km: number; day: string };
  /** What each bleeder of the car took to run clear last time, ml, as `FL single`. */
  clearAtMl?: Record<string, number>;
  /** The pedal this car had when it was good. */
  goodPedal?: GoodPedal;
  /** What the shop's own confirmed jobs make of the priors, and how many those were. */
  learned?: { priors: Priors; jobs: number };
};
