import type { Place } from '../../car/corner';
import { type CarEvent, sessionsBy } from '../wear/sessions';
import type { PartKind } from './parts';

/** A part on a car, or one that was. */
export type FittedPart = {
  id: string;
  kind: PartKind;
  place: Place | '';
  what: string;
  batch: string;
  fittedOn: string;
  removedOn: string | null;
  jobId: string | null;
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
