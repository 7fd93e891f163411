/** A day on track, run or planned. */
export type CarEvent = { id: string; name: string; onDate: string; sessions: number };

/** Sessions the car had run by the end of a day, from the events on file. */
export function sessionsBy(events: readonly CarEvent[], date: string): number {
  return events.filter((event) => event.onDate <= date).reduce((sum, event) => sum + event.sessions, 0);
}

/** The next event after a day. */
export function nextEvent(events: readonly CarEvent[], today: string): CarEvent | undefined {
  return [...events]
    .filter((event) => event.onDate > today)
    .sort((left, right) => left.onDate.localeCompare(right.onDate))[0];
}
