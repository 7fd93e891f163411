import { stateWord } from '../vocabulary/words';

/**
 * What is looked at by eye and hand: what of it is suspect, with what a car does not go out, and how a suspect is gone after; that is
 * empty where what was seen is a finding by itself.
 */
export const LOOKS = {
  face: {
    label: 'Rotor face',
    disc: true,
    states: ['smooth', 'streaks', 'rusted', 'grooves', 'deposits', 'heat_checked', 'cracked'],
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

/** What was seen, in the shop's words: a rotor's face as the check of it calls it. */
export function lookWords(look: LookId, state: string): string {
  if (look === 'face') return stateWord('rotor_surface', state);
  return (LOOKS[look].words as Readonly<Record<string, string>>)[state] ?? state;
}

/** The same with what it was seen at: "hose chafed, cracked". */
export function seenWords(look: LookId, state: string): string {
  return `${LOOKS[look].label} ${lookWords(look, state)}`.toLowerCase();
}

/** Whether what was seen is no finding yet, and is to be gone after. */
export function isToGoAfter(look: LookId, state: string | undefined): boolean {
  return LOOKS[look].says !== '' && isSuspect(look, state);
}

/** Whether what was seen is not as it should be. */
export function isSuspect(look: LookId, state: string | undefined): boolean {
  return (LOOKS[look].suspect as readonly (string | undefined)[]).includes(state);
}

/** Whether a car does not go out with it. */
export function isStop(look: LookId, state: string | undefined): boolean {
  return (LOOKS[look].stops as readonly (string | undefined)[]).includes(state);
}
