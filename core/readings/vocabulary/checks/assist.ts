import type { FindingEntry } from '../entry';

/** The assist. */
export const ASSIST_CHECKS = [
  {
    id: 'assist_start',
    stage: 'check',
    where: 'cabin',
    fits: { assist: ['vacuum', 'hydraulic'] },
    label: 'Start the engine with the pedal held lightly',
    states: ['drops', 'no_change'],
    words: { drops: 'Drops', no_change: 'No change' },
    minutes: 2,
    how: 'Engine off, pump until hard, hold lightly, start the engine. The pedal should drop a little as assist arrives.',
  },
  {
    id: 'assist_vacuum',
    stage: 'check',
    where: 'engine_bay',
    fits: { assist: ['vacuum'] },
    label: 'Vacuum at the booster',
    states: ['ok', 'low'],
    minutes: 8,
    needs: 'vacuum gauge',
    how: 'Tee the gauge in at the booster, engine idling: about 0.6 bar below the air outside. Then off: it must hold for a minute behind the check valve.',
  },
  {
    id: 'assist_fluid',
    stage: 'check',
    where: 'engine_bay',
    fits: { assist: ['hydraulic'] },
    label: 'Hydraulic assist fluid',
    states: ['ok', 'low'],
    minutes: 1,
    how: 'Look at the assist reservoir against its own mark.',
  },
] as const satisfies readonly FindingEntry[];
