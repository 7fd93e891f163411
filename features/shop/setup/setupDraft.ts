import { parseMeasure } from '@/core/base/units/parse';
import { LIMIT_NAMES, type ShopLimits } from '@/core/car/limits/catalogue';
import type { ShopRow } from '@/server/shop/queries';
import { sentNumber } from '../../shell/typedNumber';
import type { Units } from '../../shell/units';
import { type LimitTexts, limitsOf, limitTexts } from './limitTexts';

/** The shop's settings as they are typed. */
export type SetupDraft = Record<Exclude<keyof ShopRow, 'version' | 'isDemo' | 'limits'>, string> & {
  limits: LimitTexts;
};

/** An empty field for each limit. */
const NO_LIMITS: LimitTexts = Object.fromEntries(LIMIT_NAMES.map((name) => [name, '']));

/** The settings as the form shows them. @param units of the limits */
export function setupDraft(
  { version: _, isDemo: __, limits, ...settings }: ShopRow,
  units: Units,
): SetupDraft {
  const texts = Object.fromEntries(Object.entries(settings).map(([field, value]) => [field, String(value)]));
  return { ...(texts as Omit<SetupDraft, 'limits'>), limits: { ...NO_LIMITS, ...limitTexts(limits, units) } };
}

/**
 * What was typed as the server takes it. What is no figure goes as it is, to be refused by name.
 * @param stood the limits as they stood
 */
export function setupContent(draft: SetupDraft, stood: ShopLimits, units: Units): Record<string, unknown> {
  return {
    ...draft,
    limits: limitsOf(draft.limits, stood, units),
    altitudeM: parseMeasure(draft.altitudeM, 'm') ?? draft.altitudeM,
    bleedPressureKPa: parseMeasure(draft.bleedPressureKPa, 'kPa') ?? draft.bleedPressureKPa,
    bottleMl: parseMeasure(draft.bottleMl, 'ml') ?? draft.bottleMl,
    catchMl: parseMeasure(draft.catchMl, 'ml') ?? draft.catchMl,
    learnStrength: sentNumber(draft.learnStrength) ?? '',
    signedInHours: Number(draft.signedInHours),
  };
}
