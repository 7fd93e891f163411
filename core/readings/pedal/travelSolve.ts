import type { Issue, Outcome } from '../../base/issues/issue';
import { type Fit, leastSquares } from '../../base/statistics/leastSquares';
import { studentQuantile } from '../../base/statistics/studentQuantile';
import { boreAreaMm2 } from '../../car/hydraulics/bore';
import { linePressureMPa } from '../../car/hydraulics/linePressure';
import type { Gap, Limit } from '../../car/limits/limit';
import { gasTaken } from './gas';
import type { TravelSolveInput } from './travelSchema';

/** How well a pedal's travel is read with a rule, mm, one standard deviation; it counts where nothing is left over (model). */
const RULE_MM = 0.5;
/** The bounds hold this share of cases. */
const SHARE = 0.8;
/** Bounds of a normal draw that hold it: where the spread is assumed and not estimated. */
const NORMAL_80 = 1.281551565545;

/** From this much on gas is felt, ml (model: a few millimetres of an ordinary pedal). */
const FELT_ML = 0.2;

export type TravelSolution = {
  gasMl: number;
  gasLowMl: number;
  gasHighMl: number;
  elasticMmPerMPa: number;
  offsetMm: number;
  /** What the curve says by its bounds: gas that is felt, flex alone, or nothing yet. */
  tells: 'gas' | 'flex' | 'not_yet';
  /** How alike gas and flex look to these points, −1 to 1: near −1 more of one is less of the other. */
  correlation: number;
  /** The pedal force at which one more point would narrow the gas the most, N. */
  bestNextForceN: number;
  limits: Limit[];
  defaults: string[];
  gaps: Gap[];
};

/**
 * Gas against flex by the shape of the pedal's curve: travel = offset + elastic·p + ratio/A·V0·p/(p0 + p), fitted by
 * least squares. Gas takes its travel early, hoses and calipers in proportion to force; so three points of different
 * force tell them apart. Gas is never below 0: where the curve asks for less, offset and slope are fitted without it.
 * @returns slope and offset at the pedal; gas in ml at atmospheric pressure with bounds that hold 80 % of cases
 */
export function travelSolve(input: TravelSolveInput): Outcome<TravelSolution> {
  const { master, pedal, points } = input;
  const pressures = points.map(
    ({ forceN, pressureMPa }) =>
      pressureMPa ?? linePressureMPa(forceN!, pedal.ratio, master.boreMm, pedal.efficiency),
  );
  const travels = points.map(({ travelMm }) => travelMm);
  const mmPerMl = (1000 * pedal.ratio) / boreAreaMm2(master.boreMm);
  const rowOf = (p: number) => [1, p, mmPerMl * gasTaken(p)];
  const fit = leastSquares(pressures.map(rowOf), travels);
  if (!fit) return { ok: false, issues: [tooAlike(points)] };
  const { gas, offsetMm, elasticMmPerMPa } = shareOut(fit, pressures, travels);
  const reach = halfWidth(fit, points.length);
  return {
    ok: true,
    value: {
      gasMl: Math.max(0, gas),
      gasLowMl: Math.max(0, gas - reach),
      gasHighMl: Math.max(0, gas + reach),
      tells: gas - reach > FELT_ML ? 'gas' : gas + reach < FELT_ML ? 'flex' : 'not_yet',
      elasticMmPerMPa,
      offsetMm,
      correlation: fit.spread[1]![2]! / Math.sqrt(fit.spread[1]![1]! * fit.spread[2]![2]!),
      bestNextForceN: bestNext(input, pressures, rowOf),
      limits: [],
      defaults: [
        ...(pedal.efficiency === undefined ? ['pedal.efficiency: 1'] : []),
        ...(points.length === 3 ? [`travel is read to ${RULE_MM} mm`] : []),
      ],
      gaps: offsetMm < 0 ? [BELOW_NO_PLAY] : [],
    },
  };
}

const BELOW_NO_PLAY: Gap = {
  path: 'points',
  why: 'the curve asks for less than no free play: read the lightest press again',
};

/** Gas, slope and offset of a fit; with less than no gas, slope and offset of one without any. */
function shareOut(fit: Fit, pressures: readonly number[], travels: readonly number[]) {
  const [offsetMm, elasticMmPerMPa, gas] = fit.coefficients as [number, number, number];
  if (gas >= 0) return { gas, offsetMm, elasticMmPerMPa };
  const without = leastSquares(
    pressures.map((p) => [1, p]),
    travels,
  )!;
  const [offset, elastic] = without.coefficients as [number, number];
  return { gas, offsetMm: offset, elasticMmPerMPa: elastic };
}

/** Half the width of the gas's bounds, ml: by what is left over, or by how well a rule is read where nothing is. */
function halfWidth({ spread, residual }: Fit, count: number): number {
  const dof = count - 3;
  const deviation = Math.sqrt(spread[2]![2]!);
  return dof === 0
    ? NORMAL_80 * RULE_MM * deviation
    : studentQuantile(SHARE, dof) * Math.sqrt(residual / dof) * deviation;
}

/** Of the forces a foot can hold, the one whose point would leave the gas the least open. */
function bestNext(
  { master, pedal }: TravelSolveInput,
  pressures: readonly number[],
  rowOf: (p: number) => number[],
): number {
  const forces = Array.from({ length: 30 }, (_, at) => 20 * (at + 1));
  const open = (forceN: number) => {
    const next = linePressureMPa(forceN, pedal.ratio, master.boreMm, pedal.efficiency);
    const rows = [...pressures, next].map(rowOf);
    // The travels do not matter for how well they would tell: any will do.
    const fit = leastSquares(
      rows,
      rows.map(() => 0),
    );
    return fit ? fit.spread[2]![2]! : Number.POSITIVE_INFINITY;
  };
  return forces.reduce((best, each) => (open(each) < open(best) ? each : best));
}

function tooAlike(points: TravelSolveInput['points']): Issue {
  return {
    code: 'refused',
    path: 'points',
    value: `${points.length} points`,
    accepted: 'points at 3 or more different forces: these cannot tell gas from flex',
  };
}
