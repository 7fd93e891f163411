/** Circuits by what they do to pads, with the springs that go there. Common practice, no source. */
export const CIRCUIT_KINDS = {
  rough: {
    label: 'Bumpy, kerbed, slow',
    advice: 'Springs, the heavier set: kerbs knock the pads back between two slow corners.',
  },
  mixed: {
    label: 'Some of both',
    advice: 'The lightest set that keeps the first press; a tap before the longest straight ends.',
  },
  smooth: {
    label: 'Smooth and fast',
    advice: 'Light springs or none, and a tap before the zone: drag is paid all the way down the straight.',
  },
} as const;

export type CircuitKind = keyof typeof CIRCUIT_KINDS;
export const CIRCUIT_KIND_IDS = Object.keys(CIRCUIT_KINDS) as CircuitKind[];

/** How a car goes to one track against knockback, as the shop found it. */
export type TrackSetup = {
  track: string;
  kind: CircuitKind;
  /** Force of one spring on each axle, N; null for none. */
  frontN: number | null;
  rearN: number | null;
  /** The driver taps the pedal before the braking zone. */
  tap: boolean;
  note: string;
};
