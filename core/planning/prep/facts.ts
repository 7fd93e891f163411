import type { Corner } from '../../car/corner';
import type { ShopLimits } from '../../car/limits/catalogue';
import type { CarSpec } from '../../car/spec';
import type { Driven } from '../due/distance';
import type { FluidSchool } from '../due/fluid';
import type { WaterTrend } from '../due/water';
import type { FittedPart } from '../shelf/fitted';
import type { CornerWear } from '../wear/history';
import { type CarEvent, sessionsBy } from '../wear/sessions';

/** The last reading of a kind at a corner, and the day it was taken, ISO. */
export type LastReading = { kind: string; corner: Corner | ''; input: Record<string, unknown>; on: string };

/** A job of the car that is open. */
export type PrepJob = { id: string; number: number };

/** All that a preparation goes by. */
export type PrepFacts = {
  car: CarSpec;
  event: CarEvent;
  /** All days on track on file, run and to come. */
  events: readonly CarEvent[];
  wear: Record<Corner, CornerWear>;
  parts: readonly FittedPart[];
  readings: readonly LastReading[];
  limits: ShopLimits;
  altitudeM: number;
  fluid: { school: FluidSchool; driven?: Driven; water?: WaterTrend };
  /** The hottest caliper expected, °C; null where nobody says. */
  peakC: number | null;
  /** What was noted or patched up and is due, with its day. */
  notes: readonly { what: string; why: string; dueOn: string | null; temporary: boolean }[];
  /** Stops that nobody has ended yet, each with its open job. */
  holds: readonly { label: string; job: PrepJob }[];
  /** ISO date. */
  today: string;
};

/** Whether a reading speaks for the car as it is: the car has not been on track since. */
export function isFresh({ on }: Pick<LastReading, 'on'>, { events, today }: PrepFacts): boolean {
  return sessionsBy(events, on) >= sessionsBy(events, today) && on <= today;
}

/** Sessions from a count up to the end of the event. */
export function sessionsAhead(from: number, { events, event }: PrepFacts): number {
  return Math.max(0, sessionsBy(events, event.onDate) - from);
}
