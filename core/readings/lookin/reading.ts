import { defineReading } from '../definition';
import { ofTheShop } from '../heldAgainst';
import { padTrace } from '../pads/standing';
import type { LookInInput, lookIn as sum } from './lookIn';
import { isToGoAfter, LOOK_IDS, seenWords } from './looks';

export const lookIn = defineReading<LookInInput, ReturnType<typeof sum>>({
  kind: 'look-in',
  label: 'Look-in',
  at: 'corner',
  // It stands in for no check: a look of twenty seconds is not the check itself.
  covers: [],
  held: ofTheShop('trackPadMm'),
  traces: {
    pad_thickness: padTrace('low end of what could be seen of the pads, wheel off'),
    rotor_thickness: {
      value: 'rotorMm',
      unit: 'mm',
      decimals: 2,
      limits: ['rotorMinimumMm'],
      rule: 'where a micrometer got at it, against discard; the last quarter is near',
    },
  },
  figures: ({ innerMm, outerMm, rotorMm }) => [
    { before: 'inner', value: innerMm, unit: 'mm', decimals: 1 },
    { before: 'outer', value: outerMm, unit: 'mm', decimals: 1 },
    { before: 'rotor', value: rotorMm, unit: 'mm', decimals: 2 },
  ],
  seen: (input) =>
    LOOK_IDS.flatMap((look) => {
      const state = input[look];
      return state === undefined
        ? []
        : [{ words: seenWords(look, state), isSuspect: isToGoAfter(look, state) }];
    }),
});
