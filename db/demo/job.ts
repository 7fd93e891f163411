import type { ChangeTrial } from '../../core/job/changeTrial';
import type { Temporary } from '../../core/planning/due/temporary';
import type { WorkOptions } from '../../core/planning/options';
import type { DemoCar } from './cars';

export type DemoAnswer = [finding: string, state: string, place?: string];

export type DemoJob = {
  car: DemoCar;
  /** Days before today, and the hour it was opened. */
  daysAgo: number;
  hour: number;
  /** Hours from now until the car is wanted, for an open job. */
  neededInHours?: number;
  complaint: string;
  whenWhere?: string;
  history?: string;
  odometerKm?: number;
  wheelsOff?: boolean;
  helper?: boolean;
  answers: DemoAnswer[];
  readings?: [kind: string, input: Record<string, unknown>, corner?: string][];
  decided?: string;
  work?: {
    procedure: string;
    corners?: string[];
    options?: WorkOptions;
    measuredBy?: { reading: string; corner: string } | { finding: string; place: string };
    cause: string;
    title: string;
    before: string;
    ticked: number | 'all';
    notes?: Record<string, string>;
    records?: Record<string, Record<string, string | number>>;
  };
  proofs?: [hold: string, how: string][];
  after?: DemoAnswer[];
  afterReadings?: [kind: string, input: Record<string, unknown>, corner?: string][];
  /** Changes tried over laps. */
  trials?: Pick<ChangeTrial, 'change' | 'figure' | 'before' | 'after' | 'note'>[];
  /** Out on proof: back with nothing of the complaint left where it says so. */
  driven?: {
    driver: string;
    conditions: string;
    backInDays?: number;
    back?: { laps: number | null; airC: number | null; note: string };
    /** What else the driver found. */
    found?: DemoAnswer[];
  };
  close?: {
    hours: number;
    outcome: string;
    confirmed: string[];
    summary: string;
    by: string;
    bedInTold?: string;
    next?: [what: string, inDays: number, temporary?: Temporary][];
  };
};

/** What is checked after every job. */
export const FIRM: DemoAnswer[] = [
  ['pedal_now', 'firm'],
  ['pedal_hold', 'holds'],
  ['reservoir_level', 'ok'],
  ['leak', 'none'],
];
