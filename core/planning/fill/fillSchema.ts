import { z } from 'zod';
import { day } from '../../base/issues/moment';
import { within, words } from '../../base/issues/range';
import { uuid } from '../../base/issues/uuid';
import { FLUID_CLASS_IDS } from '../../car/fluidClasses';
import { odometer } from '../../car/odometerSchema';
import { FLUID_RANGES } from '../../readings/fluid/ranges';

/** Both boiling points of a product, or neither: half a pair draws no curve. */
export const pairFields = {
  dryC: within(...FLUID_RANGES.dryC, '°C').nullable(),
  wetC: within(...FLUID_RANGES.wetC, '°C').nullable(),
};

/** Whether a pair is whole, and its wet point below its dry one. */
export function isPair({ dryC, wetC }: { dryC: number | null; wetC: number | null }): boolean {
  return dryC === null || wetC === null ? dryC === wetC : wetC < dryC;
}

export const PAIR_WORDS = 'both points of the product, wet below dry, or neither';

/** What is told of a fill wherever it was done. */
export const fillFields = {
  filledOn: day(),
  product: words(120).min(1, 'what was filled in'),
  batch: words(60),
  fluidClass: z.enum(FLUID_CLASS_IDS),
  ...pairFields,
  colour: words(40),
  odometerKm: odometer(),
};

/** A fill of a car with fluid. */
export const fillSchema = z
  .strictObject({
    ...fillFields,
    lotId: uuid('the id of a lot').nullable(),
    lotOpenedOn: day().nullable(),
  })
  .refine(isPair, { path: ['wetC'], message: PAIR_WORDS });
