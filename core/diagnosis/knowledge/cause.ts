import type { Fits } from '../../car/fits';
import type { FindingId } from '../../readings/vocabulary/findings';
import type { CauseId } from '../causes';

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
  /** Holds only where the fault sits there. */
  on?: Where;
  /** Holds only where the cause came by itself: it is what it came of, and what another brings about needs no other reason. */
  byItself?: true;
  why: string;
};

export type Where = 'disc' | 'drum' | 'front' | 'rear' | 'left' | 'right';

/** A cause that another brings about: how often, at the same corner where both have one. */
export type Bring = { cause: CauseId; strength: number; why: string };

export type CauseKnowledge = {
  cause: CauseId;
  /** What it is, in a sentence. */
  meaning: string;
  /**
   * Chance that a car on the road or track has it today, anywhere on the car. Small, so that one fault that explains
   * a complaint outranks two that happen to be common; what two wheels have together (`across`) each has as often as
   * apart. Common practice, no source.
   */
  prior: number;
  /** A corner cause stands apart at each corner; a car cause once. */
  at: 'car' | 'corner';
  /** Share of a corner cause's prior that the front axle has, when not even: fronts do most of the work. */
  front?: number;
  /**
   * How often the other wheel of the axle has it too: both are as old, have been through the same and were seen to by the same hands.
   * Common practice, no source.
   */
  across?: number;
  needs?: Fits;
  links: readonly Link[];
  /** Findings that show together or not at all: in this share of cases by their links, in the rest they stay normal. */
  together?: { share: number; findings: readonly FindingId[]; why: string };
  /**
   * What it brings about. What a consequence shows hangs on the consequence alone, never on the cause behind it too.
   * Common practice, no source.
   */
  brings?: readonly Bring[];
};

/** Shorthand for the tables: finding, state, strength, why, and the strength at one corner where it differs. */
export function link(finding: FindingId, state: string, strength: number, why: string, here?: number): Link {
  return here === undefined ? { finding, state, strength, why } : { finding, state, strength, here, why };
}

/** A link that holds only where the fault sits there. */
export function only(on: Where, from: Link): Link {
  return { ...from, on };
}

/** A link to what the cause came of, where no other brought it about. */
export function byItself(from: Link): Link {
  return { ...from, byItself: true };
}

/** Shorthand for what a cause brings about. */
export function brings(cause: CauseId, strength: number, why: string): Bring {
  return { cause, strength, why };
}

/**
 * The side a corner pulls to: its own when it stays on, the other when it is weak.
 * @param own chance of its own side, @param other of the other one
 */
export function pullsTo(own: number, other: number): Link[] {
  const why = 'A corner that stays on pulls to its side, a weak one to the other';
  return (['left', 'right'] as const).flatMap((side) => [
    only(side, link('pull_side', side, own, why)),
    only(side, link('pull_side', side === 'left' ? 'right' : 'left', other, why)),
  ]);
}

/** Where a shake is felt: the steering wheel for a front, the seat for a rear, the pedal for what moves the pads. */
export function shakesAt(pedal: number): Link[] {
  return [
    only('front', link('shake_where', 'wheel', 0.6, 'A front shakes the steering wheel')),
    only('rear', link('shake_where', 'seat', 0.6, 'A rear is felt in the seat')),
    ...(pedal > 0 ? [link('shake_where', 'pedal', pedal, 'What moves the pads moves the pedal')] : []),
  ];
}

/**
 * A corner that does not let go: told of one wheel by whoever turned it, and now and then of all of them by a driver, who only
 * feels a car held back.
 */
export function dragsFrom(one: number, why: string, all: number): Link[] {
  return [
    link('wheel_drags', 'one', one, why),
    link('wheel_drags', 'all', all, 'From the seat one brake that stays on is a car held back'),
  ];
}
