import type { Corner } from '../car/corner';

/** What is known of the car's trouble that changes a plan. */
export type Known = {
  opened: boolean;
  softAfterBleed: boolean;
  /** Where a bleeder will not turn. */
  stuckBleeders?: readonly Corner[];
  /** What each bleeder took to run clear last time, ml. */
  clearAtMl?: Readonly<Record<string, number>>;
  /** Corners that this job has looked in at, or will by a work that is on its sheet. */
  lookedIn?: readonly Corner[];
};
