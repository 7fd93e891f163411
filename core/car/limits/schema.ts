import { z } from 'zod';
import { within } from '../../base/issues/range';
import { LIMIT_NAMES, LIMIT_SPECS, type LimitName } from './catalogue';

const one = (name: LimitName) => {
  const { low, high, unit } = LIMIT_SPECS[name];
  return within(low, high, unit).optional();
};

/** The shop's own limits, in the unit of each; a bound may not cross the one it belongs to. */
export const shopLimitsSchema = z
  .strictObject(
    Object.fromEntries(LIMIT_NAMES.map((name) => [name, one(name)])) as Record<
      LimitName,
      z.ZodOptional<z.ZodNumber>
    >,
  )
  .superRefine((limits, context) => {
    for (const [low, high] of [
      ['dryBelowPct', 'wetFromPct'],
      ['boilingLowBelowC', 'boilingOkFromC'],
      ['freePlayLeastMm', 'freePlayMostMm'],
    ] as const) {
      const least = limits[low] ?? LIMIT_SPECS[low].usual;
      const most = limits[high] ?? LIMIT_SPECS[high].usual;
      if (least < most) continue;
      const field = limits[low] === undefined ? high : low;
      context.addIssue({
        code: 'custom',
        path: [field],
        input: limits[field],
        message:
          field === low
            ? `below “${LIMIT_SPECS[high].label}” (${most})`
            : `above “${LIMIT_SPECS[low].label}” (${least})`,
      });
    }
  });
