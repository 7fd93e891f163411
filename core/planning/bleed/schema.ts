import { z } from 'zod';
import { within } from '../../base/issues/range';
import { CORNERS } from '../../car/corner';
import { figureSchema } from '../../car/figureSchema';
import { AXLE_FIGURES, CAR_FIGURES } from '../../car/figures';
import { SHOP_RANGES } from '../../car/shopRanges';
import { PEDAL_RANGES } from '../../readings/pedal/ranges';
import { PLAN_RANGES } from '../ranges';
import { USUAL_CEILING_KPA } from './usual';

const line = figureSchema(AXLE_FIGURES.lineLeftM);
const BLEEDERS = ['single', 'outer', 'inner'] as const;

/** Millimetres of mercury have no place here: pressures are kPa above the air around. */
export const bleedInputSchema = z
  .strictObject({
    school: z.enum(['furthest_first', 'nearest_first', 'diagonal']).optional(),
    makerOrder: z
      .array(z.enum(CORNERS))
      .length(4, 'each of FL, FR, RL, RR once')
      .refine((order) => new Set(order).size === 4, 'each of FL, FR, RL, RR once')
      .optional(),
    lines: z.strictObject({ FL: line, FR: line, RL: line, RR: line }).optional(),
    masterSide: z.enum(['left', 'right']).optional(),
    bleeders: z.strictObject({
      front: z.int().min(1, '1 or 2').max(2, '1 or 2'),
      rear: z.int().min(1, '1 or 2').max(2, '1 or 2'),
    }),
    twoBleeders: z.enum(['outer_inner_outer', 'outer_inner', 'inner_outer']).optional(),
    /** Only these corners, when only they were opened; all four otherwise. */
    corners: z.array(z.enum(CORNERS)).min(1, 'at least one corner').optional(),
    /** Under pressure: the new fluid in the pot, or a dry pot that only supplies air. */
    pot: z.enum(['fluid', 'dry']).optional(),
    /** What the reservoir gives between its two marks. */
    reservoirMl: within(...PLAN_RANGES.reservoirMl, 'ml').optional(),
    /** For two people: what one press of the pedal moves. */
    masterBoreMm: within(...PEDAL_RANGES.boreMm, 'mm').optional(),
    /** What the catch bottle holds. */
    catchMl: within(...SHOP_RANGES.catchMl, 'ml').optional(),
    /** What each bleeder of this car took to run clear last time, as `FL single`. */
    clearAtMl: z
      .partialRecord(
        z.enum(CORNERS.flatMap((corner) => BLEEDERS.map((bleeder) => `${corner} ${bleeder}` as const))),
        within(5, 2000, 'ml'),
      )
      .optional(),
    /** Of the usual volumes: less where new fluid is in the lines already, more where they are dry or mixed. */
    share: within(0.3, 3, '').optional(),
    opened: z.boolean(),
    softAfterBleed: z.boolean().optional(),
    stabilityControl: z.boolean(),
    method: z.enum(['pressure', 'two_person', 'vacuum', 'gravity', 'reverse']),
    bottleMl: within(...SHOP_RANGES.bottleMl, 'ml'),
    pressureKPa: within(...PLAN_RANGES.pressureKPa, 'kPa').optional(),
    ceilingKPa: figureSchema(CAR_FIGURES.bleedCeilingKPa).optional(),
  })
  .refine(
    (input) => input.lines !== undefined || input.masterSide !== undefined || input.makerOrder !== undefined,
    {
      path: ['lines'],
      message:
        'line lengths, masterSide (left or right) or makerOrder is needed to know which corner is furthest',
    },
  )
  .refine(
    (input) =>
      input.pressureKPa === undefined || input.pressureKPa <= (input.ceilingKPa ?? USUAL_CEILING_KPA),
    {
      path: ['pressureKPa'],
      message: `not above ceilingKPa (${USUAL_CEILING_KPA} unless the car says otherwise)`,
    },
  );

export type BleedInput = z.infer<typeof bleedInputSchema>;
export type BleedMethod = BleedInput['method'];
