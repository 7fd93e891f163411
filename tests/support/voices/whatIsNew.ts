import type { Voices } from './voice';

/** Which of pads and rotors was put in new, which stayed, and at which end. */
export const WHAT_IS_NEW: Voices = {
  'what is new, and what stayed': [
    [
      'new pads on the old discs and it squeals',
      'friction_new yes; pads_new yes; rotors_new no; noise_squeal yes',
    ],
    [
      'put new front pads on the existing rotors',
      'friction_new yes; pads_new yes front; rotors_new no front',
    ],
    ['new rotors with the same pads', 'friction_new yes; rotors_new yes; pads_new no'],
    ['fitted discs but kept the old pads', 'friction_new yes; rotors_new yes; pads_new no'],
    ['pads and discs replaced', 'friction_new yes; pads_new yes; rotors_new yes'],
    ['new discs, new pads, squeals', 'friction_new yes; rotors_new yes; pads_new yes; noise_squeal yes'],
    [
      'grinding from the rear after new front pads',
      'noise_grind yes rear; friction_new yes; pads_new yes front',
    ],
    ['new shoes and drums at the back', 'friction_new yes; pads_new yes rear; rotors_new yes rear'],
    ['fresh pads in the front', 'friction_new yes; pads_new yes front'],
    ['was fine with the old rotors', 'friction_new yes; rotors_new yes'],
    ['it needs new pads', ''],
    ['pads look like new', 'pad_thickness ok'],
    ['left pads are worn out', 'pad_thickness worn_out'],
    ['brakes were replaced at the garage', 'friction_new yes'],
    ['new rear rotors and it shakes', 'friction_new yes; rotors_new yes rear; vibration_braking yes'],
    ['will fit new pads next week', ''],
    ['changed the pads three years ago', ''],
  ],
};
