import { type Axle, type Corner, isAxle, type Place } from '../car/corner';
import type { FindingId } from '../readings/vocabulary/findings';
import type { CauseId } from './causes';
import type { Contradiction } from './contradictions';
import type { Hold } from './holds/holds';

/** What one answer says for (positive) or against (negative) a cause, bits. */
export type Evidence = {
  finding: FindingId;
  state: string;
  corner?: Corner;
  axle?: 'front' | 'rear';
  bits: number;
};

export type CauseVerdict = {
  id: CauseId;
  probability: number;
  /** The corner it most likely sits at, when the answers tell corners apart. */
  corner?: Corner;
  corners?: Partial<Record<Corner, number>>;
  /** The causes that brought it about, by how likely it is that they are there and did; the likelier first. */
  broughtBy?: { id: CauseId; probability: number }[];
  /** Log-odds before any answer, bits; with the evidence they add up to the log-odds of `probability`. */
  priorBits: number;
  evidence: Evidence[];
};

/** What a check would do to the ranking if it came out this way, and to the cause that it tells most about. */
export type CheckOutcome = {
  state: string;
  chance: number;
  leader: CauseId;
  leaderProbability: number;
  subjectProbability: number;
};

export type NextCheck = {
  id: FindingId;
  corner?: Corner;
  /** The axle it is looked for at first, when its two corners tell the same and the other axle tells less. */
  axle?: Axle;
  /** Expected information, bits; expected minutes saved on the whole job; and what it costs, minutes. */
  bits: number;
  saves: number;
  minutes: number;
  outcomes: CheckOutcome[];
  /** The cause that it tells most about. */
  subject?: CauseId;
};

export type Verdict = {
  causes: CauseVerdict[];
  unlisted: number;
  combinations: { causes: CauseId[]; faults: { id: CauseId; corner?: Corner }[]; probability: number }[];
  holds: Hold[];
  nextChecks: NextCheck[];
  nextQuestions: NextCheck[];
  contradictions: Contradiction[];
  /** False when so many abnormal answers were open at once that what they come to was bounded, not summed. */
  exact: boolean;
  /** Share of the weight found that the listed combinations hold. */
  captured: number;
  /** When not exact: no chance is further than this from the exact one. */
  within?: number;
  engine: string;
  knowledge: string;
};

/** A finding's place, as the open format writes it. */
export function placeFields(place: Place | undefined): { corner?: Corner; axle?: 'front' | 'rear' } {
  if (place === undefined) return {};
  return isAxle(place) ? { axle: place } : { corner: place };
}

/** The place from the open format's two fields. */
export function placeFrom(fields: { corner?: Corner; axle?: 'front' | 'rear' }): Place | undefined {
  return fields.corner ?? fields.axle;
}
