import { AXLE_FIGURES, CAR_FIGURES, ofEach } from './figures';
import type { AxleSpec, CarKind, CarSpec } from './spec';

/** What the shop calls the kinds of car it starts from. */
export const CAR_KINDS: Record<CarKind, { label: string; about: string }> = {
  light_track: { label: 'Light track car', about: 'Unassisted, opposed calipers all round, no modulator' },
  saloon: { label: 'Saloon', about: 'Vacuum assist, sliding calipers, stability control' },
  hatch: { label: 'Hatch', about: 'Vacuum assist, sliding front calipers, rear drums' },
  heavy_coupe: {
    label: 'Heavy coupe',
    about: 'Vacuum assist, opposed front calipers, two-piece front rotors',
  },
  other: { label: 'Something else', about: 'Nothing filled in' },
};

const disc = (axle: Partial<AxleSpec>): AxleSpec => ({
  brake: 'disc',
  caliper: null,
  pistonsMm: [],
  bleeders: 1,
  rotor: null,
  studs: null,
  padCompound: null,
  ...ofEach(AXLE_FIGURES, () => null),
  ...axle,
});

const blank: Omit<CarSpec, 'kind'> = {
  name: '',
  note: '',
  driveSide: null,
  assist: null,
  abs: null,
  stabilityControl: null,
  parkingBrake: null,
  electricParkingBrake: null,
  brakeByWire: null,
  drive: null,
  fluidClass: null,
  fluidFilledOn: null,
  makerOrder: null,
  ...ofEach(CAR_FIGURES, () => null),
  torquesNm: {},
  ownSheet: {},
  origins: {},
  front: disc({}),
  rear: disc({}),
};

/**
 * Typical figures for a kind of car, to start from and correct at the car. Common practice, no source; the maker's
 * figures replace them.
 */
export function startingSet(kind: CarKind): CarSpec {
  return { ...blank, kind, ...SETS[kind] };
}

const SETS: Record<CarKind, Partial<CarSpec>> = {
  light_track: {
    massKg: 760,
    tyreRadiusM: 0.29,
    masterBoreMm: 19.05,
    pedalRatio: 5.4,
    assist: 'none',
    abs: false,
    stabilityControl: false,
    parkingBrake: 'lever_only',
    electricParkingBrake: false,
    brakeByWire: false,
    drive: 'combustion',
    fluidClass: 'DOT4',
    front: disc({
      caliper: 'opposed',
      pistonsMm: [38.1, 38.1, 38.1, 38.1],
      bleeders: 2,
      rotor: 'one_piece',
      rotorNewMm: 20,
      rotorMinimumMm: 18,
      padNewMm: 14,
      padMinimumMm: 3,
    }),
    rear: disc({
      caliper: 'opposed',
      pistonsMm: [34.9, 34.9],
      bleeders: 2,
      rotor: 'one_piece',
      rotorNewMm: 12,
      rotorMinimumMm: 10.4,
      padNewMm: 12,
      padMinimumMm: 3,
    }),
  },
  saloon: {
    massKg: 1480,
    tyreRadiusM: 0.316,
    masterBoreMm: 22.225,
    pedalRatio: 3.9,
    assist: 'vacuum',
    abs: true,
    stabilityControl: true,
    parkingBrake: 'drum_in_hat',
    fluidClass: 'DOT4',
    front: disc({
      caliper: 'sliding',
      pistonsMm: [57],
      rotor: 'one_piece',
      rotorNewMm: 24,
      rotorMinimumMm: 22.4,
      padNewMm: 12,
      padMinimumMm: 3,
    }),
    rear: disc({
      caliper: 'sliding',
      pistonsMm: [38],
      rotor: 'one_piece',
      rotorNewMm: 12,
      rotorMinimumMm: 10.4,
      padNewMm: 11,
      padMinimumMm: 3,
    }),
  },
  hatch: {
    massKg: 1060,
    tyreRadiusM: 0.295,
    masterBoreMm: 20.64,
    pedalRatio: 3.6,
    assist: 'vacuum',
    abs: true,
    stabilityControl: true,
    parkingBrake: 'lever_only',
    fluidClass: 'DOT4',
    front: disc({
      caliper: 'sliding',
      pistonsMm: [48],
      rotor: 'one_piece',
      rotorNewMm: 20,
      rotorMinimumMm: 18,
      padNewMm: 12,
      padMinimumMm: 3,
    }),
    rear: disc({ brake: 'drum', pistonsMm: [17.46], padNewMm: 5, padMinimumMm: 1.6 }),
  },
  heavy_coupe: {
    massKg: 1640,
    tyreRadiusM: 0.336,
    masterBoreMm: 23.81,
    pedalRatio: 3.8,
    assist: 'vacuum',
    abs: true,
    stabilityControl: true,
    parkingBrake: 'drum_in_hat',
    fluidClass: 'DOT5.1',
    front: disc({
      caliper: 'opposed',
      pistonsMm: [40, 40, 40, 40],
      bleeders: 2,
      rotor: 'two_piece',
      rotorNewMm: 32,
      rotorMinimumMm: 30,
      padNewMm: 15,
      padMinimumMm: 3,
    }),
    rear: disc({
      caliper: 'sliding',
      pistonsMm: [42],
      rotor: 'one_piece',
      rotorNewMm: 22,
      rotorMinimumMm: 20.4,
      padNewMm: 12,
      padMinimumMm: 3,
    }),
  },
  other: {},
};
