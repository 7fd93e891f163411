import { exceeds, type Limit } from '../../car/limits/limit';
import {
  COOLING,
  CORNER_MODEL,
  carry,
  type HeatedCorner,
  type LapPeaks,
  type Scales,
  STEFAN_BOLTZMANN,
  type Temperatures,
} from './corner';
import { type Refit, refit } from './refit';
import type { HeatSessionInput } from './sessionSchema';
import { slowdownJ } from './stops';

/** How long the car stands after the run, s: the heat of the rotor goes on into the caliper. */
const SOAK_S = 600;
/** Steps: peaks are right to well under half a kelvin (a test holds it against a general solver). */
const BRAKING_STEPS = 1;
const LONGEST_STEP_S = 10;

/**
 * A session lap by lap: one corner of an axle as rotor and caliper, heated in each braking zone and cooled on the way to
 * the next, then through the cool-down and a soak at rest. Model and constants: `corner.ts` (docs/sources.md).
 * @returns per lap the highest temperatures, °C; the first lap past each limit, null when none is; the caliper's highest
 * while the car stands; with measured peaks the two constants refitted to them, with bounds that hold 80 %
 */
export function heatSession(input: HeatSessionInput) {
  const fit = input.measured && refit(input.measured, (scales) => runLaps(upToLast(input), scales).laps);
  const scales: Scales = { cooling: fit?.coolingScale.value ?? 1, coupling: fit?.couplingScale.value ?? 1 };
  const { laps, soakPeakC } = runLaps(input, scales);
  const { padC, fluidC, rotorC } = input.limits ?? {};
  return {
    laps,
    padLimitLap: firstPast(laps, padC, 'rotorPeakC'),
    fluidLimitLap: firstPast(laps, fluidC, 'caliperPeakC'),
    ...(rotorC === undefined ? {} : { rotorLimitLap: firstPast(laps, rotorC, 'rotorPeakC') }),
    soakPeakC,
    energyPerLapKJ: lapJ(input) / 1000,
    ...(fit ? { fit } : {}),
    limits: limitsOf(input),
    defaults: defaultsOf(input),
    gaps: gapsOf(input, fit),
  };
}

/** The first lap whose peak is past a limit; null when none is, or there is no limit. */
export function firstPast(
  laps: readonly LapPeaks[],
  limitC: number | undefined,
  peak: keyof LapPeaks,
): number | null {
  const at = limitC === undefined ? -1 : laps.findIndex((lap) => exceeds(lap[peak], limitC));
  return at < 0 ? null : at + 1;
}

/** As much of a session as its last measured lap needs. */
function upToLast(input: HeatSessionInput): HeatSessionInput {
  return { ...input, laps: Math.max(...input.measured!.map(({ lap }) => lap)) };
}

/** Energy of a lap at one corner, J, the pads' share with it. */
function lapJ({ car, lap }: HeatSessionInput): number {
  const all = lap.zones.reduce((sum, zone) => sum + slowdownJ(car.massKg, zone.fromKmh, zone.toKmh), 0);
  return (all * car.axleShare) / 2;
}

function cornerOf({ car, cooling, ambientC }: HeatSessionInput, scales: Scales): HeatedCorner {
  const worn = car.padWorn ?? CORNER_MODEL.padWorn;
  return {
    rotorJPerK: car.rotorMassKg * (car.specificHeat ?? CORNER_MODEL.specificHeat),
    caliperJPerK: car.caliperJPerK ?? CORNER_MODEL.caliperJPerK,
    rotorShare: car.rotorShare ?? CORNER_MODEL.rotorShare,
    radiates:
      (car.emissivity ?? CORNER_MODEL.emissivity) *
      STEFAN_BOLTZMANN *
      (car.rotorAreaM2 ?? CORNER_MODEL.rotorAreaM2),
    couplingWPerK: scales.coupling * (car.couplingWPerK ?? CORNER_MODEL.couplingWPerK) * (1 + worn),
    cooling: scales.cooling * (car.coolingScale ?? CORNER_MODEL.coolingScale) * COOLING[cooling],
    ambientC,
  };
}

/** The session with the model's two open constants scaled. */
export function runLaps(input: HeatSessionInput, scales: Scales): { laps: LapPeaks[]; soakPeakC: number } {
  const { car, lap, ambientC } = input;
  const corner = cornerOf(input, scales);
  const stretches = lap.zones.map((zone, index) => {
    const next = lap.zones[(index + 1) % lap.zones.length]!;
    const [fromMs, toMs] = [zone.fromKmh / 3.6, zone.toKmh / 3.6];
    const seconds = (fromMs - toMs) / (car.decelMs2 ?? CORNER_MODEL.decelMs2);
    const energyJ = (slowdownJ(car.massKg, zone.fromKmh, zone.toKmh) * car.axleShare) / 2;
    const meanMs = (zone.toKmh + next.fromKmh) / 2 / 3.6;
    return {
      braking: { seconds, powerW: energyJ / seconds, fromMs, toMs },
      away: { seconds: zone.thenS, powerW: 0, fromMs: meanMs, toMs: meanMs },
      awaySteps: Math.ceil(zone.thenS / LONGEST_STEP_S),
    };
  });
  let now: Temperatures = { rotorC: ambientC, caliperC: ambientC };
  const laps = Array.from({ length: input.laps }, (): LapPeaks => {
    const peaks = { rotorPeakC: now.rotorC, caliperPeakC: now.caliperC };
    const seen = ({ rotorC, caliperC }: Temperatures) => {
      if (rotorC > peaks.rotorPeakC) peaks.rotorPeakC = rotorC;
      if (caliperC > peaks.caliperPeakC) peaks.caliperPeakC = caliperC;
    };
    for (const { braking, away, awaySteps } of stretches) {
      now = carry(corner, now, braking, BRAKING_STEPS, seen);
      now = carry(corner, now, away, awaySteps, seen);
    }
    return peaks;
  });
  return { laps, soakPeakC: soaked(input, corner, now) };
}

/** The cool-down, then the car at rest: the caliper's highest there, °C. */
function soaked({ coolS, coolKmh }: HeatSessionInput, corner: HeatedCorner, after: Temperatures): number {
  const still = (seconds: number, kmh: number) => ({
    seconds,
    powerW: 0,
    fromMs: kmh / 3.6,
    toMs: kmh / 3.6,
  });
  const nobody = () => undefined;
  const seconds = coolKmh === undefined ? 0 : (coolS ?? 0);
  const parked = carry(
    corner,
    after,
    still(seconds, coolKmh ?? 0),
    Math.ceil(seconds / LONGEST_STEP_S),
    nobody,
  );
  let peak = parked.caliperC;
  carry(corner, parked, still(SOAK_S, 0), SOAK_S / LONGEST_STEP_S, ({ caliperC }) => {
    if (caliperC > peak) peak = caliperC;
  });
  return peak;
}

function limitsOf({ limits = {} }: HeatSessionInput): Limit[] {
  return (['padC', 'fluidC', 'rotorC'] as const).flatMap((name): Limit[] =>
    limits[name] === undefined ? [] : [{ name, value: limits[name], from: 'car' }],
  );
}

function defaultsOf({ car }: HeatSessionInput): string[] {
  const fields = [
    'specificHeat',
    'rotorShare',
    'rotorAreaM2',
    'caliperJPerK',
    'padWorn',
    'decelMs2',
  ] as const;
  return fields
    .filter((field) => car[field] === undefined)
    .map((field) => `car.${field}: ${CORNER_MODEL[field]}`);
}

function gapsOf({ limits = {}, coolS, coolKmh }: HeatSessionInput, fit: Refit | undefined) {
  return [
    ...(limits.padC === undefined
      ? [{ path: 'limits.padC', why: 'without it no lap is past the pads' }]
      : []),
    ...(limits.fluidC === undefined
      ? [{ path: 'limits.fluidC', why: 'without it no lap is past the fluid' }]
      : []),
    ...(coolS !== undefined && coolKmh === undefined
      ? [{ path: 'coolKmh', why: 'a cool-down needs its speed: none was counted' }]
      : []),
    ...(fit?.couplingFixed
      ? [{ path: 'measured', why: 'one figure tells the cooling only: rotor and caliper would tell both' }]
      : []),
  ];
}
