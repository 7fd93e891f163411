import type { Place } from '../../car/corner';
import { type CarEvent, sessionsBy } from '../wear/sessions';
import type { PartKind } from './parts';

/** Why a part came off. */
export const WHY_OFF = {
  limit: 'At its limit',
  distorted: 'Distorted',
  cracked: 'Cracked',
  noise: 'Noise',
  contaminated: 'Oil or fluid on it',
  leaked: 'Leaked',
  seized: 'Seized or bound',
  planned: 'Planned, still good',
} as const;

/** How its mate was: the other side of the axle, or the face it ran on. */
export const MATES = {
  good: 'Mate good',
  alike: 'Mate worn alike',
  other: 'Mate worn otherwise',
  damaged: 'Mate damaged',
  renewed: 'Mate renewed too',
} as const;

export type WhyOff = keyof typeof WHY_OFF;
export type Mate = keyof typeof MATES;

/** Why what was there before came off, in words; '' where nobody said. */
export function cameOffWords({ oldWhy, oldMate }: Pick<FittedPart, 'oldWhy' | 'oldMate'>): string {
  return [oldWhy && WHY_OFF[oldWhy], oldMate && MATES[oldMate]]
    .filter((each) => !!each)
    .join(', ')
    .toLowerCase();
}

/** A part on a car, or one that was. */
export type FittedPart = {
  id: string;
  /** Fluid is kept as the car's fill. */
  kind: Exclude<PartKind, 'fluid'>;
  place: Place | '';
  what: string;
  batch: string;
  fittedOn: string;
  removedOn: string | null;
  jobId: string | null;
  /** Why the one before it came off, and how that one's mate was. */
  oldWhy: WhyOff | null;
  oldMate: Mate | null;
  /** What it cost, in the shop’s own money, where somebody said. */
  price?: number | null;
};

/** Sessions a part has run: those after the day it was fitted, up to today or the day it came off. */
export function sessionsOn(
  part: Pick<FittedPart, 'fittedOn' | 'removedOn'>,
  events: readonly CarEvent[],
  today: string,
): number {
  const until = part.removedOn ?? today;
  return Math.max(0, sessionsBy(events, until) - sessionsBy(events, part.fittedOn));
}
