import type { z } from 'zod';
import { within } from '../base/issues/range';
import { ODOMETER_RANGE } from './odometer';

/** What an odometer shows, km; null where nobody read it. */
export function odometer(): z.ZodNullable<z.ZodNumber> {
  return within(...ODOMETER_RANGE, 'km').nullable();
}
