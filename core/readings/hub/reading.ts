import { defineReading } from '../definition';
import { ownLimit } from '../heldAgainst';
import { reindex } from './reindex';
import type { ReindexInput } from './reindexSchema';

export const hub = defineReading<ReindexInput, ReturnType<typeof reindex>>({
  kind: 'reindex',
  label: 'Hub face',
  at: 'corner',
  brake: 'disc',
  covers: ['hub_runout'],
  held: {
    fields: ['limitMm', 'hubLimitMm', 'limitsFrom'],
    own: (holder) => {
      const limitMm = ownLimit('runoutMm', holder, holder.axle?.runoutLimitMm);
      const hubLimitMm = ownLimit('hubLimitMm', holder, holder.axle?.hubLimitMm);
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
  figures: (input, said) => {
    const { hubMm, best, bestMm } = said ?? reindex(input);
    return [
      { value: hubMm, unit: 'mm', decimals: 3 },
      {
        before: `best ${best === 0 ? 'as it is' : `turned ${best}`}:`,
        value: bestMm,
        unit: 'mm',
        decimals: 3,
      },
    ];
  },
});
