import { z } from 'zod';
import { within } from '../../base/issues/range';
import { LIMIT_SPECS } from '../../car/limits/catalogue';
import type { Limit } from '../../car/limits/limit';
import { exceeds } from '../../car/limits/limit';
import { limitSchema } from '../../car/limits/schema';
import { HUB_RANGES } from './ranges';

export const hubFlexSchema = z.strictObject({
  deflectionMm: within(...HUB_RANGES.deflectionMm, 'mm'),
  limitMm: limitSchema('hubFlexMm').optional(),
});

export type HubFlexInput = z.infer<typeof hubFlexSchema>;

/** How far the rotor moves against the caliper when somebody leans on the wheel; that gap opens in every corner. */
export function hubFlex({ deflectionMm, limitMm }: HubFlexInput) {
  const limit = limitMm ?? LIMIT_SPECS.hubFlexMm.usual;
  const limits: Limit[] = [
    { name: 'hubFlexMm', value: limit, from: limitMm === undefined ? 'practice' : 'shop' },
  ];
  return {
    states: { hub_flex: exceeds(deflectionMm, limit) ? 'moves' : 'stiff' } as const,
    limits,
    gaps: [],
  };
}
