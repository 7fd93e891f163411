import type { CircuitKind } from '../../car/circuits';

/** A day on track, run or planned; its circuit and air, °C, where somebody said. */
export type CarEvent = {
  id: string;
  name: string;
  onDate: string;
  sessions: number;
  circuit?: CircuitKind | null;
  airC?: number | null;
};

/** Sessions the car had run by the end of a day, from the events on file. */
export function sessionsBy(events: readonly CarEvent[], date: string): number {
  return events.filter((event) => event.onDate <= date).reduce((sum, event) => sum + event.sessions, 0);
}

/**
 * The day on track on which a count of sessions gets somewhere.
 * @param events days on track that count, in any order
 * @param isThere told the sessions run by the end of each
 */
export function dayWhen(
  events: readonly CarEvent[],
  isThere: (sessions: number) => boolean,
): string | undefined {
  let sum = 0;
  for (const event of [...events].sort((left, right) => left.onDate.localeCompare(right.onDate))) {
    sum += event.sessions;
    if (isThere(sum)) return event.onDate;
  }
  return undefined;
}

/** The next event after a day. */
export function nextEvent(events: readonly CarEvent[], today: string): CarEvent | undefined {
  return [...events]
    .filter((event) => event.onDate > today)
    .sort((left, right) => left.onDate.localeCompare(right.onDate))[0];
}
