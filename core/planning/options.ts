import { z } from 'zod';
import { whole, within } from '../base/issues/range';
import { uuid } from '../base/issues/uuid';
import { CORNERS } from '../car/corner';
import { SHOP_RANGES } from '../car/shopRanges';
import { slowdownRowsSchema } from './bedin/schema';
import { OTHER_TOUCH_IDS } from './otherWork';
import { PLAN_RANGES } from './ranges';

/** What is chosen for one job over the shop's own ways. */
export const workOptionsSchema = z.strictObject({
  /** What work named by hand touches. */
  touches: z.array(z.enum(OTHER_TOUCH_IDS)).min(1, 'what the work touches').optional(),
  bleed: z
    .strictObject({
      method: z.enum(['pressure', 'two_person', 'vacuum', 'gravity', 'reverse']),
      order: z.enum(['furthest_first', 'nearest_first', 'diagonal']),
      twoBleeders: z.enum(['outer_inner_outer', 'outer_inner', 'inner_outer']),
      pot: z.enum(['fluid', 'dry']),
      reservoirMl: within(...PLAN_RANGES.reservoirMl, 'ml'),
      reservoir: z.enum(['draw_out', 'push_through']),
      strainer: z.enum(['lift_out', 'leave_in']),
      pressureKPa: within(...PLAN_RANGES.pressureKPa, 'kPa'),
      bottleMl: within(...SHOP_RANGES.bottleMl, 'ml'),
      catchMl: within(...SHOP_RANGES.catchMl, 'ml'),
      lot: uuid('the id of a lot'),
    })
    .partial()
    .optional(),
  bedIn: z
    .strictObject({
      school: z.enum(['A', 'B', 'C', 'maker']),
      rows: slowdownRowsSchema,
      stops: whole(...PLAN_RANGES.stops),
      axle: z.enum(['front', 'rear', 'both']),
      compound: z.enum(['street', 'fast_road', 'track']),
      ambientC: within(...PLAN_RANGES.ambientC, '°C'),
      accelMs2: within(...PLAN_RANGES.accelMs2, 'm/s²'),
      powerKW: within(...PLAN_RANGES.powerKW, 'kW'),
    })
    .partial()
    .optional(),
  springs: z
    .strictObject({
      forceN: within(...PLAN_RANGES.springForceN, 'N'),
      mu: within(...PLAN_RANGES.mu, ''),
      speedKmh: within(...PLAN_RANGES.speedKmh, 'km/h'),
      powerKW: within(...PLAN_RANGES.powerKW, 'kW'),
    })
    .partial()
    .optional(),
});

export const workCornersSchema = z.array(z.enum(CORNERS)).max(4, 'each of FL, FR, RL, RR once');

export type WorkOptions = z.infer<typeof workOptionsSchema>;
