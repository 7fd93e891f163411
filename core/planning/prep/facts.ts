import type { Corner } from '../../car/corner';
import type { ShopLimits } from '../../car/limits/catalogue';
import type { CarSpec } from '../../car/spec';
import type { DatedReading } from '../../readings/dated';
import type { GivenFinding } from '../../readings/given';
import type { Driven } from '../due/distance';
import type { FluidSchool } from '../due/fluid';
import type { WaterTrend } from '../due/water';
import type { Known } from '../known';
import type { FittedPart } from '../shelf/fitted';
import type { Ways } from '../ways';
import type { CornerWear } from '../wear/history';
import { type CarEvent, sessionsBy } from '../wear/sessions';
import type { PrepJob } from './line';

/** All that a preparation goes by. */
export type PrepFacts = {
  car: CarSpec;
  event: CarEvent;
  /** All days on track on file, run and to come. */
  events: readonly CarEvent[];
  wear: Record<Corner, CornerWear>;
  parts: readonly FittedPart[];
  /** The last of each kind at each corner. */
  readings: readonly DatedReading[];
  limits: ShopLimits;
  altitudeM: number;
  fluid: { school: FluidSchool; driven?: Driven; water?: WaterTrend };
  /** How the shop bleeds, and what each bleeder of this car took to run clear. */
  ways: Ways;
  clearAtMl?: Known['clearAtMl'];
  /** The hottest caliper expected, °C; null where nobody says. */
  peakC: number | null;
  /** What was noted or patched up and is due, with its day. */
  notes: readonly { what: string; why: string; dueOn: string | null; temporary: boolean }[];
  /** What the car stands in the bay for: what of each open job keeps it there, and what was found wrong and is so still. */
  inBay: readonly { job: PrepJob; holds: readonly { label: string }[]; wrong: readonly GivenFinding[] }[];
  /** ISO date. */
  today: string;
};

/** Whether a reading speaks for the car as it is: the car has not been on track since. */
export function isFresh({ on }: Pick<DatedReading, 'on'>, { events, today }: PrepFacts): boolean {
  return sessionsBy(events, on) >= sessionsBy(events, today) && on <= today;
}

/** Sessions from a count up to the end of the event. */
export function sessionsAhead(from: number, { events, event }: PrepFacts): number {
  return Math.max(0, sessionsBy(events, event.onDate) - from);
}
