/** What can be found, in the order in which like matches are told. */
export const FIND_KINDS = {
  car: 'Cars',
  job: 'Jobs',
  part: 'Parts and shelf',
  bench: 'Kept benches',
  procedure: 'Work to open',
  finding: 'Findings',
  cause: 'Causes',
  setting: 'Settings',
  screen: 'Screens',
} as const;

export type FindKind = keyof typeof FIND_KINDS;

/** One thing that can be found by its words, and where it is. */
export type FindEntry = {
  id: string;
  kind: FindKind;
  title: string;
  /** What tells it from others of its name. */
  about: string;
  href: string;
  /** Words it is called by besides. */
  also?: string;
};
