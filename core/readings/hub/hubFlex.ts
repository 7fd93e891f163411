import { z } from 'zod';
import type { Limit } from '../fluid/reading';
import { within } from '../issues/range';
import { LIMIT_SPECS } from '../limits/catalogue';

export const hubFlexSchema = z.strictObject({
  deflectionMm: within(0, 20, 'mm'),
  limitMm: within(0.02, 2, 'mm').optional(),
});

/** How far the rotor moves against the caliper when somebody leans on the wheel; that gap opens in every corner. */
export function hubFlex({ deflectionMm, limitMm }: z.infer<typeof hubFlexSchema>) {
  const limit = limitMm ?? LIMIT_SPECS.hubFlexMm.usual;
  const limits: Limit[] = [
    { name: 'hubFlexMm', value: limit, from: limitMm === undefined ? 'practice' : 'shop' },
  ];
  return { states: { hub_flex: deflectionMm > limit ? 'moves' : 'stiff' } as const, limits, gaps: [] };
}
