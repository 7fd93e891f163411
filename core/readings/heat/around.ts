import { definedOf } from '../../base/defined';
import { ACROSS, AXLES, axleOf, CORNERS, type Corner } from '../../car/corner';
import { LIMIT_SPECS } from '../../car/limits/catalogue';
import type { Gap, Limit } from '../../car/limits/limit';
import { exceeds, fallsShort } from '../../car/limits/limit';
import type { HeatInput } from './schema';

type Heat = { heat_spread?: string; rotor_peak?: string; caliper_peak?: string };

type Bounds = Record<'wheelSpreadK' | 'allHotC' | 'trackMarginK', number>;
type Read = NonNullable<HeatInput['corners'][Corner]>;
type Held = { overOtherK?: number; marginK?: number; states: Heat };

/**
 * Temperatures round the car: faces by infrared straight in from the lap, rotor peaks by paint, caliper peaks by strip.
 * A wheel is held against the other one of its axle, since front and rear are never alike.
 */
export function heatAround(input: HeatInput) {
  const own = input.limits ?? {};
  const value = (name: keyof Bounds) => own[name] ?? LIMIT_SPECS[name].usual;
  const bounds: Bounds = {
    wheelSpreadK: value('wheelSpreadK'),
    allHotC: value('allHotC'),
    trackMarginK: value('trackMarginK'),
  };
  const corners: Partial<Record<Corner, Held>> = {};
  const gaps: Gap[] = [];
  for (const corner of CORNERS) {
    const read = input.corners[corner];
    if (!read) continue;
    const against = againstOf(input, corner);
    corners[corner] = heldAgainst(read, against, bounds);
    gaps.push(...gapsAt(corner, read, against));
  }
  const limits: Limit[] = [
    ...(Object.keys(bounds) as (keyof Bounds)[]).map((name) => ({
      name,
      value: bounds[name],
      from: own[name] === undefined ? ('model' as const) : ('shop' as const),
    })),
    ...AXLES.flatMap((axle) =>
      input.padLimitC?.[axle] === undefined
        ? []
        : [{ name: `padLimitC.${axle}`, value: input.padLimitC[axle], from: 'car' as const }],
    ),
  ];
  return { corners, limits, gaps };
}

/** What a corner is held against: the face of the other wheel, its pad's limit, where its fluid boils; °C. */
type Against = { faceC?: number; padLimitC?: number; boilingC?: number };

function againstOf({ corners, padLimitC, fluidBoilingHereC }: HeatInput, corner: Corner): Against {
  return {
    faceC: corners[ACROSS[corner]]?.faceC,
    padLimitC: padLimitC?.[axleOf(corner)],
    boilingC: fluidBoilingHereC,
  };
}

function heldAgainst({ faceC, rotorPeakC, caliperPeakC }: Read, against: Against, bounds: Bounds): Held {
  const overOtherK = difference(faceC, against.faceC);
  const marginK = difference(against.boilingC, caliperPeakC);
  const states: Heat = {};
  if (overOtherK !== undefined) states.heat_spread = spreadState(faceC!, overOtherK, bounds);
  if (rotorPeakC !== undefined && against.padLimitC !== undefined)
    states.rotor_peak = exceeds(rotorPeakC, against.padLimitC) ? 'over_pad_limit' : 'within';
  if (marginK !== undefined)
    states.caliper_peak = fallsShort(marginK, bounds.trackMarginK) ? 'over_fluid_limit' : 'within';
  return { ...definedOf({ overOtherK, marginK }), states };
}

/** What was read at a corner and says nothing, because what it is held against is missing. */
function gapsAt(corner: Corner, { faceC, rotorPeakC, caliperPeakC }: Read, against: Against): Gap[] {
  const gaps: Gap[] = [];
  if (rotorPeakC !== undefined && against.padLimitC === undefined)
    gaps.push({ path: 'padLimitC', why: `without the pad’s limit the peak at ${corner} says nothing` });
  if (caliperPeakC !== undefined && against.boilingC === undefined)
    gaps.push({
      path: 'fluidBoilingHereC',
      why: `without the fluid’s boiling point the caliper’s peak at ${corner} says nothing`,
    });
  if (faceC !== undefined && against.faceC === undefined)
    gaps.push({ path: `corners.${ACROSS[corner]}.faceC`, why: `nothing to hold ${corner} against` });
  return gaps;
}

function difference(left: number | undefined, right: number | undefined): number | undefined {
  return left === undefined || right === undefined ? undefined : left - right;
}

function spreadState(faceC: number, overOtherK: number, { wheelSpreadK, allHotC }: Bounds) {
  if (exceeds(overOtherK, wheelSpreadK)) return 'one_hot';
  // The cold one of an uneven pair is not hot because its partner is.
  return faceC >= allHotC && overOtherK > -wheelSpreadK ? 'all_hot' : 'even';
}
