import type { Voices } from './voice';

/** A pulse that is the ABS, brakes that grab, a hiss at the pedal, and what was seen beside them. */
export const PULSES_AND_GRABS: Voices = {
  'the ABS, as it is felt': [
    ['ABS comes in at walking pace for no reason', 'pedal_pulses yes; pulse_when for_nothing'],
    ['abs triggers just before standstill', 'pedal_pulses yes; pulse_when for_nothing'],
    ['the anti lock cuts in on gentle braking', 'pedal_pulses yes; pulse_when for_nothing'],
    ['pedal pulses only in emergency stops', 'pedal_pulses yes; pulse_when at_limit'],
    ['kicks back through the pedal only on wet roads', 'pedal_pulses yes; pulse_when at_limit'],
    [
      'since the wheel bearing was changed the abs chatters at low speed',
      'hub_work yes; pedal_pulses yes; pulse_when for_nothing',
    ],
    ['abs light comes on at low speed', 'warning_light abs'],
  ],
  'grabs, hisses, wanders, and what was seen': [
    ['it brakes unevenly', 'pulls yes'],
    ['pulls, sometimes left, sometimes right', 'pulls yes; pull_side changes'],
    ['pedal is fine in the pits but long on track', 'pedal_long yes; usage track'],
    ['discs have a lip on the edge and blue spots', 'rotor_colour blued'],
    ['brake balance keeps moving rearward', 'axle_locks_early rear'],
    ['the bias creeps forward lap by lap', 'axle_locks_early front; usage track'],
    ['I can pump it up but it bleeds down again at the lights', 'first_press_long yes; pedal_sinks yes'],
    ['hissing sound when I press the pedal', 'noise_hiss yes'],
    ['no hiss from the servo', 'noise_hiss no'],
    ['hot discs hiss in the rain', ''],
    ['brakes very sensitive, hardly touch them and it nearly stops', 'grabs yes'],
    ['rear left snatches after rain', 'grabs yes RL'],
    ['bites low down, near the floor', 'pedal_long yes'],
    ['the left rear is stuck to the drum after a night outside', 'wheel_drags one RL'],
    ['the temp paint went off on the front right', ''],
    [
      'pads down to the backing plate on the inner side only, rear right',
      'pad_thickness worn_out RR; pad_wear_shape inner_thin RR',
    ],
    ["can't get a firm pedal after fitting a new abs block", 'pedal_spongy yes; system_opened yes'],
    ['pump pedal twice to get brakes', 'first_press_long yes'],
    ['white smoke from the exhaust and brake fluid going missing', 'level_falls slowly'],
    ['grease on the disc from a split boot', 'pad_surface contaminated'],
    ['the pedal went long over the rumble strips', 'pedal_long yes; after_cornering yes'],
    ['pads are fine on the inside', ''],
  ],
};
