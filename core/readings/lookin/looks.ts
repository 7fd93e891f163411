/** What is looked at by eye and hand: what of it is to be gone after, and with what a car does not go out. */
export const LOOKS = {
  face: {
    label: 'Rotor face',
    disc: true,
    states: ['smooth', 'streaks', 'rusted', 'grooves', 'deposits', 'heat_checked', 'cracked'],
    words: {
      smooth: 'Smooth',
      streaks: 'Streaks',
      rusted: 'Rusted',
      grooves: 'Grooves',
      deposits: 'Deposits',
      heat_checked: 'Heat checked',
      cracked: 'Cracked',
    },
    suspect: ['cracked'],
    stops: ['cracked'],
    says: '',
  },
  hose: {
    label: 'Hose',
    disc: false,
    states: ['good', 'chafed', 'wet'],
    words: { good: 'Good', chafed: 'Chafed, cracked', wet: 'Wet' },
    suspect: ['chafed', 'wet'],
    stops: ['chafed', 'wet'],
    says: 'Hose: look at it under a held pedal, and renew it where it is through or wet.',
  },
  boots: {
    label: 'Boots',
    disc: false,
    states: ['whole', 'torn', 'wet'],
    words: { whole: 'Whole', torn: 'Torn, burnt', wet: 'Wet' },
    suspect: ['torn', 'wet'],
    stops: ['wet'],
    says: 'Boots: behind a torn one dirt is in the bore or on the pins; behind a wet one a seal is through.',
  },
  studs: {
    label: 'Studs',
    disc: false,
    states: ['good', 'damaged'],
    words: { good: 'Good', damaged: 'Damaged' },
    suspect: ['damaged'],
    stops: ['damaged'],
    says: '',
  },
  play: {
    label: 'Play by hand',
    disc: false,
    states: ['none', 'felt'],
    words: { none: 'None felt', felt: 'Felt' },
    suspect: ['felt'],
    stops: [],
    says: 'Play: a dial on the rim of the hub says how much, and whether it is the bearing.',
  },
} as const;

export type LookId = keyof typeof LOOKS;
export const LOOK_IDS = Object.keys(LOOKS) as LookId[];

/** What was seen, in the shop's words. */
export function lookWords(look: LookId, state: string): string {
  return (LOOKS[look].words as Readonly<Record<string, string>>)[state] ?? state;
}

/** Whether what was seen is to be gone after. */
export function isSuspect(look: LookId, state: string | undefined): boolean {
  return (LOOKS[look].suspect as readonly (string | undefined)[]).includes(state);
}

/** Whether a car does not go out with it. */
export function isStop(look: LookId, state: string | undefined): boolean {
  return (LOOKS[look].stops as readonly (string | undefined)[]).includes(state);
}
