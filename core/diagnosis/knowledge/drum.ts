import { type CauseKnowledge, link } from './cause';

/** What can be wrong with a drum axle. */
export const DRUM: readonly CauseKnowledge[] = [
  {
    cause: 'drum_slack',
    prior: 0.002,
    at: 'corner',
    needs: { brake: 'drum' },
    links: [
      link('pedal_long', 'yes', 0.88, 'The shoes travel far before they touch'),
      link('pedal_pump', 'rises', 0.88, 'The second press finds the shoes out'),
      link('pedal_now', 'long', 0.75, 'It is there cold, at rest'),
      link('drum_adjustment', 'slack', 0.95, 'Measured at the shoe'),
      link('first_press_long', 'yes', 0.3, 'The next press finds the shoes out'),
      link('after_full_bleed', 'still_soft', 0.3, 'There is no air to take out'),
      link('axle_locks_early', 'front', 0.12, 'The rear comes in late'),
    ],
  },
  {
    cause: 'drum_glazed',
    prior: 0.001,
    at: 'corner',
    needs: { brake: 'drum' },
    links: [
      link('drum_surface', 'glazed', 0.93, 'Hard and shiny by eye'),
      link('pedal_hard', 'yes', 0.5, 'The driver presses harder for the same stop'),
      link('poor_stopping', 'yes', 0.5, 'A hard lining grips little'),
      link('axle_locks_early', 'front', 0.3, 'The rear does little'),
      link('noise_squeal', 'yes', 0.35, 'A hard lining sings'),
    ],
  },
  {
    cause: 'drum_oval',
    prior: 0.00067,
    at: 'corner',
    needs: { brake: 'drum' },
    links: [
      link('drum_surface', 'oval', 0.93, 'Measured across'),
      link('pedal_pulses', 'yes', 0.75, 'The drum pushes the shoes'),
      link('vibration_braking', 'yes', 0.6, 'The drum pushes the shoes'),
      link('judder_order', 'second_or_more', 0.5, 'An oval beats twice a turn'),
      link('judder_order', 'first', 0.25, 'Or once'),
    ],
  },
  {
    cause: 'wheel_cylinder_seized',
    prior: 0.001,
    at: 'corner',
    needs: { brake: 'drum' },
    links: [
      link('wheel_cylinder', 'stiff', 0.92, 'By hand'),
      link('pedal_hard', 'yes', 0.4, 'The cylinder does not move'),
      link('wheel_drags', 'one', 0.5, 'The shoe does not come back'),
      link('pulls', 'yes', 0.4, 'One side does less'),
      link('poor_stopping', 'yes', 0.25, 'One drum does nothing'),
      link('stood_long', 'yes', 0.4, 'Cylinders rust while a car stands'),
      link('heat_spread', 'one_hot', 0.35, 'The shoe that stays on runs hot'),
    ],
  },
];
