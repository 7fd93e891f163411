import { convert } from './convert';

/** A speed as either dashboard shows it. */
export function speedWords(kmh: number): string {
  return `${Math.round(kmh)} km/h (${Math.round(convert(kmh, 'km/h', 'mph'))} mph)`;
}
