import type { Axle } from '../../car/corner';
import type { Limit } from '../../car/limits/limit';
import { slowdownJ, USUAL_ROTOR_SHARE, USUAL_SPECIFIC_HEAT } from '../../readings/heat/stops';
import type { BedInInput } from './schema';
import { BED_IN_SCHOOLS, BED_WINDOWS, type BedInSchool, type SlowdownRow } from './schools';

/** `upS` is the time it takes to come back up for the next one, which cools as well; none after the last. */
export type Slowdown = { fromKmh: number; toKmh: number; coolS: number; upS: number };

export type BedInPlan = {
  stops: Slowdown[];
  /** Rotor temperature at the end of each slowdown, °C, on the axle that `car` describes, and on each. */
  predictedC: number[];
  axles: Record<Axle, number[]>;
  /** The axle that the count is chosen for: of those with new faces the one that needs more, where it can be reached. */
  countFor: Axle;
  windowC: { low: number; high: number };
  /** The first slowdown that ends inside the window and the first past it, from 1; null when none does. */
  reachesAt: number | null;
  passesAt: number | null;
  /** Count within the school's range that ends inside the window, when another one would do better. */
  betterStops: number | null;
  warnings: string[];
  limits: Limit[];
  defaults: string[];
};

/** Time constant of a rotor cooling at bedding speeds, s, when nobody has measured it (model). */
const USUAL_TAU_S = 240;

/** How a road car comes back up to speed without hurry, m/s² (model; its power says better). */
export const USUAL_ACCEL_MS2 = 2;

/** No car pulls harder than its tyres hold, m/s² (model). */
const TYRES_MS2 = 8;

/**
 * A bed-in for this car: the slowdowns of a school (or the pad maker's own rows), and the rotor temperature after each
 * against the compound's window, on both axles. Heat as in `heatStops`: each slowdown lifts the rotor at once, cooling
 * acts between, while the car comes back up to speed and for as long as is waited or driven on top of that.
 */
export function bedInPlan(input: BedInInput): BedInPlan {
  const stops = stopsOf(input);
  const axles = temperatures(stops, input);
  const predictedC = axles[namedAxle(input)];
  const usual = BED_WINDOWS[input.compound];
  const windowC = input.windowC ?? { low: usual.lowC, high: usual.highC };
  const first = (inside: (c: number) => boolean) => {
    const at = predictedC.findIndex(inside);
    return at < 0 ? null : at + 1;
  };
  const reachesAt = first((c) => c >= windowC.low);
  const passesAt = first((c) => c > windowC.high);
  const { countFor, betterStops } = counted(input, axles, windowC);
  return {
    stops,
    predictedC,
    axles,
    countFor,
    windowC,
    reachesAt,
    passesAt,
    betterStops,
    warnings: warningsFor(input, { stops, axles, predictedC, countFor, windowC, passesAt, betterStops }),
    limits: [
      { name: 'bedLowC', value: windowC.low, from: input.windowC ? 'car' : 'model' },
      { name: 'bedHighC', value: windowC.high, from: input.windowC ? 'car' : 'model' },
    ],
    defaults: [
      ...(input.car.rotorShare === undefined ? [`car.rotorShare: ${USUAL_ROTOR_SHARE}`] : []),
      ...(input.car.specificHeat === undefined ? [`car.specificHeat: ${USUAL_SPECIFIC_HEAT}`] : []),
      ...(input.car.hAWPerK === undefined ? [`car.hAWPerK: m·c/${USUAL_TAU_S} s`] : []),
      ...(input.accelMs2 === undefined && input.powerKW === undefined
        ? [`accelMs2: ${USUAL_ACCEL_MS2}`]
        : []),
      ...(input.otherRotorMassKg === undefined ? [`otherRotorMassKg: ${input.car.rotorMassKg}`] : []),
    ],
  };
}

function stopsOf(input: BedInInput): Slowdown[] {
  return spread(input.rows ?? schoolRows(input.school, input.stops), input);
}

/** A school's rows with another count: the last row, the hottest, takes the difference. */
function schoolRows(school: BedInSchool, count?: number): SlowdownRow[] {
  const { rows } = BED_IN_SCHOOLS[school];
  if (count === undefined) return rows;
  const lead = rows.slice(0, -1).reduce((sum, row) => sum + row.count, 0);
  const last = rows.at(-1)!;
  if (count > lead) return [...rows.slice(0, -1), { ...last, count: count - lead }];
  return [{ ...rows[0]!, count }];
}

function spread(rows: readonly SlowdownRow[], input: BedInInput): Slowdown[] {
  const stops = rows.flatMap(({ count, ...stop }) => Array.from({ length: count }, () => stop));
  return stops.map((stop, index) => {
    const next = stops[index + 1];
    return { ...stop, upS: next ? comeUpS(stop.toKmh, next.fromKmh, input) : 0 };
  });
}

/**
 * How long a car takes back up to speed, s: by its acceleration, else by its power (½·m·(v2² − v1²)/P, no faster than
 * tyres allow), else without hurry.
 */
export function comeUpS(
  fromKmh: number,
  toKmh: number,
  { accelMs2, powerKW, car }: Pick<BedInInput, 'accelMs2' | 'powerKW' | 'car'>,
): number {
  if (toKmh <= fromKmh) return 0;
  const byTyres = (toKmh - fromKmh) / 3.6 / TYRES_MS2;
  if (accelMs2 === undefined && powerKW !== undefined)
    return Math.max(byTyres, slowdownJ(car.massKg, toKmh, fromKmh) / (powerKW * 1000));
  return (toKmh - fromKmh) / 3.6 / (accelMs2 ?? USUAL_ACCEL_MS2);
}

/** The axle that the input's `car` describes. */
function namedAxle({ axle }: BedInInput): Axle {
  return axle === 'rear' ? 'rear' : 'front';
}

/** Rotor temperatures of both axles, °C, at the end of each slowdown; none on an axle without rotors. */
function temperatures(stops: readonly Slowdown[], input: BedInInput): Record<Axle, number[]> {
  const { car, otherRotorMassKg } = input;
  const named = namedAxle(input);
  const own = peaksOf(stops, input, car);
  const other =
    otherRotorMassKg === null
      ? []
      : peaksOf(stops, input, {
          ...car,
          axleShare: 1 - car.axleShare,
          rotorMassKg: otherRotorMassKg ?? car.rotorMassKg,
        });
  return named === 'front' ? { front: own, rear: other } : { front: other, rear: own };
}

function peaksOf(stops: readonly Slowdown[], { ambientC }: BedInInput, car: BedInInput['car']): number[] {
  const tauS = coolingS(car);
  let now = ambientC;
  return stops.map((stop) => {
    const peak = now + riseK(stop, car);
    now = ambientC + (peak - ambientC) * Math.exp(-(stop.coolS + stop.upS) / tauS);
    return peak;
  });
}

/** What one slowdown lifts a rotor by, K. */
export function riseK(
  { fromKmh, toKmh }: Pick<Slowdown, 'fromKmh' | 'toKmh'>,
  car: BedInInput['car'],
): number {
  const share = (car.axleShare * (car.rotorShare ?? USUAL_ROTOR_SHARE)) / 2;
  return (slowdownJ(car.massKg, fromKmh, toKmh) * share) / capacityOf(car);
}

/** Time constant of a rotor cooling between slowdowns, s. */
export function coolingS(car: BedInInput['car']): number {
  return car.hAWPerK === undefined ? USUAL_TAU_S : capacityOf(car) / car.hAWPerK;
}

/** Heat a rotor takes for each K, J/K. */
function capacityOf({ rotorMassKg, specificHeat }: BedInInput['car']): number {
  return rotorMassKg * (specificHeat ?? USUAL_SPECIFIC_HEAT);
}

type Window = { low: number; high: number };

/**
 * Which axle the count is for, and the count nearest the school's own that brings that axle into the window with neither
 * past it; null where its own does, or none can. The colder axle comes first; where no count reaches it, the other.
 */
function counted(
  input: BedInInput,
  own: Record<Axle, number[]>,
  { low, high }: Window,
): { countFor: Axle; betterStops: number | null } {
  const hottest = (peaks: readonly number[]) => Math.max(...peaks);
  const chosen: Axle[] = input.axle === 'front' || input.axle === 'rear' ? [input.axle] : ['front', 'rear'];
  const bedded = chosen.filter((axle) => own[axle].length > 0);
  const byNeed = bedded.sort((left, right) => hottest(own[left]) - hottest(own[right]));
  const fits = (axles: Record<Axle, number[]>, axle: Axle) =>
    hottest(axles[axle]) >= low && bedded.every((each) => hottest(axles[each]) <= high);
  const fixed = input.rows !== undefined || input.stops !== undefined;
  const [least, most] = BED_IN_SCHOOLS[input.school].range;
  const usual = own[namedAxle(input)].length;
  const counts = Array.from({ length: fixed ? 0 : most - least + 1 }, (_, index) => least + index).sort(
    (left, right) => Math.abs(left - usual) - Math.abs(right - usual),
  );
  for (const axle of byNeed) {
    if (fits(own, axle)) return { countFor: axle, betterStops: null };
    const better = counts.find((count) =>
      fits(temperatures(stopsOf({ ...input, stops: count }), input), axle),
    );
    if (better !== undefined) return { countFor: axle, betterStops: better };
  }
  return { countFor: byNeed[0]!, betterStops: null };
}

function warningsFor(
  input: BedInInput,
  {
    stops,
    axles,
    predictedC,
    countFor,
    windowC,
    passesAt,
    betterStops,
  }: Omit<BedInPlan, 'reachesAt' | 'warnings' | 'limits' | 'defaults'>,
): string[] {
  const { school, compound, rows } = input;
  const hottest = Math.max(...predictedC);
  const { label, suits } = BED_IN_SCHOOLS[school];
  const said: string[] = [];
  if (hottest < windowC.low)
    said.push(
      `Too cold: the hottest slowdown ends at ${Math.round(hottest)} °C and the window begins at ${windowC.low} °C. ${colder(school, compound, rows !== undefined, betterStops)}`,
    );
  if (passesAt !== null)
    said.push(
      `Too hot: slowdown ${passesAt} ends past ${windowC.high} °C, the hottest at ${Math.round(hottest)} °C. Stop before it, or let it cool between.`,
    );
  if (!rows && !suits.includes(compound))
    said.push(
      compound === 'track'
        ? 'Track pads need more heat than this: school B, then a full cool-down. A race compound goes by its maker.'
        : `${label.slice(0, 1)} is not usual for this compound: ${compound === 'street' ? 'A or C' : 'A or B'} is.`,
    );
  said.push(...otherAxle(input, { axles, windowC, countFor, betterStops }));
  if (stops.some((stop) => stop.toKmh === 0) && hottest > PRINTS_C)
    said.push(
      'The last stops end hot: off the pedal and away the moment it stands, a hot pad held still prints.',
    );
  if (rows) said.push('The pad maker’s own way; it comes before any school.');
  return said;
}

/** Over this a pad held still leaves its print, °C (common practice, no source). */
const PRINTS_C = 300;

/** What the axle does that `car` does not describe: too hot in any case, too cold where its faces are new as well. */
function otherAxle(
  input: BedInInput,
  {
    axles,
    windowC: { low, high },
    countFor,
    betterStops,
  }: Pick<BedInPlan, 'axles' | 'windowC' | 'countFor' | 'betterStops'>,
): string[] {
  const other: Axle = namedAxle(input) === 'front' ? 'rear' : 'front';
  if (axles[other].length === 0) return [];
  const hottest = Math.max(...axles[other]);
  const label = other === 'front' ? 'Front' : 'Rear';
  const both = input.axle === undefined || input.axle === 'both';
  if (hottest > high) return [`${label} axle too hot: ${Math.round(hottest)} °C, past ${high} °C.`];
  if (!both || hottest >= low) return [];
  const way =
    betterStops !== null && countFor === other
      ? `${betterStops} slowdowns would reach it.`
      : 'Its pads finish bedding in use, or are bedded in by themselves.';
  return [`${label} axle stays cold: ${Math.round(hottest)} °C, under ${low} °C. ${way}`];
}

function colder(school: BedInSchool, compound: string, own: boolean, betterStops: number | null): string {
  if (betterStops !== null) return `${betterStops} slowdowns would reach it.`;
  if (own) return 'From a higher speed, or with less cooling between.';
  return school === 'C' && compound !== 'street'
    ? 'Without the cool-downs (school B) it gets hotter.'
    : 'From a higher speed, where that can be done, or the pads finish bedding on track.';
}
