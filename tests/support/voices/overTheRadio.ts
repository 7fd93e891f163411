import type { Voices } from './voice';

/** What is called from the car, and what one shift leaves the next. */
export const OVER_THE_RADIO: Voices = {
  'over the radio, and handed over': [
    ['Box box, pedal is going long, had to pump it into turn three.', 'pedal_long yes; first_press_long yes'],
    ['Brakes are gone, brakes are gone, straight to the floor!', 'pedal_to_floor yes'],
    [
      'Big shake through the wheel into the heavy stop at the end of the straight.',
      'vibration_braking yes; shake_where wheel',
    ],
    ['I have smoke off the left front.', 'smell_or_smoke yes FL'],
    ['It is locking the rears into the chicane every lap.', 'axle_locks_early rear; usage track'],
    ['Pedal fine now after two slow laps.', 'recovery after_cooling; usage track'],
    [
      'Car is moving about on the brakes, goes left one time and right the next.',
      'pulls yes; pull_side changes',
    ],
    ['We changed the master last night and bled it twice.', 'master_fitted yes; system_opened yes'],
    ['Soft pedal but only after the safety car.', 'pedal_spongy yes'],
    [
      'No bite at all for the first two stops, then they come in.',
      'poor_stopping yes; temperature_link only_cold',
    ],
    ['Pedal drops further with every lap.', 'pedal_long yes; temperature_link only_hot; usage track'],
    ['There is a knock from the front right when I get on the brakes.', 'noise_rattle yes FR'],
    [
      'Handed over: customer reports grinding RR, pads look fine from outside, pedal good.',
      'noise_grind yes RR',
    ],
    ['Vacuum pump replaced last week, pedal hard again today.', 'pedal_hard yes'],
    ['Wheel is hot to touch after a five mile drive, the other three cool.', 'heat_spread one_hot'],
    ['Reservoir had dropped a centimetre since Tuesday, nothing on the floor.', 'level_falls slowly'],
    ['ABS cuts in on dry tarmac at low speed.', 'pedal_pulses yes; pulse_when for_nothing'],
    [
      'Squeaks in the morning when it is damp, goes after a few stops.',
      'noise_squeal yes; temperature_link only_cold',
    ],
    ['Judders from 130 down to 90, smooth below.', 'vibration_braking yes'],
    ['Pedal creeps to the floor at the lights unless I pump it.', 'pedal_sinks yes'],
    ['After the off into the gravel it rubs on every turn of the wheel.', 'off_track yes; wheel_drags one'],
    ['The pedal is slow to come back up.', 'pedal_slow_return yes'],
    [
      'Had new discs and pads two weeks ago, never bedded them.',
      'friction_new yes; rotors_new yes; pads_new yes; bed_in_done no',
    ],
    ['It sat in the barn three years, now the brakes stick on.', 'stood_long yes; wheel_drags all'],
    [
      'Held it on the pedal at the end of the run with the brakes glowing.',
      'held_hot yes; temperature_link only_hot',
    ],
    [
      'Went to four pots up front from the bigger model, pedal travel doubled.',
      'brake_conversion yes; pedal_long yes',
    ],
    ['Copy that, box this lap for fuel.', ''],
    ['Understeer mid corner, brakes are great.', ''],
    ['Changed the oil and the front tyres.', ''],
    ['No shake, no pull, pedal high and hard as it should be.', 'vibration_braking no; pulls no'],
    ['Pedal was soft last year, bled since and good.', 'pedal_spongy no; system_opened yes'],
  ],
  'on the way in': [
    ['Brakes shudder on the motorway slip road, fine round town.', 'vibration_braking yes'],
    [
      'It nearly put me in the hedge, veers right as soon as I touch the brake.',
      'pulls yes; pull_side right',
    ],
    ['Need to press twice before it does anything.', 'first_press_long yes'],
    ['Fluid is black and I cannot remember when it was last done.', 'fluid_look dark; fluid_age old'],
    ['Scraping noise from the back when I slow down.', 'noise_grind yes rear'],
    [
      'Burning smell after parking, front right wheel too hot to touch.',
      'smell_or_smoke yes FR; heat_spread one_hot FR',
    ],
    ['Pedal goes down a bit more each week.', 'pedal_long yes'],
    ['No servo since I changed the engine mounts.', 'pedal_hard yes'],
    ['Left it standing all winter, brakes feel rough and noisy now.', 'stood_long yes'],
    ['Replaced calipers, cannot get a pedal.', 'caliper_fitted yes; system_opened yes; pedal_to_floor yes'],
    ['Rear wheels lock before the fronts in the wet.', 'axle_locks_early rear'],
    ['Pads only lasted three thousand miles.', 'pads_wear_fast yes'],
    ['Brakes were red hot and smoking after the descent.', 'smell_or_smoke yes; temperature_link only_hot'],
    [
      'Steering wheel wobbles at seventy with or without braking.',
      'vibration_coasting yes; shake_where wheel',
    ],
    [
      'The wheel nuts were found loose, since then it wobbles on the brakes.',
      'wheel_nuts loose; vibration_braking yes',
    ],
    ['It stops fine but squeals every single time.', 'noise_squeal yes; temperature_link any_time'],
    ['Pedal feels like stepping on a sponge since the fluid change.', 'pedal_spongy yes; system_opened yes'],
    ['Handbrake needs ten clicks.', 'parking_brake lever_high'],
    ['ABS light on, pedal normal.', 'warning_light abs'],
    ['Please check the brakes before the holiday.', ''],
    ['Car pulls well up hills, brakes are fine.', ''],
    ['The pedal rubber has worn through.', ''],
    ['Noise from the engine bay when accelerating.', ''],
  ],
};
