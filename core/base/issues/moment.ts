import { z } from 'zod';

/** Outside these a date is a slip, and no database keeps some of them. */
const [FIRST_YEAR, LAST_YEAR] = [1970, 2199];
const YEARS = `between ${FIRST_YEAR} and ${LAST_YEAR}`;

function inYears(text: string): boolean {
  const year = Number(text.slice(0, 4));
  return year >= FIRST_YEAR && year <= LAST_YEAR;
}

/** A moment in ISO 8601, UTC. */
export function moment(): z.ZodType<string> {
  const accepted = `a moment as 2026-05-31T14:00:00Z, ${YEARS}`;
  return z.iso.datetime(accepted).refine(inYears, accepted);
}

/** A day in ISO 8601. */
export function day(): z.ZodType<string> {
  const accepted = `a date as 2026-05-31, ${YEARS}`;
  return z.iso.date(accepted).refine(inYears, accepted);
}
