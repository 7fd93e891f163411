import type { Voices } from './voice';

/** Several sentences at a time, as they come by mail or are taken down at the desk. */
export const IN_PARAGRAPHS: Voices = {
  'in paragraphs': [
    [
      'The brake pedal on my car has become soft over the last few weeks. It is worse after long drives in the mountains. When I pump it, it comes back.',
      'pedal_spongy yes; temperature_link only_hot; first_press_long yes',
    ],
    [
      'Hi, my car vibrates when braking at high speed. I changed the discs two months ago and they were fine at first. Now the steering wheel shakes between 130 and 90.',
      'vibration_braking yes; friction_new yes; rotors_new yes; shake_where wheel',
    ],
    [
      'Customer complains of noise front right when driving over bumps. When the brake is lightly applied the noise disappears. Pads were replaced two weeks ago by another garage.',
      'noise_rattle yes FR; noise_when bumps; noise_when off_brake; friction_new yes; pads_new yes',
    ],
    [
      'After the last track day the brakes smelled and the pedal went to the floor on the cool down lap. The fluid is about two years old, DOT 4.',
      'usage track; smell_or_smoke yes; pedal_to_floor yes; fluid_age old',
    ],
    [
      'Car was stored over the winter. Now the rear left brake drags and the wheel gets hot. The handbrake was left on.',
      'stood_long yes; wheel_drags one RL; heat_spread one_hot RL',
    ],
    [
      "The car pulls to the right when braking hard, but only when cold. After a few stops it's straight.",
      'pull_side right; pulls yes; temperature_link only_cold',
    ],
    [
      'I fitted a bigger master cylinder and now the pedal is very hard with little travel, and it does not stop well.',
      'master_fitted yes; system_opened yes; brake_conversion yes; pedal_hard yes; poor_stopping yes',
    ],
    [
      'Brake light comes on in left hand bends. Fluid level is near minimum. Pads are about 3 mm.',
      'warning_light brake; reservoir_level low; pad_thickness low',
    ],
    [
      'ABS kicks in at low speed just before stopping, no warning light. I replaced the wheel bearing last month.',
      'pedal_pulses yes; pulse_when for_nothing; warning_light none; hub_work yes',
    ],
    [
      "There's a grinding noise from the rear when driving, which stops when I pull the handbrake slightly. Drums at the rear.",
      'noise_grind yes rear; noise_when rolling',
    ],
    [
      'Pedal is low and spongy after replacing the rear wheel cylinders. We bled it three times. Handbrake up two clicks makes the pedal better.',
      'pedal_long yes; pedal_spongy yes; system_opened yes; drum_adjustment slack',
    ],
    [
      'My race car has a long pedal after every fast corner. Second push is fine. We changed the hubs and the bearings before the season.',
      'usage track; pedal_long yes; after_cornering yes; first_press_long yes; hub_work yes',
    ],
    [
      'On the third lap I had no brakes into the hairpin, pumped twice and got some pedal back. After ten minutes in the paddock everything was normal.',
      'poor_stopping yes; first_press_long yes; pedal_to_floor yes; temperature_link only_hot; recovery after_cooling; usage track',
    ],
    [
      'The pedal slowly goes down at traffic lights, no leaks visible and the level stays the same.',
      'pedal_sinks yes; leak none; level_falls no',
    ],
    [
      'The brake pedal is as hard as a rock for the first two stops after a cold start, then it is normal. There is a hissing sound.',
      'pedal_hard yes; temperature_link only_cold; noise_hiss yes',
    ],
    [
      'After fitting race pads the car squeals in town and does not stop when cold, but on track it is perfect.',
      'friction_new yes; pads_new yes; compound track; noise_squeal yes; poor_stopping yes; temperature_link only_cold; usage track',
    ],
    [
      'It eats the inner pads on the front left, the outer ones look new. The caliper is a sliding type, the pins feel dry.',
      'pad_wear_shape inner_thin FL; pads_wear_fast yes; slide_pins stiff FL',
    ],
    [
      'The rears lock up before the fronts in the wet since I fitted new rear pads.',
      'axle_locks_early rear; friction_new yes; pads_new yes rear',
    ],
    [
      'When I release the pedal the brakes stay on for a second or two. Car has a new master cylinder.',
      'pedal_slow_return yes; master_fitted yes; system_opened yes',
    ],
    [
      'The steering wheel shakes at 110 whether I brake or not. Tyres were balanced last week.',
      'shake_where wheel; vibration_coasting yes',
    ],
    [
      'I bled the brakes last weekend because the pedal was low. Now it is even worse: it goes almost to the floor and only comes up when I pump it.',
      'system_opened yes; pedal_long yes; pedal_pump rises; first_press_long yes',
    ],
    [
      'Coming down from the ski resort the brakes started to smell and the pedal felt hard, but the car would not slow down. The next morning all was normal.',
      'temperature_link only_hot; smell_or_smoke yes; pedal_hard yes; poor_stopping yes; recovery after_cooling',
    ],
    [
      'Since I changed to braided lines and new fluid the pedal is firm in the garage but on track it gets long after four laps.',
      'system_opened yes; hose_kind braided; fluid_age fresh; usage track; pedal_long yes; temperature_link only_hot',
    ],
    [
      'The left rear wheel is always covered in brake dust and hot after driving. The other side stays clean.',
      'heat_spread one_hot RL',
    ],
    [
      'There is a clonk from the front every time I change direction, first brake after reversing. New pads three weeks ago.',
      'noise_rattle yes front; temperature_link any_time; friction_new yes; pads_new yes',
    ],
    [
      'Brake pedal travel is ok, but I have to press much harder than before. It started after the engine was rebuilt.',
      'pedal_hard yes',
    ],
    [
      'It brakes fine three or four times, then there is less and less power. The pedal stays high. I use the original pads.',
      'temperature_link only_hot; poor_stopping yes; compound street',
    ],
    [
      'Someone fitted the calipers upside down I think, the bleed nipples are at the bottom. Pedal is like a sponge.',
      'caliper_fitted yes; system_opened yes; bleeder_position not_top; pedal_spongy yes',
    ],
    [
      "The reservoir was empty when I checked. I filled it up and two days later it was low again. There's no puddle under the car.",
      'reservoir_level low; level_falls quickly',
    ],
    [
      "The brake fluid is brown and there's black stuff in it. Pedal feels soft.",
      'fluid_look debris; pedal_spongy yes',
    ],
    [
      'After replacing discs and pads the pedal is spongy. I did not open the system.',
      'rotors_new yes; friction_new yes; pads_new yes; pedal_spongy yes; system_opened no',
    ],
    [
      'The wheel has play when I rock it at 12 and 6. The pedal is sometimes long after corners.',
      'bearing_play excess; pedal_long yes; after_cornering yes',
    ],
    [
      'The right front disc has a blue colour and small cracks. It shakes under braking when hot.',
      'rotor_colour blued FR; rotor_surface heat_checked FR; vibration_braking yes; temperature_link only_hot',
    ],
    [
      'Pads are worn in a wedge shape on both fronts, floating caliper.',
      'pad_wear_shape taper_along FL; pad_wear_shape taper_along FR',
    ],
    [
      "We changed to a racing pad, now the pedal is hard and cold there's nothing.",
      'friction_new yes; pads_new yes; compound track; pedal_hard yes; poor_stopping yes; temperature_link only_cold',
    ],
    [
      'Pulls to the left when I hit the brakes and then straight. Right front hose is old.',
      'pull_side left; pulls yes; hose_kind rubber_old',
    ],
    [
      'Red brake warning light is on and the pedal goes deeper than usual, pad wear is normal.',
      'warning_light brake; pedal_long yes',
    ],
    [
      "The handbrake travel is too long, I have to pull it 10 clicks and it still doesn't hold on the hill.",
      'parking_brake lever_high; parking_brake weak',
    ],
    [
      'A squeal from the rear when braking softly at the end of a stop. Pads are half worn. No other issues.',
      'noise_squeal yes rear',
    ],
    [
      'Car sat outside in the rain for a week, and there was a grinding noise for the first few stops, now all good.',
      'noise_grind yes; temperature_link only_cold',
    ],
    [
      'We had an off at turn three through the gravel and now there is a scraping noise from the front left.',
      'off_track yes; noise_grind yes FL',
    ],
    [
      'After the pit stop, the pedal was long on the first lap, then ok. The calipers were opened to change the pads.',
      'pedal_long yes; temperature_link only_cold; usage track',
    ],
    [
      'Owner says the brakes bind after about ten miles and the car slows on its own. If he waits half an hour it frees up.',
      'wheel_drags all; temperature_link only_hot; recovery after_cooling',
    ],
    [
      'The pedal is rock hard and the car hardly stops since the vacuum pump was replaced.',
      'pedal_hard yes; poor_stopping yes',
    ],
    [
      'Brakes feel fine at first but when I drive fast on the autobahn and brake from 200 the whole car shakes.',
      'vibration_braking yes; shake_where all_over',
    ],
    [
      "Had new tyres fitted on Monday. Since then there's a vibration at 120, not affected by braking.",
      'vibration_coasting yes',
    ],
    [
      'On a steep descent the pedal became longer and longer and in the end I had to use the handbrake.',
      'temperature_link only_hot; pedal_long yes; poor_stopping yes',
    ],
    [
      'I can hear a tick tick from the left front with every wheel turn, it gets faster when I go faster.',
      'noise_rattle yes FL; noise_when rolling',
    ],
    [
      'We measured 0.09 mm runout on the right front and 0.02 on the left. Customer complains about vibration under braking.',
      'rotor_runout high FR; vibration_braking yes',
    ],
    [
      'Pads left front inner 3 mm, outer 8 mm. Pins look dry.',
      'pad_wear_shape inner_thin FL; slide_pins stiff FL',
    ],
    [
      'The brake fluid moisture is 3.5 % and the pedal goes soft on track.',
      'fluid_moisture wet; pedal_spongy yes; usage track',
    ],
    [
      "Bleeding doesn't help, pedal is still soft. When pumped it gets hard. No leaks.",
      'system_opened yes; after_full_bleed still_soft; pedal_spongy yes; pedal_pump rises',
    ],
    [
      "Replaced the master cylinder and now there's no free play at the pedal and the brakes get tighter as I drive.",
      'master_fitted yes; system_opened yes; pedal_free_play none; wheel_drags all',
    ],
    [
      'The rear brakes were hot enough to smoke after I towed a trailer over the pass.',
      'heat_spread one_axle; smell_or_smoke yes rear',
    ],
    [
      'After track day pads are down to 2 mm at the front, they were new in the morning.',
      'usage track; pad_thickness worn_out; pads_wear_fast yes',
    ],
    [
      'The handbrake warning light flickers when I brake hard, fluid is at minimum.',
      'warning_light brake; reservoir_level low',
    ],
    ['The car veers right when I lift off the brake in a corner.', 'pulls yes'],
    [
      'Slight judder in the brake pedal since the car stood in the airport car park for three weeks.',
      'vibration_braking yes; pedal_pulses yes',
    ],
    [
      "Brake pedal is low in the morning, I pump once and it's fine all day.",
      'pedal_long yes; temperature_link only_cold; first_press_long yes',
    ],
    [
      'The servo hisses all the time with the pedal pressed and the engine idles badly.',
      'noise_hiss yes; temperature_link any_time',
    ],
    ['When I brake hard the rear becomes light and the ABS comes on at the rear.', 'axle_locks_early rear'],
    [
      "My mechanic said the pistons don't go back. The pads wear out every 5000 km on the right front.",
      'piston_return stiff FR; pads_wear_fast yes',
    ],
    [
      'Someone topped up the brake fluid with oil. Now all brakes are sticking and the rubber in the cap is swollen.',
      'fluid_type wrong; wheel_drags all; reservoir_cap swollen',
    ],
    [
      'Both front wheels lock very easily since the booster was changed.',
      'axle_locks_early front; master_fitted yes',
    ],
    [
      'I get a long pedal after driving straight ahead on a bumpy straight, two dabs cure it.',
      'pedal_long yes; after_cornering yes; first_press_long yes',
    ],
    ['Crack in the right front disc about 30 mm long reaching the outer edge.', 'rotor_surface cracked FR'],
    [
      'Left front caliper bolts were loose, caliper was knocking.',
      'caliper_mount loose FL; noise_rattle yes FL',
    ],
    [
      'Driver reports squeal and poor bite after rain, ok after two corners.',
      'noise_squeal yes; poor_stopping yes; temperature_link only_cold',
    ],
    [
      "After an hour of town driving the brakes are dragging so much that the car won't roll at the lights.",
      'wheel_drags all',
    ],
    [
      'Our driver says the pedal is a bit deeper each session but always firm.',
      'pedal_long yes; usage track; pedal_spongy no',
    ],
    [
      'Pedal ok on the lift with the engine off. With the engine running it drops nearly to the floor and is soft.',
      'pedal_long yes; pedal_spongy yes',
    ],
    [
      'The wheels were balanced and the discs are new. It still shakes when I brake, mostly from 100 to 60.',
      'friction_new yes; rotors_new yes; vibration_braking yes',
    ],
    ['When braking downhill it feels as if somebody is pulsing the pedal for me.', 'pedal_pulses yes'],
    ['Front right squeals, caliper bracket shiny where the pad rubs.', 'noise_squeal yes FR'],
    [
      'I swapped the front discs left to right to see. The vibration stayed on the same side.',
      'vibration_braking yes',
    ],
    ["The car stops straight and strong but there's a loud moan below 20 km/h.", 'noise_grind yes'],
    [
      'New race fluid, new pads, new discs. Still a long pedal on the first corner after the back straight.',
      'pads_new yes; friction_new yes; rotors_new yes; pedal_long yes; first_press_long yes; usage track',
    ],
    ["It's a hydraulic assist car and the pump is noisy. Pedal heavy when parking.", 'pedal_hard yes'],
    [
      'Brakes only work properly after I have driven through the first three corners.',
      'poor_stopping yes; temperature_link only_cold',
    ],
    ['Rear left drum, the shoes are soaked in axle oil.', 'drum_surface contaminated RL'],
    [
      'Front left brake hose looks twisted and has bulged when my wife stepped on the pedal.',
      'hose_swell yes FL',
    ],
    ['The brake pedal can be moved from side to side by a centimetre.', 'pedal_linkage worn'],
    [
      'Left front wheel bearing replaced two weeks ago, now the pedal goes long after right hand bends.',
      'hub_work yes; pedal_long yes; after_cornering yes',
    ],
    [
      'I noticed that the brake pedal drops a little when I start the engine, is that ok?',
      'assist_start drops',
    ],
    [
      'One of the pistons comes out further than the others when I pump with the pads out.',
      'piston_return stiff',
    ],
    [
      'The two-piece rotors rattle and the bobbins have worn slots.',
      'noise_rattle yes; rotor_float hammered',
    ],
    ['Air ducts lead only to the inside face of the rotor, and the discs are coned.', 'cooling_path face'],
    [
      'He kept the brakes on at the end of the pit lane after a hot stint for a minute.',
      'held_hot yes; usage track',
    ],
    [
      'On the telemetry deceleration falls from 1.1 to 0.8 g over the stint for the same pressure.',
      'stop_effect falls_with_heat; temperature_link only_hot; usage track',
    ],
    ["Pressure sensor says 80 bar in front and the car still doesn't stop.", 'poor_stopping yes'],
    ['Brake bias wound fully to the front and the rears still lock.', 'axle_locks_early rear'],
    [
      'Fitted bigger front calipers, same master. Pedal is now very long but firm.',
      'caliper_fitted yes; system_opened yes; brake_conversion yes; pedal_long yes; pedal_spongy no',
    ],
    ['The brake booster was deleted and the pedal force is enormous.', 'assist_removed yes; pedal_hard yes'],
    [
      'There is vapour lock every time we race at the hot track, with DOT 4 from the supermarket.',
      'pedal_spongy yes; temperature_link only_hot; usage track',
    ],
    ["The pad backing plate has rust and the pads don't slide in the bracket.", 'pad_fit stiff'],
    [
      'A stone got between the disc and the shield, screeching noise all the time.',
      'shield_look stone; noise_squeal yes; temperature_link any_time',
    ],
  ],
};
