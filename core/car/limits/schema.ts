import { z } from 'zod';
import { within } from '../../base/issues/range';
import { LIMIT_NAMES, LIMIT_SPECS, type LimitName } from './catalogue';

/** A limit as the catalogue takes it. */
export function limitSchema(name: LimitName): z.ZodNumber {
  const { low, high, unit } = LIMIT_SPECS[name];
  return within(low, high, unit);
}

/** Limits by name, none of which has to be there. */
export function limitsSchema<Name extends LimitName>(...names: readonly Name[]) {
  return z.strictObject(
    Object.fromEntries(names.map((name) => [name, limitSchema(name).optional()])) as Record<
      Name,
      z.ZodOptional<z.ZodNumber>
    >,
  );
}

/** The shop's own limits, in the unit of each; a bound may not cross the one it belongs to. */
export const shopLimitsSchema = limitsSchema(...LIMIT_NAMES).superRefine((limits, context) => {
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
