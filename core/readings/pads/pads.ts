import { definedOf } from '../../base/defined';
import { type Axle, axleOf, CORNERS, type Corner } from '../../car/corner';
import { usualLimits } from '../../car/limits/catalogue';
import type { Limit } from '../../car/limits/limit';
import { exceeds } from '../../car/limits/limit';
import type { Pad, PadsInput } from './schema';
import { type PadHeld, padStanding, replacePadMm } from './standing';

/** From what difference wear is called uneven, and the least pad for the track. */
const USUAL = usualLimits('trackPadMm', 'innerOuterMm', 'taperAlongMm', 'taperRadialMm', 'sidesMm');

type PadLimits = typeof USUAL;

export type PadShape = 'even' | 'inner_thin' | 'outer_thin' | 'taper_along' | 'taper_radial';

export type CornerPads = {
  lowestMm: number;
  meanMm: number;
  innerMinusOuterMm: number;
  /** Signed, leading − trailing, of the pad with the larger. */
  taperAlongMm: number;
  /** Signed, outer − inner edge, of the pad with the larger; only when edges were measured. */
  taperRadialMm?: number;
  /** The two pads taper in opposite directions: the caliper sits cocked. */
  opposedTaper: boolean;
  /** What the shape says for this kind of caliper. */
  says: string;
  states: { pad_thickness: 'ok' | 'low' | 'worn_out'; pad_wear_shape: PadShape };
};

/** Pads of up to four corners: how much is left, and what their shapes say. */
export function readPads(input: PadsInput) {
  const use = input.use ?? 'track';
  const own = input.limits ?? {};
  const uneven: PadLimits = { ...USUAL, ...definedOf(own) };
  const held: PadHeld = {
    newMm: input.newMm,
    minimumMm: input.minimumMm,
    use,
    trackPadMm: uneven.trackPadMm,
  };
  const replaceMm = replacePadMm(held);
  const corners: Partial<Record<Corner, CornerPads>> = {};
  for (const corner of CORNERS) {
    const pads = input.corners[corner];
    if (pads)
      corners[corner] = cornerPads(pads.inner, pads.outer, held, input.caliper[axleOf(corner)], uneven);
  }
  const axles: Partial<
    Record<Axle, { leftMinusRightMm: number; states: { pad_wear_sides: 'even' | 'differ' } }>
  > = {};
  for (const [axle, left, right] of [
    ['front', corners.FL, corners.FR],
    ['rear', corners.RL, corners.RR],
  ] as const) {
    if (!left || !right) continue;
    const leftMinusRightMm = left.meanMm - right.meanMm;
    axles[axle] = {
      leftMinusRightMm,
      states: { pad_wear_sides: exceeds(Math.abs(leftMinusRightMm), uneven.sidesMm) ? 'differ' : 'even' },
    };
  }
  const from = (name: keyof PadLimits): Limit['from'] => (own[name] === undefined ? 'model' : 'shop');
  const limits: Limit[] = [
    { name: 'minimumMm', value: input.minimumMm, from: 'car' },
    { name: 'replaceMm', value: replaceMm, from: own.trackPadMm === undefined ? 'practice' : 'shop' },
    ...(['innerOuterMm', 'taperAlongMm', 'taperRadialMm', 'sidesMm'] as const).map((name) => ({
      name,
      value: uneven[name],
      from: from(name),
    })),
  ];
  return { corners, axles, limits, defaults: input.use === undefined ? ['use: track'] : [], gaps: [] };
}

function cornerPads(
  inner: Pad,
  outer: Pad,
  held: PadHeld,
  caliper: 'opposed' | 'sliding' | undefined,
  uneven: PadLimits,
): CornerPads {
  const readings = [inner, outer].flatMap((pad) =>
    Object.values(pad).filter((value): value is number => value !== undefined),
  );
  const lowestMm = Math.min(...readings);
  const meanOf = (pad: Pad) => (pad.leading + pad.trailing) / 2;
  const innerMinusOuterMm = meanOf(inner) - meanOf(outer);
  const along = [inner.leading - inner.trailing, outer.leading - outer.trailing] as const;
  const radial = [inner, outer].flatMap((pad) =>
    pad.outerEdge === undefined || pad.innerEdge === undefined ? [] : [pad.outerEdge - pad.innerEdge],
  );
  const taperAlongMm = larger(along);
  const taperRadialMm = radial.length === 0 ? undefined : larger(radial);
  const shape = shapeOf(innerMinusOuterMm, taperAlongMm, taperRadialMm, uneven);
  const opposedTaper = along[0] * along[1] < 0 && exceeds(Math.abs(along[0] - along[1]), uneven.taperAlongMm);
  return {
    lowestMm,
    meanMm: (meanOf(inner) + meanOf(outer)) / 2,
    innerMinusOuterMm,
    taperAlongMm,
    ...(taperRadialMm === undefined ? {} : { taperRadialMm }),
    opposedTaper,
    says: meaningOf(shape, opposedTaper, caliper),
    states: {
      pad_thickness: padStanding(lowestMm, held).state,
      pad_wear_shape: shape,
    },
  };
}

function larger(values: readonly number[]): number {
  return values.reduce((left, right) => (Math.abs(right) > Math.abs(left) ? right : left));
}

/** The shape that is furthest over its own limit, as a multiple of it. */
function shapeOf(
  innerMinusOuter: number,
  along: number,
  radial: number | undefined,
  uneven: PadLimits,
): PadShape {
  const over: [PadShape, number][] = [
    [innerMinusOuter < 0 ? 'inner_thin' : 'outer_thin', Math.abs(innerMinusOuter) / uneven.innerOuterMm],
    ['taper_along', Math.abs(along) / uneven.taperAlongMm],
    ['taper_radial', Math.abs(radial ?? 0) / uneven.taperRadialMm],
  ];
  const [shape, share] = over.reduce((left, right) => (right[1] > left[1] ? right : left));
  return exceeds(share, 1) ? shape : 'even';
}

/** Common practice, no source. */
function meaningOf(
  shape: PadShape,
  opposedTaper: boolean,
  caliper: 'opposed' | 'sliding' | undefined,
): string {
  if (opposedTaper) return 'The two pads taper opposite ways: the caliper sits cocked.';
  switch (shape) {
    case 'inner_thin':
      return caliper === 'opposed'
        ? 'The outer pistons are stuck: the inner ones do the work.'
        : 'Slides stuck, or the piston does not come back.';
    case 'outer_thin':
      return caliper === 'opposed'
        ? 'The inner pistons are stuck: the outer ones do the work.'
        : 'The caliper does not slide back.';
    case 'taper_along':
      return 'Some drag taper is normal with pistons of one size; watch whether it grows.';
    case 'taper_radial':
      return 'The caliper spreads, or the rotor is coned.';
    case 'even':
      return 'Worn evenly.';
  }
}
