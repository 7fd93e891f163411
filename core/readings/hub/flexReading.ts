import { defineReading } from '../definition';
import type { HubFlexInput } from './hubFlex';

export const flex = defineReading<HubFlexInput, unknown>({
  kind: 'hub-flex',
  label: 'Hub flex',
  at: 'corner',
  covers: ['hub_flex'],
  held: {
    fields: ['limitMm'],
    own: ({ shop }) => (shop.hubFlexMm === undefined ? {} : { limitMm: shop.hubFlexMm }),
  },
  traces: {
    hub_flex: {
      value: 'deflectionMm',
      unit: 'mm',
      decimals: 2,
      limits: ['hubFlexMm'],
      rule: 'rotor against caliper under a bar',
    },
  },
  figures: ({ deflectionMm }) => [{ value: deflectionMm, unit: 'mm', decimals: 2 }],
});
