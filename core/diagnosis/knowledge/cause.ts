import type { CauseId } from '../vocabulary/causes';
import type { FindingId } from '../vocabulary/findings';

/**
 * One arrow of the network: how often this cause, when present, brings about this state of a finding,
 * and the one line of why that a mechanic can dispute.
 */
export type Link = {
  finding: FindingId;
  state: string;
  /** Probability that the cause alone produces the state. */
  strength: number;
  /** For a whole-car cause: the probability at one named corner, when less than somewhere on the car. */
  here?: number;
  why: string;
};

/** What the car must have for the cause to be possible at all. An unknown fact about the car rules nothing out. */
export type Needs = {
  assist?: readonly ('vacuum' | 'hydraulic' | 'none')[];
  stabilityControl?: true;
  brake?: 'disc' | 'drum';
  caliper?: 'sliding' | 'opposed';
  rotor?: 'two_piece';
  parkingBrake?: readonly ('in_caliper' | 'drum_in_hat' | 'lever_only')[];
  axle?: 'front' | 'rear';
};

export type CauseKnowledge = {
  cause: CauseId;
  /**
   * Chance that a car on the road or track has it today, anywhere on the car. Small, so that one fault that explains
   * a complaint outranks two that happen to be common. Common practice, no source.
   */
  prior: number;
  /** A corner cause stands apart at each corner; a car cause once. */
  at: 'car' | 'corner';
  needs?: Needs;
  links: readonly Link[];
};

/** Shorthand for the tables: finding, state, strength, why, and the strength at one corner where it differs. */
export function link(finding: FindingId, state: string, strength: number, why: string, here?: number): Link {
  return here === undefined ? { finding, state, strength, why } : { finding, state, strength, here, why };
}
