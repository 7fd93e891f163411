/** The day it is in a time zone at a moment, as 2026-05-31. @param timeZone IANA name, e.g. Europe/Prague */
export function dayIn(timeZone: string, at: Date): string {
  // This locale writes dates in ISO 8601's order.
  return new Intl.DateTimeFormat('en-CA', { timeZone }).format(at);
}
