import { brings, type CauseKnowledge, link } from './cause';

/** What can be wrong between the foot and the master. */
export const PEDAL: readonly CauseKnowledge[] = [
  {
    cause: 'pushrod_short',
    prior: 0.00033,
    at: 'car',
    links: [
      link('pedal_long', 'yes', 0.85, 'Travel is spent before the piston moves'),
      link('pedal_now', 'long', 0.7, 'It is there cold, at rest'),
      link('pedal_free_play', 'excess', 0.92, 'Measured at the pushrod'),
      link('master_fitted', 'yes', 0.5, 'The pushrod was not set after the change'),
      link('assist_removed', 'yes', 0.15, 'A new pushrod was made'),
    ],
  },
  {
    cause: 'firewall_flex',
    prior: 0.0004,
    at: 'car',
    links: [
      link('pedal_soft_end', 'yes', 0.75, 'The metal gives where the force is highest'),
      link('pedal_spongy', 'yes', 0.4, 'The mounting springs'),
      link('pedal_long', 'yes', 0.2, 'The master walks away from the foot'),
      link('master_movement', 'moves', 0.95, 'Seen while a helper presses'),
      link('pedal_now', 'soft', 0.35, 'It is there cold, in proportion to force'),
      link('after_full_bleed', 'still_soft', 0.7, 'New fluid does not stiffen metal'),
      link('assist_removed', 'yes', 0.2, 'The load moved to a panel not made for it'),
      link('brake_conversion', 'yes', 0.15, 'The load moved or grew'),
      link('usage', 'track', 0.45, 'Hard feet show it'),
    ],
  },
  {
    cause: 'pedal_ratio_low',
    prior: 0.0005,
    at: 'car',
    needs: { assist: ['none'] },
    links: [
      link('pedal_hard', 'yes', 0.95, 'The lever gives the foot too little advantage'),
      link('poor_stopping', 'yes', 0.65, 'The leg runs out before the tyre does'),
      link('pedal_ratio', 'low', 0.95, 'Measured, pivot to pad over pivot to clevis'),
      link('assist_removed', 'yes', 0.9, 'The booster went and the lever stayed'),
      link('pedal_now', 'hard', 0.85, 'It is there cold, at rest'),
      link('stop_effect', 'low_throughout', 0.5, 'The same foot gives less'),
      link('master_fitted', 'yes', 0.6, 'Taking the booster out always fits a master'),
      link('brake_conversion', 'yes', 0.4, 'It comes with a conversion'),
    ],
    brings: [brings('master_too_big', 0.06, 'A conversion that left the lever may have the wrong bore too')],
  },
  {
    cause: 'pedal_pivot_play',
    prior: 0.00033,
    at: 'car',
    links: [
      link('pedal_linkage', 'worn', 0.9, 'Felt by hand at the pivot and clevis'),
      link('pedal_long', 'yes', 0.5, 'Lost motion comes before the work'),
      link('pedal_free_play', 'excess', 0.2, 'Lost motion is measured as free play'),
      link('noise_rattle', 'yes', 0.2, 'A loose clevis knocks as braking starts'),
      link('pedal_soft_end', 'yes', 0.12, 'A cracked bracket gives under force'),
      link('pedal_linkage', 'cracked', 0.06, 'A cracked bracket, a clip gone'),
    ],
  },
  {
    cause: 'pedal_ratio_high',
    prior: 0.0002,
    at: 'car',
    links: [
      link('pedal_long', 'yes', 0.8, 'Much lever means much stroke'),
      link('pedal_to_floor', 'yes', 0.1, 'The stroke can run out'),
      link('pedal_ratio', 'high', 0.95, 'Measured, pivot to pad over pivot to clevis'),
      link('pedal_now', 'long', 0.7, 'It is there cold, at rest'),
      link('brake_conversion', 'yes', 0.4, 'It comes with a conversion'),
      link('after_full_bleed', 'still_soft', 0.4, 'There is no air to take out'),
    ],
  },
];
