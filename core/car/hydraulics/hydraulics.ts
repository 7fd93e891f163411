import type { Axle } from '../corner';
import { exceeds, type Gap, type Limit } from '../limits/limit';
import { type Balance, dynamicBalance, GRAVITY_MS2 } from './balance';
import { boreAreaMm2, sideAreaMm2 } from './bore';
import { linePressureMPa } from './linePressure';
import type { DiscInput, DrumInput, HydraulicsInput } from './schema';

type PerAxle = Record<Axle, number>;

/** The most a foot is asked for in what follows, N. */
const MOST_FORCE_N = 2500;

/**
 * From the foot to the road: line pressure p = F·ratio·η/A (plus assist), clamp p·A of one side, torque of a rotor
 * 2·μ·clamp·r, deceleration by both axles' torques on the rolling radius. An opposed caliper's side has half of its piston
 * area, a sliding one's all; a drum gives cylinder force times its brake factor. Twin masters share the pushrod's force by
 * the bar; a valve passes the rear line a slope of what comes in past its knee.
 * Textbook relations (docs/sources.md). Forces N, pressures MPa, torques N·m, m/s².
 */
export function hydraulics(input: HydraulicsInput) {
  const { forceN } = input.pedal;
  const linePressureMPa = pressures(input, forceN);
  const torquePerRotorNm = torques(input, linePressureMPa);
  const balance = dynamicBalance(input);
  const demandN = demand(input, forceN);
  const decelMs2 = decelOf(input, demandN, balance);
  const { front, rear } = torquePerRotorNm;
  const wantedN = input.wanted && forceFor(input, input.wanted.decelMs2, balance);
  const locks = input.tyreGrip === undefined || !balance ? undefined : firstToLock(input, balance);
  return {
    linePressureMPa,
    clampN: {
      front: linePressureMPa.front * pistonAreaMm2(input.front),
      rear: linePressureMPa.rear * pistonAreaMm2(input.rear),
    },
    torquePerRotorNm,
    frontShare: front + rear === 0 ? null : front / (front + rear),
    ...(balance ? { idealFrontShare: balance.frontLoadShare(decelMs2) } : {}),
    decelMs2,
    ...(wantedN === undefined ? {} : { pedalForceN: wantedN }),
    ...(locks ? { locks } : {}),
    limits: TYPE_0,
    defaults: [
      ...(input.pedal.efficiency === undefined ? ['pedal.efficiency: 1'] : []),
      ...(input.assistKPa === undefined ? ['assistKPa: 0'] : []),
      ...(input.master.rearBoreMm !== undefined && input.master.barFrontShare === undefined
        ? ['master.barFrontShare: 0.5']
        : []),
    ],
    gaps: gapsOf(input, balance, wantedN),
  };
}

/** Yardstick of the road: deceleration from 100 km/h with the engine off, and the pedal force it may take (UN R13-H, annex 3, type 0; from memory). */
const TYPE_0: Limit[] = [
  { name: 'type0DecelMs2', value: 6.43, from: 'standard' },
  { name: 'type0ForceLeastN', value: 65, from: 'standard' },
  { name: 'type0ForceMostN', value: 500, from: 'standard' },
];

/** Line pressure of each axle at a pedal force, MPa. */
function pressures({ master, pedal, assistKPa = 0, rearValve }: HydraulicsInput, forceN: number): PerAxle {
  const { boreMm, rearBoreMm, barFrontShare = 0.5 } = master;
  const assist = forceN === 0 ? 0 : assistKPa / 1000;
  const behind = (shareN: number, bore: number) =>
    linePressureMPa(shareN, pedal.ratio, bore, pedal.efficiency) + assist;
  const twin = rearBoreMm !== undefined;
  const front = behind(twin ? forceN * barFrontShare : forceN, boreMm);
  const rear = twin ? behind(forceN * (1 - barFrontShare), rearBoreMm) : front;
  if (!rearValve || rear <= rearValve.kneeMPa) return { front, rear };
  return { front, rear: rearValve.kneeMPa + rearValve.slope * (rear - rearValve.kneeMPa) };
}

/** Piston area that presses one pad, or one cylinder's, mm². */
export function pistonAreaMm2(brake: DiscInput | DrumInput): number {
  if ('cylinderMm' in brake) return boreAreaMm2(brake.cylinderMm);
  return sideAreaMm2(brake.pistonsMm, brake.caliper === 'opposed');
}

/** Torque of one wheel, N·m, for each MPa in its line. */
function torquePerMPa(brake: DiscInput | DrumInput): number {
  const area = pistonAreaMm2(brake);
  return 'cylinderMm' in brake
    ? area * brake.brakeFactor * brake.drumRadiusM
    : 2 * brake.mu * area * brake.effectiveRadiusM;
}

function torques({ front, rear }: HydraulicsInput, pressure: PerAxle): PerAxle {
  return { front: pressure.front * torquePerMPa(front), rear: pressure.rear * torquePerMPa(rear) };
}

/** What each axle asks of the road at a pedal force, N. */
function demand(input: HydraulicsInput, forceN: number): PerAxle {
  const { front, rear } = torques(input, pressures(input, forceN));
  return { front: (2 * front) / input.rollingRadiusM, rear: (2 * rear) / input.rollingRadiusM };
}

/** Deceleration, m/s²: what the brakes ask for, or what the tyres of each axle let through. */
function decelOf({ massKg, tyreGrip }: HydraulicsInput, { front, rear }: PerAxle, balance?: Balance): number {
  const asked = (front + rear) / massKg;
  if (tyreGrip === undefined) return asked;
  if (!balance) return Math.min(asked, tyreGrip * GRAVITY_MS2);
  // Load moves forward with deceleration: the one deceleration at which asked and held agree, by halving.
  let [low, high] = [0, asked];
  for (let step = 0; step < 60; step++) {
    const middle = (low + high) / 2;
    const loads = balance.loadsN(middle);
    const held = Math.min(front, tyreGrip * loads.front) + Math.min(rear, tyreGrip * loads.rear);
    if (held / massKg > middle) low = middle;
    else high = middle;
  }
  return high;
}

/** Pedal force for a deceleration, N; undefined where no foot reaches it. */
function forceFor(input: HydraulicsInput, decelMs2: number, balance?: Balance): number | undefined {
  const at = (forceN: number) => decelOf(input, demand(input, forceN), balance);
  if (at(MOST_FORCE_N) < decelMs2) return undefined;
  return rises(0, MOST_FORCE_N, (forceN) => at(forceN) - decelMs2);
}

/** Which axle reaches its tyres' grip first as the pedal is pressed harder, at which force and deceleration. */
function firstToLock(input: HydraulicsInput, balance: Balance) {
  const grip = input.tyreGrip!;
  const over = (axle: Axle) => (forceN: number) => {
    const asked = demand(input, forceN);
    const loads = balance.loadsN((asked.front + asked.rear) / input.massKg);
    return asked[axle] - grip * loads[axle];
  };
  const at = (axle: Axle) =>
    exceeds(over(axle)(MOST_FORCE_N), 0) ? rises(0, MOST_FORCE_N, over(axle)) : undefined;
  const force = { front: at('front'), rear: at('rear') };
  const axle: Axle =
    (force.rear ?? Number.POSITIVE_INFINITY) < (force.front ?? Number.POSITIVE_INFINITY) ? 'rear' : 'front';
  const pedalForceN = force[axle];
  if (pedalForceN === undefined) return undefined;
  const asked = demand(input, pedalForceN);
  return { axle, pedalForceN, decelMs2: (asked.front + asked.rear) / input.massKg };
}

/** Where a rising function passes 0, by halving. */
function rises(from: number, to: number, value: (at: number) => number): number {
  let [low, high] = [from, to];
  for (let step = 0; step < 80; step++) {
    const middle = (low + high) / 2;
    if (value(middle) < 0) low = middle;
    else high = middle;
  }
  return high;
}

function gapsOf(input: HydraulicsInput, balance: Balance | undefined, wantedN: number | undefined): Gap[] {
  const missing = (['frontWeightShare', 'cgHeightM', 'wheelbaseM'] as const).find(
    (field) => input[field] === undefined,
  );
  return [
    ...(!balance && missing
      ? [
          {
            path: missing,
            why: 'without it nothing is known of how load moves forward, nor of which axle locks first',
          },
        ]
      : []),
    ...(balance && input.tyreGrip === undefined
      ? [{ path: 'tyreGrip', why: 'without the tyres’ grip the road is taken to hold everything' }]
      : []),
    ...(input.wanted && wantedN === undefined
      ? [{ path: 'wanted.decelMs2', why: `no foot reaches it with ${MOST_FORCE_N} N` }]
      : []),
  ];
}
