import { type CauseKnowledge, link } from './cause';

/** What feels like a fault and is none. */
export const NORMAL: readonly CauseKnowledge[] = [
  {
    cause: 'abs_working',
    prior: 0.00067,
    at: 'car',
    links: [
      link('pedal_pulses', 'yes', 0.9, 'The valves are felt'),
      link('pulse_only_in_abs', 'yes', 0.95, 'Only while the tyre is at the limit'),
      link('vibration_braking', 'yes', 0.3, 'The valves are felt'),
      link('noise_rattle', 'yes', 0.2, 'The pump is heard'),
    ],
  },
];
