import { boreAreaMm2 } from '../../car/hydraulics/bore';
import { LIMIT_SPECS } from '../../car/limits/catalogue';
import { exceeds, fallsShort, type Gap, type Limit } from '../../car/limits/limit';
import type { FirmnessInput } from './firmnessSchema';
import { travelSolve } from './travelSolve';

type Point = { forceN: number; travelMm: number };

/** When a pedal is soft, long, or rises by pumping; the shop's own replace them. */
const USUAL = {
  softShare: LIMIT_SPECS.softPct.usual / 100,
  longMm: LIMIT_SPECS.longMm.usual,
  pumpMm: LIMIT_SPECS.pumpMm.usual,
};

/**
 * The pedal's firmness in figures, from forces and travels of the first press, the third, and this car's good baseline.
 * Stiffness is the least-squares slope of force over travel through the points of at least half the highest force; the
 * rise by pumping is what the third press needs less at the highest force both have; the reserve is what is left to the
 * floor there. `pedal_now` is only told against a baseline.
 */
export function firmness(input: FirmnessInput) {
  const first = press(input.points, 1);
  const third = press(input.points, 3);
  const highest = first.at(-1)!;
  const stiffnessNPerMm = stiffness(first);
  const shared = third.length === 0 ? undefined : sharedForce(first, third);
  const riseByPumpingMm =
    shared === undefined ? undefined : travelAt(first, shared)! - travelAt(third, shared)!;
  const reserveMm = input.toFloorMm === undefined ? undefined : input.toFloorMm - highest.travelMm;
  const against = input.baseline && compared(first, press(input.baseline.points, 1));
  const solved =
    first.length < 3 ? undefined : travelSolve({ master: input.master, pedal: input.pedal, points: first });
  const bounds = { ...USUAL, ...input.limits };
  return {
    ...(stiffnessNPerMm === undefined ? {} : { stiffnessNPerMm }),
    ...(riseByPumpingMm === undefined ? {} : { riseByPumpingMm }),
    ...(reserveMm === undefined ? {} : { reserveMm }),
    sweptMl: (boreAreaMm2(input.master.boreMm) * highest.travelMm) / input.pedal.ratio / 1000,
    ...(solved?.ok
      ? { gasMl: solved.value.gasMl, low: solved.value.gasLowMl, high: solved.value.gasHighMl }
      : {}),
    ...(against ? { against, ...against } : {}),
    states: {
      ...(against ? { pedal_now: pedalNow(against, bounds) } : {}),
      ...(riseByPumpingMm === undefined
        ? {}
        : { pedal_pump: exceeds(riseByPumpingMm, bounds.pumpMm) ? 'rises' : 'same' }),
    },
    limits: limitsOf(input, bounds),
    defaults: input.pedal.efficiency === undefined && solved ? ['pedal.efficiency: 1'] : [],
    gaps: gapsOf(input, { first, stiffnessNPerMm, shared, third }),
  };
}

/** The points of one press, by force. */
function press(points: FirmnessInput['points'], number: number): Point[] {
  return points
    .filter((point) => (point.press ?? 1) === number)
    .map(({ forceN, travelMm }) => ({ forceN, travelMm }))
    .sort((left, right) => left.forceN - right.forceN);
}

/** Slope of force over travel, N/mm, through the upper half of the forces; undefined where the pedal did not move there. */
function stiffness(points: readonly Point[]): number | undefined {
  const upper = points.filter(({ forceN }) => forceN >= points.at(-1)!.forceN / 2);
  const used = upper.length >= 2 ? upper : points;
  const mean = (of: (point: Point) => number) => used.reduce((sum, each) => sum + of(each), 0) / used.length;
  const [travel, force] = [mean((each) => each.travelMm), mean((each) => each.forceN)];
  const across = used.reduce((sum, each) => sum + (each.travelMm - travel) ** 2, 0);
  if (across === 0) return undefined;
  return used.reduce((sum, each) => sum + (each.travelMm - travel) * (each.forceN - force), 0) / across;
}

/** The highest force that two presses both reach; undefined where their forces do not meet. */
function sharedForce(left: readonly Point[], right: readonly Point[]): number | undefined {
  const top = Math.min(left.at(-1)!.forceN, right.at(-1)!.forceN);
  return top < Math.max(left[0]!.forceN, right[0]!.forceN) ? undefined : top;
}

/** Travel at a force, by straight lines between points. */
function travelAt(points: readonly Point[], forceN: number): number | undefined {
  const after = points.findIndex((point) => point.forceN >= forceN);
  if (after < 0) return undefined;
  const to = points[after]!;
  const from = points[after - 1];
  if (!from || to.forceN === forceN) return to.forceN === forceN ? to.travelMm : undefined;
  return from.travelMm + ((forceN - from.forceN) / (to.forceN - from.forceN)) * (to.travelMm - from.travelMm);
}

/** Against the car's good pedal: how stiff in shares of it, and how much more travel at the highest force both have. */
function compared(now: readonly Point[], good: readonly Point[]) {
  const [stiff, was] = [stiffness(now), stiffness(good)];
  const shared = sharedForce(now, good);
  return {
    ...(stiff === undefined || was === undefined ? {} : { stiffnessRatio: stiff / was }),
    ...(shared === undefined ? {} : { travelMoreMm: travelAt(now, shared)! - travelAt(good, shared)! }),
  };
}

function pedalNow(
  { stiffnessRatio, travelMoreMm }: ReturnType<typeof compared>,
  { softShare, longMm }: { softShare: number; longMm: number },
): 'soft' | 'long' | 'firm' | undefined {
  if (stiffnessRatio !== undefined && fallsShort(stiffnessRatio, softShare)) return 'soft';
  if (travelMoreMm !== undefined && exceeds(travelMoreMm, longMm)) return 'long';
  return stiffnessRatio === undefined || travelMoreMm === undefined ? undefined : 'firm';
}

function limitsOf(input: FirmnessInput, bounds: Record<keyof typeof USUAL, number>): Limit[] {
  return (Object.keys(USUAL) as (keyof typeof USUAL)[]).map((name) => ({
    name,
    value: bounds[name],
    from: input.limits?.[name] === undefined ? 'model' : 'shop',
  }));
}

function gapsOf(
  input: FirmnessInput,
  found: { first: Point[]; third: Point[]; stiffnessNPerMm?: number; shared?: number },
): Gap[] {
  const gap = (path: string, missing: boolean, why: string): Gap[] => (missing ? [{ path, why }] : []);
  return [
    ...gap('baseline', !input.baseline, 'soft, long and firm are told against this car’s own good pedal'),
    ...gap('points', found.third.length === 0, 'without the third press nothing is known of pumping'),
    ...gap(
      'points',
      found.third.length > 0 && found.shared === undefined,
      'the first and the third press have no force in common',
    ),
    ...gap('points', found.first.length < 3, 'three points of the first press would tell gas from flex'),
    ...gap('points', found.stiffnessNPerMm === undefined, 'the pedal did not move between its upper points'),
    ...gap(
      'toFloorMm',
      input.toFloorMm === undefined,
      'without the distance to the floor there is no reserve',
    ),
  ];
}
