/** A car sent out to be driven as the complaint was, and what came back with it. */
export type ProofDrive = {
  id: string;
  driver: string;
  /** The conditions to drive under, in words. */
  conditions: string;
  /** The day by which it is to be back. */
  dueOn: string;
  outAt: string;
  back: DriveBack | null;
};

export type DriveBack = {
  id: string;
  /** Laps, or stops on the road; null when nobody counted. */
  laps: number | null;
  airC: number | null;
  note: string;
  at: string;
};

/** What is taken of a drive. */
export const DRIVE_RANGES = { laps: [0, 500], airC: [-40, 60] } as const;
