import { z } from 'zod';
import { within } from '../base/issues/range';
import { uuid } from '../base/issues/uuid';
import { CORNERS } from '../car/corner';
import { slowdownRowsSchema } from './bedin/schema';
import { OTHER_TOUCH_IDS } from './otherWork';

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
      reservoirMl: within(20, 1500, 'ml'),
      reservoir: z.enum(['draw_out', 'push_through']),
      strainer: z.enum(['lift_out', 'leave_in']),
      pressureKPa: within(20, 400, 'kPa'),
      bottleMl: within(100, 25000, 'ml'),
      catchMl: within(100, 5000, 'ml'),
      lot: uuid('the id of a lot'),
    })
    .partial()
    .optional(),
  bedIn: z
    .strictObject({
      school: z.enum(['A', 'B', 'C', 'maker']),
      rows: slowdownRowsSchema,
      stops: z.int().min(1, '1 to 30 is accepted').max(30, '1 to 30 is accepted'),
      axle: z.enum(['front', 'rear', 'both']),
      compound: z.enum(['street', 'fast_road', 'track']),
      ambientC: within(-40, 60, '°C'),
      accelMs2: within(0.3, 8, 'm/s²'),
      powerKW: within(10, 1500, 'kW'),
    })
    .partial()
    .optional(),
  springs: z
    .strictObject({
      forceN: within(0, 500, 'N'),
      mu: within(0.05, 1, ''),
      speedKmh: within(0, 400, 'km/h'),
      powerKW: within(10, 1500, 'kW'),
    })
    .partial()
    .optional(),
});

export const workCornersSchema = z.array(z.enum(CORNERS)).max(4, 'each of FL, FR, RL, RR once');

export type WorkOptions = z.infer<typeof workOptionsSchema>;
