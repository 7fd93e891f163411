/** A braking of a lap, km/h, and how long it is to the next, s. */
export type Zone = { fromKmh: number; toKmh: number; thenS: number };

const zone = (fromKmh: number, toKmh: number, thenS: number): Zone => ({ fromKmh, toKmh, thenS });

/** Kinds of circuits, each with a lap of an invented one of its kind: where it brakes. */
export const CIRCUITS = {
  twisty: {
    label: 'Slow and twisty',
    zones: [
      zone(120, 60, 12),
      zone(105, 55, 9),
      zone(135, 70, 14),
      zone(110, 50, 11),
      zone(125, 65, 13),
      zone(100, 55, 10),
    ],
  },
  mixed: {
    label: 'Mixed',
    zones: [zone(185, 95, 32), zone(150, 85, 26), zone(165, 100, 35), zone(140, 75, 25)],
  },
  fast: {
    label: 'Fast, long straights',
    zones: [zone(235, 95, 34), zone(205, 120, 29), zone(220, 85, 38)],
  },
} as const satisfies Record<string, { label: string; zones: readonly Zone[] }>;

export type CircuitKind = keyof typeof CIRCUITS;
export const CIRCUIT_KINDS = Object.keys(CIRCUITS) as CircuitKind[];
