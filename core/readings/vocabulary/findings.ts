import type { Fits } from '../../car/fits';
import { CHECKS } from './checks';
import { COMPLAINTS } from './complaints';
import { HISTORY } from './history';

/** Every finding the tool can take in. The first state is the unremarkable one. */
export const FINDINGS = [...COMPLAINTS, ...HISTORY, ...CHECKS] as const;

export type FindingId = (typeof FINDINGS)[number]['id'];
export type FindingStage = 'complaint' | 'history' | 'check';
export type FindingWhere = 'cabin' | 'engine_bay' | 'wheels_on' | 'wheels_off' | 'pit_lane' | 'road';

export type Finding = {
  id: FindingId;
  stage: FindingStage;
  where?: FindingWhere;
  label: string;
  states: readonly [string, string, ...string[]];
  place?: 'corner' | 'axle';
  minutes?: number;
  needs?: string;
  from?: string;
  ask?: string;
  /** What the car must have for it to be asked. */
  fits?: Fits;
  /** What it only makes sense after, when it is so. */
  after?: After;
  /**
   * Several states may hold at one place: each apart from the others, or in an order in which whoever names one would
   * have named what stands out more.
   */
  several?: 'apart' | 'ranked';
  /** States that the unremarkable answer does not speak for: nobody looks there unless told to. */
  unseen?: readonly string[];
};

/**
 * A question that follows from answers: it is asked after any of them. `folds`: it tells of that answer how it was, so
 * the two are judged as one question of several states.
 */
export type After = { any: readonly (readonly [finding: string, ...states: string[]])[]; folds?: true };

const byId = new Map<string, Finding>(FINDINGS.map((finding) => [finding.id, finding]));

/** The finding of this id, or undefined when the vocabulary has none. */
export function findFinding(id: string): Finding | undefined {
  return byId.get(id);
}

/** The finding of an id already known to be in the vocabulary. */
export function findingOf(id: FindingId): Finding {
  return byId.get(id)!;
}
