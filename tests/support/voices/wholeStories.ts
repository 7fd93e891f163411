import type { Voices } from './voice';

/** Whole stories, as they come in by message. */
export const WHOLE_STORIES: Voices = {
  'on the road and at home': [
    [
      'Did a track day on Saturday, by the third session the pedal was getting longer and longer and I had to brake earlier. Sunday morning it was fine again. Fluid is two years old.',
      'usage track; temperature_link only_hot; pedal_long yes; poor_stopping yes; recovery after_cooling; fluid_age old',
    ],
    [
      'Car came in for new front pads last month. Since then it squeals when I brake lightly in town, but under hard braking it is quiet.',
      'friction_new yes; pads_new yes front; noise_squeal yes',
    ],
    [
      'On the motorway when I brake from 130 the steering wheel shimmies, below 80 it is gone. Tyres were balanced last week. Discs are 20000 km old.',
      'shake_where wheel; vibration_braking yes',
    ],
    [
      'The brake pedal goes almost to the floor on the first press in the morning, then pumps up and is ok all day.',
      'first_press_long yes; temperature_link only_cold; pedal_pump rises',
    ],
    [
      "I changed the master cylinder myself and since then I can't get a firm pedal. Bled it four times, no more bubbles.",
      'master_fitted yes; system_opened yes; pedal_spongy yes; bubbles none',
    ],
    [
      'Left rear wheel was smoking when I got home, the handbrake had been on all night and it was below freezing.',
      'smell_or_smoke yes RL',
    ],
    [
      'Wife says the brakes make a horrible grinding noise from the back, started yesterday. She also says the pedal feels normal.',
      'noise_grind yes rear; pedal_spongy no',
    ],
    [
      'Hit a big pothole on the way to work. Now there is a rumble from the front left which gets louder in right hand bends and the ABS light came on.',
      'noise_grind yes FL; noise_when turning; warning_light abs',
    ],
    [
      'Bought it six months ago, stood in a barn for four years. Brakes bind after a few miles and the wheels get hot, all of them. If I open a bleeder they free up.',
      'stood_long yes; wheel_drags all; temperature_link only_hot; heat_spread all_hot; open_bleeder_frees yes',
    ],
    [
      'After swapping to the six pot calipers the pedal is long but hard, no sponge at all. Master is still the stock one.',
      'caliper_fitted yes; system_opened yes; brake_conversion yes; pedal_long yes; pedal_hard yes; pedal_spongy no',
    ],
    [
      'The car dives to the left on the first brake application, after that it brakes straight.',
      'pull_side left; pulls yes',
    ],
    [
      'Every time it rains the brakes feel weak for the first stop then bite hard and squeal.',
      'poor_stopping yes; temperature_link only_cold; noise_squeal yes',
    ],
    [
      'Slight judder through the pedal only, not the wheel, gets worse as the brakes warm up. New discs and pads fitted in spring, car was parked with hot brakes after a session.',
      'vibration_braking yes; pedal_pulses yes; temperature_link only_hot; rotors_new yes; friction_new yes; pads_new yes; held_hot yes; usage track',
    ],
    [
      'ABS kicks in just before I come to a halt, on dry road. No warning light.',
      'pedal_pulses yes; pulse_when for_nothing; warning_light none',
    ],
    [
      'The pedal sinks slowly at the lights but the fluid never drops. No leaks anywhere.',
      'pedal_sinks yes; level_falls no; leak none',
    ],
    [
      'Fluid keeps dropping about a centimetre a month, no drips on the floor. Booster hose smells of brake fluid.',
      'level_falls slowly; leak master_to_booster',
    ],
    [
      'Hissing noise from the footwell when I hold the brake down, pedal is harder than it used to be.',
      'noise_hiss yes; pedal_hard yes',
    ],
    [
      'At the last event we cooked the fronts, the pads were down to the backing plate after 20 minutes, discs are blue with fine cracks.',
      'pad_thickness worn_out; temperature_link only_hot; rotor_colour blued; rotor_surface heat_checked',
    ],
    [
      "Engine off the pedal is rock hard, starts the engine and the pedal doesn't move at all.",
      'assist_start no_change',
    ],
    [
      "The car won't roll backwards off the trailer, all four are stuck after winter storage.",
      'wheel_drags all; stood_long yes',
    ],
    [
      'In the wet the rears lock long before the fronts since I fitted the new pads at the front.',
      'axle_locks_early rear; friction_new yes; pads_new yes front',
    ],
    [
      'Pads knocked back after the kerbs at turn 5 every lap, needs a dab with the left foot before the braking zone.',
      'after_cornering yes; usage track; first_press_long yes',
    ],
    ['It makes a clonk when I first brake after reversing out of the garage, once only.', 'noise_rattle yes'],
    [
      'Brakes feel ok but they are noisy: a scraping once per wheel revolution, front right, goes when I brake.',
      'noise_when rolling; noise_grind yes FR; noise_when off_brake',
    ],
    [
      'It was fine until the garage changed the fluid; now the pedal is spongy, particularly in the first half of the travel.',
      'fluid_age fresh; system_opened yes; pedal_spongy yes',
    ],
  ],
  'with work done, and what came of it': [
    [
      'Replaced both rear calipers and hoses, bled it twice with the pressure bleeder, still soft. Firms up with two pumps and then goes soft again after a minute.',
      'caliper_fitted yes; system_opened yes; after_full_bleed still_soft; pedal_spongy yes; first_press_long yes',
    ],
    [
      'Brakes squeak only the first two stops in the morning when it is damp, then quiet. Car lives outside.',
      'noise_squeal yes; temperature_link only_cold',
    ],
    [
      'While autocrossing the left front keeps locking. On the road it pulls slightly right.',
      'axle_locks_early front; pull_side right; pulls yes',
    ],
    [
      'I get a vibration around 100 km/h, mostly when braking downhill, and the wheel flutters. The front discs have been skimmed last year.',
      'shake_where wheel; vibration_braking yes',
    ],
    [
      'Pads on the inside of the right rear are gone while the outside one looks new. Handbrake cable is stiff.',
      'pad_wear_shape inner_thin RR; parking_brake drags',
    ],
    [
      "There's brake fluid all over the inside of the left rear tyre and the pedal goes to the floor.",
      'leak caliper_or_cylinder RL; pedal_to_floor yes',
    ],
    [
      'After a long descent with the caravan the pedal was soft and there was smoke from the front. An hour later it was normal.',
      'temperature_link only_hot; pedal_spongy yes; smell_or_smoke yes front; recovery after_cooling',
    ],
    [
      'Pedal is fine cold. After ten minutes on circuit it gets longer, I pump and it comes back, fluid is fresh Dot 4.',
      'temperature_link only_hot; usage track; pedal_long yes; pedal_pump rises; fluid_age fresh',
    ],
    [
      'Brake warning light came on when cornering hard, goes off on the straight. Pedal ok.',
      'warning_light brake; after_cornering yes',
    ],
    ['We fitted a bias valve and now the fronts lock at once, rears do nothing.', 'axle_locks_early front'],
    [
      'My car has no servo any more since the engine swap, is it normal that I have to press so hard?',
      'assist_removed yes',
    ],
    [
      'The disc on the front left is blue and the wheel smells after every drive, right side is cold.',
      'rotor_colour blued FL; smell_or_smoke yes FL',
    ],
    [
      'When I release the brake it takes two seconds until the car rolls freely. Worse in winter.',
      'pedal_slow_return yes',
    ],
    [
      'Loud bang from the front when braking, then the pedal went soft and the wheel wobbles.',
      'noise_rattle yes front; pedal_spongy yes; shake_where wheel; vibration_braking yes',
    ],
    [
      'Changed to harder pads, now it needs a lot of force cold but is perfect once warm.',
      'friction_new yes; pads_new yes; pedal_hard yes; temperature_link only_cold',
    ],
    [
      "Rear drum brakes: pedal low until I pull the handbrake two clicks, then it's perfect.",
      'pedal_long yes; drum_adjustment slack',
    ],
    [
      'Someone topped it up with power steering fluid, now the pedal does not come back and the cap seal is swollen.',
      'fluid_type wrong; pedal_slow_return yes; reservoir_cap swollen',
    ],
    ["The pedal moves sideways and there's a click at the top.", 'pedal_linkage worn; noise_rattle yes'],
    [
      'Braking feels grabby and uneven after the car sat for three weeks, discs are brown.',
      'grabs yes; rotor_surface rusted',
    ],
    [
      'At high speed the car darts left and right when I brake. At low speed nothing.',
      'pulls yes; pull_side changes',
    ],
    [
      "Nothing wrong with the brakes as such, only the pads are at 3 mm and I'd like new ones before the next event.",
      'pad_thickness low',
    ],
    [
      "Two laps after changing to new discs the pedal started pulsing and the wheel shakes. Didn't bed them in.",
      'usage track; friction_new yes; rotors_new yes; pedal_pulses yes; shake_where wheel; vibration_braking yes; bed_in_done no',
    ],
    [
      'The mechanic overfilled the reservoir, after that the brakes dragged when hot.',
      'reservoir_level over; wheel_drags all; temperature_link only_hot',
    ],
    ['Feels like one front brake is doing nothing, other side disc glowing.', 'heat_spread one_hot'],
  ],
};
