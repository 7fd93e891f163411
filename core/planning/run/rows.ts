import type { Corner, Place } from '../../car/corner';
import type { FindingId } from '../../readings/vocabulary/findings';
import type { Pour } from '../shelf/pour';

/** What a work is measured by: a reading or a check, at a place. */
export type FigureSlot = { reading: string; corner: Corner | '' } | { finding: FindingId; place: Place | '' };

export type WorkRow = {
  id: string;
  /** A job of the library, or 'other' for work named by hand. */
  procedure: string;
  cause: string | null;
  title: string;
  /** The figure before, so that proof can say what the work did; and where the same is found after. */
  before: string;
  measuredBy: FigureSlot | null;
  plan: unknown;
  /** The work with which it is done in one visit. */
  visit?: string;
  /** Of a visit: its plan as it would be by itself, and its place in the order. */
  alone?: unknown;
  visitAt?: number;
  addedAt: string;
  /** What its bleed was poured from, as it stands. */
  fluid?: PouredFluid;
};

/** Fluid off the shelf, or put back on it. */
export type PouredFluid = { taken: boolean; ml: number; pours: Pour[]; at: string };

export type TickRow = {
  id: string;
  workId: string;
  step: string;
  done: boolean;
  note: string;
  /** What was written down by key or scale, the answer chosen, a clock that was started, a trouble that is open. */
  record: Record<string, string | number>;
  tickedAt: string;
};
