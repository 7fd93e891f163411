/** A car sent out to be driven as the complaint was, and what came back with it. */
export type OutingRow = {
  id: string;
  driver: string;
  /** The conditions to drive under, in words. */
  terms: string;
  /** The day by which it is to be back. */
  dueOn: string;
  outAt: string;
  back: OutingBack | null;
};

export type OutingBack = {
  id: string;
  /** Laps, or stops on the road; null when nobody counted. */
  laps: number | null;
  airC: number | null;
  note: string;
  at: string;
};

/** What is taken of a drive. */
export const OUTING_RANGES = { laps: [0, 500], airC: [-40, 60] } as const;
