import type { Axle } from '../corner';
import { boreAreaMm2 } from './bore';
import { hydraulics } from './hydraulics';
import { HYDRAULIC_RANGES } from './ranges';
import { roomFor } from './room';
import type { DiscInput, HydraulicsInput } from './schema';
import { strokeMm, type Take, takeWith, toTheFloor } from './stroke';

/** One thing of a brake that could be another. */
export type BrakeChange =
  | { what: 'bore' | 'rearBore' | 'ratio'; value: number }
  | { what: 'mu' | 'radius'; axle: Axle; value: number }
  | { what: 'pistons'; axle: Axle; pistonsMm: number[] };

/** What a brake comes to at the deceleration wanted. */
export type Alternative = {
  /** Pedal force for it, N; undefined where no foot reaches it. */
  forceN?: number;
  /** Pedal travel at that force, mm, and what is left to the floor where that is known. */
  travelMm?: number;
  reserveMm?: number;
  meetsFloor?: true;
  frontShare: number | null;
  locks?: { axle: Axle; decelMs2: number };
};

/** What an alternative is held against: what the brakes take as they are, and how far the floor is. */
export type Pedalled = { take: Take; toFloorMm?: number };

/** The brake with one thing changed; undefined where there is no such thing (a rear master, friction of a drum), or the brake would not fit its wheel. */
export function withBrakeChange(input: HydraulicsInput, change: BrakeChange): HydraulicsInput | undefined {
  const { master, pedal } = input;
  switch (change.what) {
    case 'bore':
      return { ...input, master: { ...master, boreMm: change.value } };
    case 'rearBore':
      return master.rearBoreMm === undefined
        ? undefined
        : { ...input, master: { ...master, rearBoreMm: change.value } };
    case 'ratio':
      return { ...input, pedal: { ...pedal, ratio: change.value } };
  }
  const brake = input[change.axle];
  if ('cylinderMm' in brake)
    return change.what === 'pistons' && change.pistonsMm.length === 1 && change.axle === 'rear'
      ? { ...input, rear: { ...brake, cylinderMm: change.pistonsMm[0]! } }
      : undefined;
  switch (change.what) {
    case 'mu':
      return { ...input, [change.axle]: { ...brake, mu: change.value } };
    case 'radius':
      return change.value < input.rollingRadiusM
        ? { ...input, [change.axle]: { ...brake, effectiveRadiusM: change.value } }
        : undefined;
    case 'pistons':
      return fits({ ...brake, pistonsMm: change.pistonsMm })
        ? { ...input, [change.axle]: { ...brake, pistonsMm: change.pistonsMm } }
        : undefined;
  }
}

/** Whether there is such a caliper. */
function fits(brake: DiscInput): boolean {
  return (brake.caliper === 'sliding' || brake.pistonsMm.length % 2 === 0) && roomFor(brake) === undefined;
}

/**
 * What a brake comes to: effort and travel for the deceleration wanted (else at the effort given), who locks first, what is left to the floor.
 * @param was the brake that what it takes is known of
 */
export function alternative(
  input: HydraulicsInput,
  { take, toFloorMm }: Pedalled,
  was: HydraulicsInput = input,
): Alternative {
  const { pedalForceN, frontShare, locks } = hydraulics(input);
  const forceN = input.wanted ? pedalForceN : input.pedal.forceN;
  const travelMm = forceN === undefined ? undefined : strokeMm(input, forceN, takeWith(take, was, input));
  return {
    forceN,
    travelMm,
    ...(travelMm === undefined ? {} : toTheFloor(travelMm, toFloorMm)),
    frontShare,
    locks: locks && { axle: locks.axle, decelMs2: locks.decelMs2 },
  };
}

export type Sizing = {
  /** The master bore, or the pedal ratio, at which the wanted deceleration takes the wanted effort; out of what is made they are not given. */
  boreMm?: number;
  /** Of twin masters the rear one's, in the same proportion. */
  rearBoreMm?: number;
  ratio?: number;
  /** Pedal travel either way, mm: pressure times volume is effort times travel, however it is geared. */
  travelMm: number;
  reserveMm?: number;
  meetsFloor?: true;
};

/**
 * Bore or ratio for a wanted effort, the other left as it is: F·ratio·η/A is the line pressure that the deceleration asks for less
 * what the assist gives. With twin masters both are scaled alike.
 * @returns undefined where no pressure of a foot's does it, or the assist does all
 */
export function sizeFor(input: HydraulicsInput, effortN: number, pedalled: Pedalled): Sizing | undefined {
  const { pedalForceN } = hydraulics(input);
  if (pedalForceN === undefined || pedalForceN <= 0 || effortN <= 0) return undefined;
  // The foot's share of the pressure is as F·ratio/A: as many times the effort, as many times the area or the ratio's inverse.
  const less = effortN / pedalForceN;
  const { master, pedal } = input;
  const scaled = (bore: number) => bore * Math.sqrt(less);
  const boreMm = scaled(master.boreMm);
  const rear = master.rearBoreMm === undefined ? {} : { rearBoreMm: scaled(master.rearBoreMm) };
  const ratio = pedal.ratio / less;
  const geared: HydraulicsInput = { ...input, pedal: { ...pedal, ratio } };
  const travelMm = strokeMm(geared, effortN, takeWith(pedalled.take, input, input));
  const isMade = (value: number, [low, high]: readonly [number, number]) => value >= low && value <= high;
  return {
    ...(isMade(boreMm, HYDRAULIC_RANGES.boreMm) ? { boreMm, ...rear } : {}),
    ...(isMade(ratio, HYDRAULIC_RANGES.ratio) ? { ratio } : {}),
    travelMm,
    ...toTheFloor(travelMm, pedalled.toFloorMm),
  };
}

/** What a system takes, from its pedal's own curve: travel before anything gives, and travel with each MPa. */
export function takeOf({
  offsetMm,
  elasticMmPerMPa,
  boreMm,
  ratio,
}: {
  offsetMm: number;
  elasticMmPerMPa: number;
  boreMm: number;
  ratio: number;
}): Take {
  const mlPerMm = boreAreaMm2(boreMm) / ratio / 1000;
  return {
    clearanceMl: Math.max(0, offsetMm) * mlPerMm,
    giveMlPerMPa: Math.max(0, elasticMmPerMPa) * mlPerMm,
  };
}
