/** What is drawn of a year, apart from how it is worked out: a page needs no more. */
export const SEASON_LANES = {
  track: 'Days on track',
  job: 'Jobs',
  fill: 'Fluid filled',
  part: 'Parts fitted',
} as const;
export type SeasonLane = keyof typeof SEASON_LANES;

/** One thing on the line of a year: a day, or a time of several. */
export type SeasonEntry = {
  id: string;
  lane: SeasonLane;
  /** ISO days, both inside the year. */
  from: string;
  to: string;
  label: string;
  about: string;
  href: string;
};

/** One figure through a year. */
export type SeasonSeries = {
  name: string;
  /** Which of several it is. */
  which: string;
  unit: string;
  decimals: number;
  limit?: { value: number; from: string };
  points: { on: string; value: number; jobId: string }[];
};
