import { ownLimit } from '../../car/limits/own';
import { defineReading } from '../definition';
import type { reindex } from './reindex';
import type { ReindexInput } from './reindexSchema';

export const hub = defineReading<ReindexInput, ReturnType<typeof reindex>>({
  kind: 'reindex',
  label: 'Hub face',
  at: 'corner',
  brake: 'disc',
  covers: ['hub_runout'],
  held: {
    fields: ['limitMm', 'hubLimitMm', 'limitsFrom'],
    own: ({ axle, shop }) => {
      const limitMm = ownLimit('runoutMm', shop, axle?.runoutLimitMm);
      const hubLimitMm = ownLimit('hubLimitMm', shop, axle?.hubLimitMm);
      const set = Object.entries({ limitMm, hubLimitMm }).flatMap(([name, limit]) =>
        limit ? [{ name, ...limit }] : [],
      );
      if (set.length === 0) return {};
      return {
        ...Object.fromEntries(set.map(({ name, value }) => [name, value])),
        limitsFrom: Object.fromEntries(set.map(({ name, from }) => [name, from])),
      };
    },
  },
  traces: {
    hub_runout: {
      value: 'hubMm',
      unit: 'mm',
      decimals: 3,
      limits: ['hubLimitMm'],
      rule: 'dial round the hub face at its own radius',
    },
  },
  figures: (_, result) => [
    { value: result?.hubMm, unit: 'mm', decimals: 3 },
    {
      before: `best ${result?.best === 0 ? 'as it is' : `turned ${result?.best}`}:`,
      value: result?.bestMm,
      unit: 'mm',
      decimals: 3,
    },
  ],
});
