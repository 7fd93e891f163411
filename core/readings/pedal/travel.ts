import { convert } from '../../base/units/convert';
import { boreAreaMm2 } from '../../car/hydraulics/bore';
import { exceeds, type Gap, type Limit } from '../../car/limits/limit';
import { gasTaken } from './gas';
import type { TravelInput } from './travelSchema';

/** Bulk modulus of brake fluid, MPa (modelling choice). */
export const FLUID_MPA = 1500;

/** What the standard lets a foot of 1/8 in hydraulic hose swell, cm³ at 1000, 1500 and 2900 psi (49 CFR 571.106, from memory). */
const SWELL_ML = { regular: [0.66, 0.79, 1.21], low: [0.33, 0.42, 0.61] } as const;
const FOOT_M = 0.3048;

/** The kinds of hose of that table, by what a metre swells at 1000 psi, ml. */
export const HOSES = {
  regular: { label: 'Regular', mlPerM: SWELL_ML.regular[0] / FOOT_M },
  low: { label: 'Low expansion', mlPerM: SWELL_ML.low[0] / FOOT_M },
} as const;

/** How a hose grows with pressure, against its growth at 1000 psi: in proportion up to there, above it as the regular one. */
const HOSE_SHAPE = [0, 1000, 1500, 2900].map((psi, at) => ({
  mpa: convert(psi, 'psi', 'MPa'),
  share: at === 0 ? 0 : SWELL_ML.regular[at - 1]! / SWELL_ML.regular[0],
}));

/** Share of its growth at 1000 psi that a hose has at a pressure; past the table along its last stretch. */
export function hoseShare(pressureMPa: number): number {
  const above = HOSE_SHAPE.findIndex(({ mpa }) => mpa >= pressureMPa);
  const end = above < 1 ? (above === 0 ? 1 : HOSE_SHAPE.length - 1) : above;
  const [from, to] = [HOSE_SHAPE[end - 1]!, HOSE_SHAPE[end]!];
  return from.share + ((pressureMPa - from.mpa) / (to.mpa - from.mpa)) * (to.share - from.share);
}

export type TravelItem = {
  id: 'gaps' | 'hoses' | 'fluid' | 'gas' | 'master_movement' | 'free_play' | 'take_up' | 'elastic';
  mm: number;
};

/**
 * The pedal's travel as a budget: how many millimetres at the pad each suspect explains at a line pressure.
 * travel = free play + ratio·(take-up + Σ volume / A_master + master movement) + elastic·p; gas by Boyle from its volume
 * at atmospheric pressure. The idea of the sum and its constants: docs/sources.md.
 * @returns items in mm at the pedal, those that were given, and what is left to the floor where its distance is known
 */
export function travelBudget(input: TravelInput) {
  const { master, pedal, pressureMPa, toFloorMm } = input;
  const mmPerMl = (1000 * pedal.ratio) / boreAreaMm2(master.boreMm);
  const gapsMl = input.gaps?.reduce((sum, gap) => sum + gap.sideAreaMm2 * (gap.innerMm + gap.outerMm), 0);
  const hosesMl = input.hoses?.reduce((sum, hose) => sum + hose.lengthM * hose.mlPerMAt1000psi, 0);
  const given: [TravelItem['id'], number | undefined][] = [
    ['gaps', scaled(gapsMl, mmPerMl / 1000)],
    ['hoses', scaled(hosesMl, mmPerMl * hoseShare(pressureMPa))],
    ['fluid', scaled(input.fluidMl, (mmPerMl * pressureMPa) / (input.bulkModulusMPa ?? FLUID_MPA))],
    ['gas', scaled(input.gasMl, mmPerMl * gasTaken(pressureMPa))],
    ['master_movement', scaled(input.masterMovementMm, pedal.ratio)],
    ['free_play', pedal.freePlayMm],
    ['take_up', scaled(input.takeUpMm, pedal.ratio)],
    ['elastic', scaled(input.elasticMmPerMPa, pressureMPa)],
  ];
  const items = given.flatMap(([id, mm]): TravelItem[] => (mm === undefined ? [] : [{ id, mm }]));
  const totalMm = items.reduce((sum, { mm }) => sum + mm, 0);
  const limits: Limit[] =
    toFloorMm === undefined ? [] : [{ name: 'toFloorMm', value: toFloorMm, from: 'car' }];
  return {
    totalMm,
    items,
    mmPerMl,
    ...(toFloorMm === undefined
      ? {}
      : { reserveMm: toFloorMm - totalMm, meetsFloor: exceeds(totalMm, toFloorMm) }),
    limits,
    defaults: input.bulkModulusMPa === undefined ? [`bulk modulus of the fluid: ${FLUID_MPA} MPa`] : [],
    gaps: missing(input),
  };
}

const scaled = (value: number | undefined, by: number) => (value === undefined ? undefined : value * by);

/** What a budget lacks before its sum can be held against a pedal. */
function missing(input: TravelInput): Gap[] {
  const asked = [
    ['gaps', 'pads that stand off the rotor are not counted'],
    ['hoses', 'what the hoses swell is not counted'],
    ['fluid', 'fluidMl', 'what the fluid itself gives is not counted'],
    [
      'elasticMmPerMPa',
      'what calipers and pads give is not counted: it comes from this car’s own good pedal',
    ],
  ] as const;
  return asked.flatMap((each): Gap[] => {
    const path = each.length === 3 ? each[1] : each[0];
    return input[path as keyof TravelInput] === undefined ? [{ path, why: each.at(-1)! }] : [];
  });
}
