import type { LimitSource } from './catalogue';

type AnySource = LimitSource | 'standard';

/** Where a limit came from, as it stands beside the number. */
export const SOURCE_WORDS: Record<AnySource, string> = {
  car: 'this car',
  shop: 'the shop’s own',
  practice: 'common practice',
  standard: 'published standard',
  model: 'our model',
};
