import { type CauseKnowledge, link } from './cause';

/** What can be wrong at a corner beside the brake itself. */
export const CORNER: readonly CauseKnowledge[] = [
  {
    cause: 'wheel_bearing_play',
    prior: 0.00083,
    at: 'corner',
    links: [
      link('bearing_play', 'excess', 0.95, 'Measured at the rim'),
      link('first_press_long', 'yes', 0.75, 'The hub tips and knocks the pads back'),
      link('after_cornering', 'yes', 0.75, 'It tips under side load'),
      link('travel_after_corner', 'longer', 0.7, 'The log shows it'),
      link('pedal_long', 'yes', 0.25, 'The pads stand off'),
      link('rotor_runout', 'high', 0.3, 'The rotor follows the hub'),
      link('noise_rattle', 'yes', 0.2, 'Felt and heard at the wheel'),
      link('vibration_coasting', 'yes', 0.2, 'The wheel shakes by itself'),
      link('hub_work', 'yes', 0.25, 'Preload was set wrong'),
      link('usage', 'track', 0.4, 'Side load kills bearings'),
    ],
  },
  {
    cause: 'hub_upright_flex',
    prior: 0.0004,
    at: 'corner',
    links: [
      link('hub_flex', 'moves', 0.93, 'Measured with a bar'),
      link('first_press_long', 'yes', 0.75, 'The bend knocks the pads back'),
      link('after_cornering', 'yes', 0.82, 'It bends under side load only'),
      link('travel_after_corner', 'longer', 0.7, 'The log shows it'),
      link('usage', 'track', 0.7, 'Grip bends it'),
      link('pedal_long', 'yes', 0.2, 'The pads stand off'),
    ],
  },
  {
    cause: 'suspension_play',
    prior: 0.0005,
    at: 'corner',
    links: [
      link('suspension_joints', 'play', 0.95, 'By bar'),
      link('vibration_braking', 'yes', 0.45, 'The wheel shakes under load'),
      link('pulls', 'yes', 0.4, 'It steers itself'),
      link('noise_rattle', 'yes', 0.55, 'It knocks as braking starts'),
      link('judder_order', 'not_wheel', 0.45, 'Its own frequency, not the wheel’s'),
      link('vibration_coasting', 'yes', 0.2, 'It shakes without braking too'),
    ],
  },
  {
    cause: 'wheel_fault',
    prior: 0.00083,
    at: 'corner',
    links: [
      link('vibration_coasting', 'yes', 0.88, 'It is there without the brake'),
      link('vibration_braking', 'yes', 0.5, 'Braking loads it'),
      link('wheel_mounting', 'fault', 0.93, 'Balance, face, nuts, flat spots looked at'),
      link('judder_order', 'first', 0.6, 'Once a turn'),
      link('rotor_runout', 'high', 0.1, 'Uneven nuts pull the rotor crooked'),
    ],
  },
  {
    cause: 'debris_in_brake',
    prior: 0.0004,
    at: 'corner',
    links: [
      link('noise_grind', 'yes', 0.9, 'Stone against metal'),
      link('off_track', 'yes', 0.85, 'That is where stones come from'),
      link('rotor_surface', 'grooves', 0.35, 'A stone cuts a groove'),
      link('noise_rattle', 'yes', 0.2, 'It rolls in the shield'),
    ],
  },
];
