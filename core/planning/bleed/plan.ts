import { axleOf, CORNERS, type Corner } from '../../car/corner';
import { boreAreaMm2 } from '../../car/hydraulics/bore';
import type { Limit } from '../../car/limits/limit';
import type { BleedInput, BleedMethod } from './schema';
import {
  HALF_STROKE_MM,
  POT_DEAD_ML,
  USUAL_CATCH_ML,
  USUAL_CEILING_KPA,
  USUAL_PRESSURE_KPA,
  USUAL_RESERVOIR_ML,
} from './usual';

export type BleedRow = { corner: Corner; bleeder: 'single' | 'outer' | 'inner'; ml: number };

export type BleedPlan = {
  order: BleedRow[];
  /** Line length used for each corner, m. */
  linesM: Record<Corner, number>;
  /** Working pressure above the air, kPa; null for a method without. */
  pressureKPa: number | null;
  ceilingKPa: number;
  /** Where the new fluid waits: in a pressure pot, or in the reservoir alone, which then has to be filled up on the way. */
  supply: 'pot' | 'reservoir';
  /**
   * Where the reservoir is filled up, so that no bleeder runs it dry: at a row of `order` followed by `secondPass`, after
   * so much of that row (0: before it is opened). None while a pot feeds it, or fluid comes from below.
   */
  topUps: { row: number; afterMl: number }[];
  /** For two people: half strokes of the pedal for each of those rows; empty without the master's bore. */
  strokes: number[];
  /** How long the closed, dry system must hold pressure before fluid goes into the pot, s; null without pressure. */
  leakHoldS: number | null;
  cycleModulator: boolean;
  /** The short second round once the modulator was cycled, at every bleeder; empty without. */
  secondPass: BleedRow[];
  topUpMl: number;
  catchMl: number;
  /** Rows of `order` followed by `secondPass` before which the catch bottle has to be emptied, by index. */
  emptyCatchBefore: number[];
  /** All fluid the job takes: both rounds and the top-up. */
  totalMl: number;
  bottles: number;
  warnings: string[];
  limits: Limit[];
};

/** Line volume of 3.4 mm bore, ml/m: π/4·3.4². */
const LINE_ML_PER_M = 9.08;

/**
 * Volumes that flush a corner, ml: round figures of our own, from what a line holds and a caliper takes, so that four
 * simple corners come to about 0.7 l and two-bleeder calipers to about a litre (common practice, no source).
 */
const FLUSH = { perLine: 2.5, caliper: 70, reservoir: 80, second: 60, again: 30, topUp: 100 };

/** Line lengths of an ordinary car, m, by nearness to the master, when nobody has measured them (model). */
const USUAL_LINES = { nearFront: 1, farFront: 1.8, nearRear: 4, farRear: 4.6 } as const;

const LEAK_HOLD_S = 150;

/** It is emptied before it is quite full: it hangs over the technician. */
const CATCH_SHARE = 0.85;

/** The order, volumes and pressures for flushing and bleeding this car. */
export function bleedPlan(input: BleedInput): BleedPlan {
  const linesM = linesOf(input);
  const wanted = input.corners ?? CORNERS;
  const corners = cornerOrder(input, linesM).filter((corner) => wanted.includes(corner));
  const order = corners.flatMap((corner, index) => rowsFor(corner, index === 0, input, linesM));
  const hasPressure = input.method === 'pressure';
  const catchMl = input.catchMl ?? USUAL_CATCH_ML;
  const cycleModulator = input.stabilityControl && (input.opened || input.softAfterBleed === true);
  const secondPass = cycleModulator ? corners.flatMap((corner) => onceMore(corner, input)) : [];
  const rows = [...order, ...secondPass];
  const supply = hasPressure && input.pot !== 'dry' ? 'pot' : 'reservoir';
  const totalMl = rows.reduce((sum, row) => sum + row.ml, FLUSH.topUp);
  return {
    order,
    linesM,
    pressureKPa: hasPressure ? (input.pressureKPa ?? USUAL_PRESSURE_KPA) : null,
    ceilingKPa: input.ceilingKPa ?? USUAL_CEILING_KPA,
    supply,
    topUps:
      supply === 'pot' || input.method === 'reverse'
        ? []
        : topUps(rows, input.reservoirMl ?? USUAL_RESERVOIR_ML),
    strokes: strokesOf(input, rows),
    leakHoldS: hasPressure ? LEAK_HOLD_S : null,
    cycleModulator,
    secondPass,
    topUpMl: FLUSH.topUp,
    catchMl,
    emptyCatchBefore: emptyCatchBefore(rows, catchMl),
    totalMl,
    bottles: Math.ceil(totalMl / input.bottleMl),
    warnings: warningsFor(input, { cycleModulator, supply, totalMl }),
    limits: [
      {
        name: 'ceilingKPa',
        value: input.ceilingKPa ?? USUAL_CEILING_KPA,
        from: input.ceilingKPa === undefined ? 'practice' : 'car',
      },
    ],
  };
}

/** What is drawn at a corner once the modulator was cycled. */
function onceMore(corner: Corner, { bleeders }: BleedInput): BleedRow[] {
  const names = bleeders[axleOf(corner)] === 1 ? (['single'] as const) : (['outer', 'inner'] as const);
  return names.map((bleeder) => ({ corner, bleeder, ml: FLUSH.again }));
}

function linesOf({ lines, masterSide }: BleedInput): Record<Corner, number> {
  if (lines) return lines;
  const { nearFront, farFront, nearRear, farRear } = USUAL_LINES;
  return masterSide === 'right'
    ? { FR: nearFront, FL: farFront, RR: nearRear, RL: farRear }
    : { FL: nearFront, FR: farFront, RL: nearRear, RR: farRear };
}

function cornerOrder(
  { makerOrder, school = 'furthest_first' }: BleedInput,
  linesM: Record<Corner, number>,
): Corner[] {
  if (makerOrder) return makerOrder;
  const furthest = [...CORNERS].sort((left, right) => linesM[right] - linesM[left]);
  if (school === 'furthest_first') return furthest;
  if (school === 'nearest_first') return furthest.reverse();
  const [first, second] = furthest as [Corner, Corner];
  const partner = furthest.find((corner) => axleOf(corner) === axleOf(first) && corner !== first) ?? second;
  return [first, across(first), partner, across(partner)];
}

/** The corner diagonally opposite. */
function across(corner: Corner): Corner {
  return ({ FL: 'RR', FR: 'RL', RL: 'FR', RR: 'FL' } as const)[corner];
}

function rowsFor(
  corner: Corner,
  first: boolean,
  input: BleedInput,
  linesM: Record<Corner, number>,
): BleedRow[] {
  const main = Math.round(
    FLUSH.caliper + FLUSH.perLine * LINE_ML_PER_M * linesM[corner] + (first ? FLUSH.reservoir : 0),
  );
  const row = (bleeder: BleedRow['bleeder'], usual: number): BleedRow => ({
    corner,
    bleeder,
    ml: learnedMl(input.clearAtMl?.[`${corner} ${bleeder}`]) ?? Math.round(usual * (input.share ?? 1)),
  });
  if (input.bleeders[axleOf(corner)] === 1) return [row('single', main)];
  if (input.twoBleeders === 'inner_outer') return [row('inner', main), row('outer', FLUSH.second)];
  const both = [row('outer', main), row('inner', FLUSH.second)];
  return input.twoBleeders === 'outer_inner'
    ? both
    : [...both, { corner, bleeder: 'outer', ml: FLUSH.again }];
}

/** What a bleeder is given that ran clear after so much last time: a little more, in tens. */
function learnedMl(clearAtMl: number | undefined): number | undefined {
  return clearAtMl === undefined ? undefined : Math.ceil((clearAtMl + FLUSH.again) / 10) * 10;
}

/** Where a reservoir that gives so much between its marks has to be filled up: before a row it would not last, and within one. */
function topUps(rows: readonly BleedRow[], usableMl: number): BleedPlan['topUps'] {
  let left = usableMl;
  return rows.flatMap(({ ml }, row) => {
    const stops: BleedPlan['topUps'] = [];
    if (ml > left && left < usableMl) {
      stops.push({ row, afterMl: 0 });
      left = usableMl;
    }
    let drawn = 0;
    while (ml - drawn > left) {
      drawn += left;
      stops.push({ row, afterMl: drawn });
      left = usableMl;
    }
    left -= ml - drawn;
    return stops;
  });
}

/** Half strokes of the pedal that move each row's fluid: an old master is never stroked to its end. */
function strokesOf({ method, masterBoreMm }: BleedInput, rows: readonly BleedRow[]): number[] {
  if (method !== 'two_person' || masterBoreMm === undefined) return [];
  const strokeMl = (boreAreaMm2(masterBoreMm) * HALF_STROKE_MM) / 1000;
  return rows.map(({ ml }) => Math.ceil(ml / strokeMl));
}

/** Before which rows the catch bottle would run over if it were not emptied. */
function emptyCatchBefore(rows: readonly BleedRow[], catchMl: number): number[] {
  const full = catchMl * CATCH_SHARE;
  let inIt = 0;
  return rows.flatMap((row, index) => {
    const over = inIt > 0 && inIt + row.ml > full;
    inIt = over ? row.ml : inIt + row.ml;
    return over ? [index] : [];
  });
}

const METHOD_WARNINGS: Record<BleedMethod, string[]> = {
  pressure: ['Release the pressure slowly before any cap is opened.'],
  two_person: [
    'Never let the pedal up with a bleeder open: it draws air straight back in.',
    'Do not stroke an old master to its end: the worn bore cuts the seals.',
  ],
  vacuum: [
    'Air drawn past the bleeder thread looks like air from the caliper: grease the thread, believe the pedal.',
  ],
  gravity: ['Slow: watch the level all the while.'],
  reverse: ['Draw the reservoir down first: it fills from below, and old debris comes up with it.'],
};

function warningsFor(
  input: BleedInput,
  { cycleModulator, supply, totalMl }: Pick<BleedPlan, 'cycleModulator' | 'supply' | 'totalMl'>,
): string[] {
  const { makerOrder, school, lines, masterSide } = input;
  const bottles = Math.ceil(totalMl / input.bottleMl) * input.bottleMl;
  return [
    ...METHOD_WARNINGS[input.method],
    ...(supply === 'pot' && totalMl + POT_DEAD_ML > bottles
      ? [
          `A pot keeps about ${POT_DEAD_ML} ml under its outlet: one bottle more, or the last corner runs short.`,
        ]
      : []),
    ...(input.clearAtMl && Object.keys(input.clearAtMl).length > 0
      ? ['Volumes are those at which this car ran clear last time, and a little more.']
      : []),
    ...(makerOrder && school ? ['The maker’s order was used; it comes before any school.'] : []),
    ...(!makerOrder && !lines
      ? [`No line lengths on file: the order follows the master’s side (${masterSide}).`]
      : []),
    ...(makerOrder && !lines && !masterSide
      ? ['No line lengths on file: volumes are those of an ordinary car.']
      : []),
    ...(cycleModulator
      ? ['Air may have reached the modulator: cycle its valves with a scan tool, then bleed again.']
      : []),
    ...(input.stabilityControl
      ? [
          'Some cars with stability control must be put in a service mode for any bleed: the maker’s word first.',
        ]
      : []),
  ];
}
