/** A run of equal slowdowns, km/h, with seconds of cooling after each. */
export type SlowdownRow = { count: number; fromKmh: number; toKmh: number; coolS: number };

export type BedInSchool = 'A' | 'B' | 'C';
export type Compound = 'street' | 'fast_road' | 'track';

/** Ways of bedding in, with who holds them and why: common practice, no source, in round figures of our own; the pad maker's own comes first. */
export const BED_IN_SCHOOLS: Record<
  BedInSchool,
  { label: string; about: string; suits: readonly Compound[]; rows: SlowdownRow[]; range: [number, number] }
> = {
  A: {
    label: 'A: progressive, full stops',
    about: 'Road shops: gentle heat, moderate pressure until stationary, then normal driving finishes it',
    suits: ['street', 'fast_road'],
    rows: [
      { count: 4, fromKmh: 50, toKmh: 0, coolS: 0 },
      { count: 4, fromKmh: 90, toKmh: 0, coolS: 0 },
    ],
    range: [7, 10],
  },
  B: {
    label: 'B: continuous, never stop',
    about:
      'Track shops: a hot pad held still prints, so one slowdown straight after another, never to a halt',
    suits: ['fast_road', 'track'],
    rows: [{ count: 9, fromKmh: 90, toKmh: 15, coolS: 0 }],
    range: [8, 10],
  },
  C: {
    label: 'C: cycled with cool-downs',
    about: 'Laboratory habit: cool between each, so that nothing overheats and smears',
    suits: ['street'],
    rows: [{ count: 10, fromKmh: 75, toKmh: 15, coolS: 30 }],
    range: [10, 10],
  },
};

/** Rotor temperature in which a compound lays its film, °C (model; the pad maker's own replaces it). */
export const BED_WINDOWS: Record<Compound, { label: string; lowC: number; highC: number }> = {
  street: { label: 'Street', lowC: 150, highC: 300 },
  fast_road: { label: 'Fast road', lowC: 200, highC: 400 },
  track: { label: 'Track', lowC: 300, highC: 550 },
};

/** What to look for when it has cooled. */
export const AFTER_BED_IN = 'Even grey film on both faces: no streak, no print, no blue, no smear.';
