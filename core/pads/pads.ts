import { z } from 'zod';
import { type Axle, axleOf, CORNERS, type Corner } from '../car/corner';
import type { Limit } from '../fluid/reading';
import { within } from '../issues/range';

const thickness = within(0, 60, 'mm');
const padSchema = z.strictObject({
  leading: thickness,
  trailing: thickness,
  outerEdge: thickness.optional(),
  innerEdge: thickness.optional(),
});
const cornerSchema = z.strictObject({ inner: padSchema, outer: padSchema });
const caliperSchema = z.enum(['opposed', 'sliding']);

/** More than new by this much is another pad or another figure, mm. */
const OVER_NEW_MM = 0.2;

export const padsSchema = z
  .strictObject({
    caliper: z.strictObject({ front: caliperSchema.optional(), rear: caliperSchema.optional() }),
    newMm: within(2, 60, 'mm'),
    minimumMm: within(0.1, 40, 'mm'),
    use: z.enum(['track', 'road']).optional(),
    corners: z.strictObject({
      FL: cornerSchema.optional(),
      FR: cornerSchema.optional(),
      RL: cornerSchema.optional(),
      RR: cornerSchema.optional(),
    }),
  })
  .refine((input) => input.minimumMm < input.newMm, { path: ['minimumMm'], message: 'less than newMm' })
  .refine((input) => CORNERS.some((corner) => input.corners[corner]), {
    path: ['corners'],
    message: 'at least one corner',
  })
  .superRefine((input, context) => {
    for (const corner of CORNERS) {
      for (const side of ['inner', 'outer'] as const) {
        for (const [place, value] of Object.entries(input.corners[corner]?.[side] ?? {})) {
          if (value === undefined || value <= input.newMm + OVER_NEW_MM) continue;
          context.addIssue({
            code: 'custom',
            path: ['corners', corner, side, place],
            input: value,
            message: `not above new (${input.newMm} mm) by more than ${OVER_NEW_MM} mm; new pads?`,
          });
        }
      }
    }
  });

type PadsInput = z.infer<typeof padsSchema>;
type Pad = z.infer<typeof padSchema>;

/** From what difference wear is called uneven, mm (modelling choices). */
const UNEVEN = { innerOuter: 1.5, along: 1.5, radial: 1, sides: 2 } as const;

/** Replace for track at half of new or this, whichever is more; for the road at the minimum and this much, mm (practice). */
const TRACK_LEAST_MM = 5;
const ROAD_OVER_MINIMUM_MM = 1;

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
  const replaceMm =
    use === 'track' ? Math.max(input.newMm / 2, TRACK_LEAST_MM) : input.minimumMm + ROAD_OVER_MINIMUM_MM;
  const corners: Partial<Record<Corner, CornerPads>> = {};
  for (const corner of CORNERS) {
    const pads = input.corners[corner];
    if (pads)
      corners[corner] = cornerPads(
        pads.inner,
        pads.outer,
        replaceMm,
        input.minimumMm,
        input.caliper[axleOf(corner)],
      );
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
      states: { pad_wear_sides: Math.abs(leftMinusRightMm) > UNEVEN.sides ? 'differ' : 'even' },
    };
  }
  const limits: Limit[] = [
    { name: 'minimumMm', value: input.minimumMm, from: 'car' },
    { name: 'replaceMm', value: replaceMm, from: 'practice' },
    { name: 'innerOuterMm', value: UNEVEN.innerOuter, from: 'model' },
    { name: 'taperAlongMm', value: UNEVEN.along, from: 'model' },
    { name: 'taperRadialMm', value: UNEVEN.radial, from: 'model' },
    { name: 'sidesMm', value: UNEVEN.sides, from: 'model' },
  ];
  return { corners, axles, limits, defaults: input.use === undefined ? ['use: track'] : [], gaps: [] };
}

function cornerPads(
  inner: Pad,
  outer: Pad,
  replaceMm: number,
  minimumMm: number,
  caliper: 'opposed' | 'sliding' | undefined,
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
  const shape = shapeOf(innerMinusOuterMm, taperAlongMm, taperRadialMm);
  const opposedTaper = along[0] * along[1] < 0 && Math.abs(along[0] - along[1]) > UNEVEN.along;
  return {
    lowestMm,
    meanMm: (meanOf(inner) + meanOf(outer)) / 2,
    innerMinusOuterMm,
    taperAlongMm,
    ...(taperRadialMm === undefined ? {} : { taperRadialMm }),
    opposedTaper,
    says: meaningOf(shape, opposedTaper, caliper),
    states: {
      pad_thickness: lowestMm <= minimumMm ? 'worn_out' : lowestMm < replaceMm ? 'low' : 'ok',
      pad_wear_shape: shape,
    },
  };
}

function larger(values: readonly number[]): number {
  return values.reduce((left, right) => (Math.abs(right) > Math.abs(left) ? right : left));
}

/** The shape that is furthest over its own limit, as a multiple of it. */
function shapeOf(innerMinusOuter: number, along: number, radial: number | undefined): PadShape {
  const over: [PadShape, number][] = [
    [innerMinusOuter < 0 ? 'inner_thin' : 'outer_thin', Math.abs(innerMinusOuter) / UNEVEN.innerOuter],
    ['taper_along', Math.abs(along) / UNEVEN.along],
    ['taper_radial', Math.abs(radial ?? 0) / UNEVEN.radial],
  ];
  const [shape, share] = over.reduce((left, right) => (right[1] > left[1] ? right : left));
  return share > 1 + 1e-12 ? shape : 'even';
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
