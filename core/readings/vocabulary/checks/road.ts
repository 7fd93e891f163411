import type { FindingEntry } from '../entry';

/** What only a drive can tell. */
export const ROAD_CHECKS = [
  {
    id: 'judder_order',
    stage: 'check',
    where: 'road',
    label: 'Judder order',
    ask: 'beats per wheel turn',
    states: ['none', 'first', 'second_or_more', 'not_wheel'],
    nominal: true,
    words: {
      none: 'No judder',
      first: 'Once a turn',
      second_or_more: 'Twice or more',
      not_wheel: 'Not the wheel',
    },
    after: {
      any: [
        ['vibration_braking', 'yes'],
        ['pedal_pulses', 'yes'],
      ],
      folds: true,
    },
    minutes: 10,
    from: 'judder',
    how: 'On an empty, legal stretch, somebody looking behind. Count beats against wheel turns at a steady speed; a log or a phone’s sensor counts better than a hand.',
    leak: { first: 0.0005, second_or_more: 0.0005, not_wheel: 0.0005 },
  },
  {
    id: 'pulse_only_in_abs',
    stage: 'check',
    where: 'road',
    fits: { abs: true },
    label: 'Pulsing only when ABS acts',
    states: ['no', 'yes'],
    after: {
      any: [
        ['vibration_braking', 'yes'],
        ['pedal_pulses', 'yes'],
      ],
    },
    minutes: 5,
    how: 'On an empty, legal stretch with loose ground: brake hard until the unit acts, then just short of it.',
  },
  {
    id: 'stop_effect',
    stage: 'check',
    where: 'road',
    label: 'Deceleration for the same pedal pressure',
    states: ['steady', 'falls_with_heat', 'low_throughout', 'rises_with_heat'],
    nominal: true,
    words: {
      steady: 'Steady',
      falls_with_heat: 'Falls with heat',
      low_throughout: 'Low throughout',
      rises_with_heat: 'Comes in with heat',
    },
    after: {
      any: [
        ['poor_stopping', 'yes'],
        ['temperature_link', 'only_hot', 'only_cold'],
        ['pedal_hard', 'yes'],
        ['axle_locks_early', 'front', 'rear'],
      ],
    },
    minutes: 10,
    from: 'log',
    how: 'On an empty, legal stretch or the circuit: same pedal pressure, stop after stop, from the log.',
    leak: { falls_with_heat: 0.002, low_throughout: 0.001, rises_with_heat: 0.002 },
  },
  {
    id: 'travel_after_corner',
    stage: 'check',
    where: 'road',
    label: 'First-press travel after loaded corners',
    states: ['same', 'longer'],
    after: {
      any: [
        ['first_press_long', 'yes'],
        ['pedal_long', 'yes'],
        ['pedal_to_floor', 'yes'],
        ['bearing_play', 'excess'],
      ],
    },
    minutes: 10,
    from: 'log',
    how: 'First-press travel after loaded corners against the straight, from the log.',
    leak: { longer: 0.0005 },
  },
] as const satisfies readonly FindingEntry[];
