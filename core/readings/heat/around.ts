import { axleOf, CORNERS, type Corner } from '../../car/corner';
import { LIMIT_SPECS } from '../../car/limits/catalogue';
import type { Gap, Limit } from '../../car/limits/limit';
import { exceeds, fallsShort } from '../../car/limits/limit';
import type { HeatInput } from './schema';

type Heat = { heat_spread?: string; rotor_peak?: string; caliper_peak?: string };

const OPPOSITE: Record<Corner, Corner> = { FL: 'FR', FR: 'FL', RL: 'RR', RR: 'RL' };

/**
 * Temperatures round the car: faces by infrared straight in from the lap, rotor peaks by paint, caliper peaks by strip.
 * A wheel is held against the other one of its axle, since front and rear are never alike.
 */
export function heatAround(input: HeatInput) {
  const own = input.limits ?? {};
  const value = (name: 'wheelSpreadK' | 'allHotC' | 'trackMarginK') => own[name] ?? LIMIT_SPECS[name].usual;
  const corners: Partial<Record<Corner, { overOtherK?: number; marginK?: number; states: Heat }>> = {};
  const gaps: Gap[] = [];
  for (const corner of CORNERS) {
    const read = input.corners[corner];
    if (!read) continue;
    const other = input.corners[OPPOSITE[corner]]?.faceC;
    const overOtherK = read.faceC === undefined || other === undefined ? undefined : read.faceC - other;
    const padLimit = input.padLimitC?.[axleOf(corner)];
    const marginK =
      read.caliperPeakC === undefined || input.fluidBoilingHereC === undefined
        ? undefined
        : input.fluidBoilingHereC - read.caliperPeakC;
    if (read.rotorPeakC !== undefined && padLimit === undefined)
      gaps.push({ path: 'padLimitC', why: `without the pad’s limit the peak at ${corner} says nothing` });
    if (read.caliperPeakC !== undefined && marginK === undefined)
      gaps.push({
        path: 'fluidBoilingHereC',
        why: `without the fluid’s boiling point the caliper’s peak at ${corner} says nothing`,
      });
    if (read.faceC !== undefined && other === undefined)
      gaps.push({ path: `corners.${OPPOSITE[corner]}.faceC`, why: `nothing to hold ${corner} against` });
    corners[corner] = {
      ...(overOtherK === undefined ? {} : { overOtherK }),
      ...(marginK === undefined ? {} : { marginK }),
      states: {
        ...(overOtherK === undefined
          ? {}
          : { heat_spread: spreadState(read.faceC!, overOtherK, value('wheelSpreadK'), value('allHotC')) }),
        ...(read.rotorPeakC === undefined || padLimit === undefined
          ? {}
          : { rotor_peak: exceeds(read.rotorPeakC, padLimit) ? 'over_pad_limit' : 'within' }),
        ...(marginK === undefined
          ? {}
          : { caliper_peak: fallsShort(marginK, value('trackMarginK')) ? 'over_fluid_limit' : 'within' }),
      },
    };
  }
  const limits: Limit[] = [
    ...(['wheelSpreadK', 'allHotC', 'trackMarginK'] as const).map((name) => ({
      name,
      value: value(name),
      from: own[name] === undefined ? ('model' as const) : ('shop' as const),
    })),
    ...(['front', 'rear'] as const).flatMap((axle) =>
      input.padLimitC?.[axle] === undefined
        ? []
        : [{ name: `padLimitC.${axle}`, value: input.padLimitC[axle], from: 'car' as const }],
    ),
  ];
  return { corners, limits, gaps };
}

function spreadState(faceC: number, overOtherK: number, spreadK: number, allHotC: number) {
  if (exceeds(overOtherK, spreadK)) return 'one_hot';
  // The cold one of an uneven pair is not hot because its partner is.
  return faceC >= allHotC && overOtherK > -spreadK ? 'all_hot' : 'even';
}
