import { defineReading } from '../definition';
import { ofTheShop } from '../heldAgainst';
import type { LookInInput, lookIn as sum } from './lookIn';
import { LOOK_IDS, LOOKS, lookWords } from './looks';

export const lookIn = defineReading<LookInInput, ReturnType<typeof sum>>({
  kind: 'look-in',
  label: 'Look-in',
  at: 'corner',
  // It stands in for no check: a look of twenty seconds is not the check itself.
  covers: [],
  held: ofTheShop('trackPadMm'),
  traces: {
    pad_thickness: {
      value: 'lowestMm',
      unit: 'mm',
      decimals: 1,
      limits: ['replaceMm', 'minimumMm'],
      rule: 'low end of what could be seen of the pads, wheel off',
    },
  },
  figures: ({ innerMm, outerMm }) => [
    { before: 'inner', value: innerMm, unit: 'mm', decimals: 1 },
    { before: 'outer', value: outerMm, unit: 'mm', decimals: 1 },
  ],
  seen: (input) =>
    LOOK_IDS.flatMap((look) => {
      const state = input[look];
      return state === undefined
        ? []
        : [`${LOOKS[look].label.toLowerCase()} ${lookWords(look, state).toLowerCase()}`];
    }),
});
