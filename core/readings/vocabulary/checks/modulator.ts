import type { FindingEntry } from '../entry';

/** What the electronics know. */
export const MODULATOR_CHECKS = [
  {
    id: 'fault_codes',
    stage: 'check',
    where: 'cabin',
    fits: { abs: true },
    label: 'Fault codes of the ABS unit',
    states: ['none', 'modulator', 'wheel_sensor'],
    words: { none: 'None', modulator: 'The unit', wheel_sensor: 'A wheel sensor' },
    after: {
      any: [
        ['warning_light', 'brake', 'abs'],
        ['pulse_only_in_abs', 'yes'],
        ['pedal_pulses', 'yes'],
      ],
    },
    minutes: 5,
    needs: 'scan tool',
    how: 'Ignition on, scan tool in. Write the codes down before clearing them.',
  },
] as const satisfies readonly FindingEntry[];
