import type { Limit } from '../../car/limits/limit';
import { slowdownJ, USUAL_ROTOR_SHARE, USUAL_SPECIFIC_HEAT } from '../../readings/heat/stops';
import type { BedInInput } from './schema';
import { BED_IN_SCHOOLS, BED_WINDOWS, type BedInSchool, type SlowdownRow } from './schools';

export type Slowdown = { fromKmh: number; toKmh: number; coolS: number };

export type BedInPlan = {
  stops: Slowdown[];
  /** Rotor temperature at the end of each slowdown, °C. */
  predictedC: number[];
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

/**
 * A bed-in for this car: the slowdowns of a school (or the pad maker's own rows), and the rotor temperature after each
 * against the compound's window. Heat as in `heatStops`: each slowdown lifts the rotor at once, cooling acts between.
 */
export function bedInPlan(input: BedInInput): BedInPlan {
  const stops = stopsOf(input);
  const predictedC = temperatures(stops, input);
  const usual = BED_WINDOWS[input.compound];
  const windowC = input.windowC ?? { low: usual.lowC, high: usual.highC };
  const first = (inside: (c: number) => boolean) => {
    const at = predictedC.findIndex(inside);
    return at < 0 ? null : at + 1;
  };
  const reachesAt = first((c) => c >= windowC.low);
  const passesAt = first((c) => c > windowC.high);
  const betterStops = input.rows || input.stops ? null : betterCount(input, windowC);
  return {
    stops,
    predictedC,
    windowC,
    reachesAt,
    passesAt,
    betterStops,
    warnings: warningsFor(input, { stops, predictedC, windowC, passesAt, betterStops }),
    limits: [
      { name: 'bedLowC', value: windowC.low, from: input.windowC ? 'car' : 'model' },
      { name: 'bedHighC', value: windowC.high, from: input.windowC ? 'car' : 'model' },
    ],
    defaults: [
      ...(input.car.rotorShare === undefined ? [`car.rotorShare: ${USUAL_ROTOR_SHARE}`] : []),
      ...(input.car.specificHeat === undefined ? [`car.specificHeat: ${USUAL_SPECIFIC_HEAT}`] : []),
      ...(input.car.hAWPerK === undefined ? [`car.hAWPerK: m·c/${USUAL_TAU_S} s`] : []),
    ],
  };
}

function stopsOf(input: BedInInput): Slowdown[] {
  if (input.rows) return spread(input.rows);
  return spread(schoolRows(input.school, input.stops));
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

function spread(rows: readonly SlowdownRow[]): Slowdown[] {
  return rows.flatMap(({ count, ...stop }) => Array.from({ length: count }, () => ({ ...stop })));
}

function temperatures(stops: readonly Slowdown[], { car, ambientC }: BedInInput): number[] {
  const capacity = car.rotorMassKg * (car.specificHeat ?? USUAL_SPECIFIC_HEAT);
  const share = (car.axleShare * (car.rotorShare ?? USUAL_ROTOR_SHARE)) / 2;
  const tauS = car.hAWPerK === undefined ? USUAL_TAU_S : capacity / car.hAWPerK;
  let now = ambientC;
  return stops.map(({ fromKmh, toKmh, coolS }) => {
    const peak = now + (slowdownJ(car.massKg, fromKmh, toKmh) * share) / capacity;
    now = ambientC + (peak - ambientC) * Math.exp(-coolS / tauS);
    return peak;
  });
}

/** The count nearest the school's own whose hottest slowdown lies inside the window, when its own does not. */
function betterCount(input: BedInInput, windowC: { low: number; high: number }): number | null {
  const { range } = BED_IN_SCHOOLS[input.school];
  const hottest = (count: number) =>
    Math.max(...temperatures(spread(schoolRows(input.school, count)), input));
  const inside = (count: number) => hottest(count) >= windowC.low && hottest(count) <= windowC.high;
  const own = spread(BED_IN_SCHOOLS[input.school].rows).length;
  if (inside(own)) return null;
  const counts = Array.from({ length: range[1] - range[0] + 1 }, (_, index) => range[0] + index);
  const nearest = counts.filter(inside).sort((a, b) => Math.abs(a - own) - Math.abs(b - own));
  return nearest[0] ?? null;
}

function warningsFor(
  { school, compound, rows }: BedInInput,
  {
    stops,
    predictedC,
    windowC,
    passesAt,
    betterStops,
  }: Omit<BedInPlan, 'reachesAt' | 'warnings' | 'limits' | 'defaults'>,
): string[] {
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
  if (stops.some((stop) => stop.toKmh === 0) && hottest > 300)
    said.push('A hot pad held still prints: creep rather than stand at the end of the last stops.');
  if (rows) said.push('The pad maker’s own way; it comes before any school.');
  return said;
}

function colder(school: BedInSchool, compound: string, own: boolean, betterStops: number | null): string {
  if (betterStops !== null) return `${betterStops} slowdowns would reach it.`;
  if (own) return 'From a higher speed, or with less cooling between.';
  return school === 'C' && compound !== 'street'
    ? 'Without the cool-downs (school B) it gets hotter.'
    : 'From a higher speed, where that can be done, or the pads finish bedding on track.';
}
