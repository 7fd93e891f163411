import type { FindingId } from './findings';

/** How each check is done at the car, and what not to be fooled by. Common practice, no source. */
export const HOW_TO: Partial<Record<FindingId, string>> = {
  pedal_now:
    'Engine running, car at rest, before touching anything. Press once as in a normal stop. Say what is there now, not what the driver felt.',
  pedal_hold:
    'Engine running. Press lightly and keep the same force for 30 s by the clock, then once more firmly. Any creep is sinking. Only both clear it: a worn seal may pass at low pressure and hold at high.',
  pedal_pump:
    'Engine running, or the assist runs out and the pedal rises by itself. Press three times quickly, then hold. Higher and firmer than the first press is rising: air, or something that moved away from its pad.',
  pedal_free_play:
    'Engine off, assist used up. Move the pedal by hand to the first resistance. A few millimetres at the pad; none means the vent port may be covered.',
  pedal_ratio:
    'Pivot to the middle of the pad, over pivot to the clevis. Measure square to the pushrod, or take the two readings below.',
  pedal_linkage:
    'Push and pull the pedal sideways and at the clevis pin. Look for cracks where the bracket meets the firewall.',
  assist_start:
    'Engine off, pump until hard, hold lightly, start the engine. The pedal should drop a little as assist arrives.',
  master_movement:
    'A helper presses hard and lets go. Watch the master against something fixed: it must not walk.',
  assist_vacuum:
    'Tee the gauge in at the booster, engine idling: about 0.6 bar below the air outside. Then off: it must hold for a minute behind the check valve.',
  assist_fluid: 'Look at the assist reservoir against its own mark.',
  reservoir_level:
    'Level ground, against the mark on the side. Low with worn pads is the pads; low with good pads has gone somewhere.',
  reservoir_cap: 'Look at the seal and the cap for cracks. A cracked or loose cap explains a wet reading.',
  fluid_look: 'A little on a white cloth. Dark is old or hot; specks are rubber or rust.',
  fluid_type:
    'Cap, bottle and record against each other. A drop in water: glycol mixes, mineral oil and silicone float.',
  fluid_moisture:
    'Tester set to the fluid’s class. Wipe the probes before and between cars, or they carry one car’s water to the next. Cap off no longer than needed.',
  fluid_boiling:
    'Element under the surface until the figure stands, some thirty seconds; in the reservoir, or in a sample where it does not fit.',
  leak: 'A helper presses hard and holds. Look first, with glasses and a light; feel only with a white card or a gloved cloth, never a bare hand: a pinhole under pressure goes through skin. Every line, union, hose, caliper and cylinder, wheels off. Dry says nothing of the booster: for that ease the master off and look behind it.',
  bubbles:
    'Clear hose that rises from the bleeder before it falls, its end under fluid. A helper presses, or gentle pressure: vacuum draws air past the threads and shows bubbles that are not there. Half a turn, the first 30 ml.',
  after_full_bleed: 'All four corners bled clean. Press at rest.',
  bleeder_screw:
    'Cap off, wiped, looked at after a press. A ring spanner on all six flats, a hand’s pull and no more: one that will not turn is soaked the evening before, and never forced hot or cold.',
  bleeder_position:
    'The bleeder must be the highest point of the bore. Low ones mean left and right are swapped.',
  hose_swell:
    'Gloved hand round the hose while a helper presses hard; look for wet first. You should feel next to nothing.',
  open_bleeder_frees:
    'Wheel up, glasses on, hose on the bleeder: the fluid may be hot and under pressure. Crack it open and turn the wheel. If it frees, pressure was trapped; if not, it is mechanical. Shut it before anybody touches the pedal.',
  loosen_master_frees:
    'Wheels up, glasses on. Ease the master’s nuts a few millimetres, pipes left alone. If the brakes let go, the pushrod holds the vent port shut. Nuts back to torque; bleed if a union moved.',
  piston_return:
    'Bleeder shut: push each piston back with steady force, the others held, watching the level in the reservoir. Stiff? Open the bleeder with a hose on and push again: free only with it open is the hose, not the piston. Old fluid goes out of the bleeder, not back through the modulator.',
  slide_pins: 'Move the caliper on its pins by hand. It should glide.',
  pad_thickness: 'Friction material only, both pads, both ends, against new and minimum.',
  pad_wear_shape: 'Inner against outer, leading against trailing, edge against edge.',
  pad_wear_sides: 'Left against right on the same axle.',
  pad_surface:
    'Shine a light along the face and the edge. Hard and shiny is glazed; wet or oily is contaminated; loose at the edge is crumbled; lifting off its plate, or cracked through, is separated. Press every one that is there.',
  rotor_surface:
    'Fingernail across: catching is a groove, colour alone is a streak. Pits and scale are rust. Crazing is fine and shallow; a crack is long, deep, or at an edge or hole. Press every one that is there.',
  rotor_colour: 'Blue or purple shows it has been very hot.',
  rotor_thickness: 'Micrometer, several places round, against the figure on the rotor.',
  rotor_runout:
    'Bearing play first: play reads as runout. Rotor held by all its nuts with washers, at a little torque. Dial 10 to 15 mm in from the edge, one slow turn. Clean mounting faces first: rust and dirt there are runout.',
  rotor_dtv: 'Micrometer that reads a thousandth, at the same radius, eight places or more.',
  rotor_shape: 'One high side a turn is a wobble from the mounting; two or more is the disc itself.',
  hub_runout: 'Rotor off, hub face bright, dial as far out as it goes.',
  bearing_play: 'Dial on the rim of the hub, rock top and bottom.',
  hub_flex: 'Dial from caliper to rotor, a bar on two studs, lean on it.',
  rotor_float: 'Push the ring against its hat: it should move a little and come back.',
  suspension_joints: 'Bar each bush and joint with the wheel hanging and loaded.',
  wheel_mounting:
    'Spin the wheel and watch the rim and the tread. Wheel off: rust or dirt on both faces, studs, centring. Then balance.',
  heat_spread:
    'Coast in without the brake. Straight from the lap, all four rotors in the same order at the same spot, on a black or painted patch: bright metal reads cold.',
  rotor_peak: 'Read the paint after the run, against the pad’s limit.',
  caliper_peak: 'Read the strip after the run, against the fluid’s boiling point less a margin.',
  cooling_path: 'Where does the hose end? Air must reach the core and leave through the vanes.',
  parking_brake: 'Lever down, turn the wheel by hand.',
  drum_adjustment: 'Turn the adjuster until the shoes just drag, count what it took.',
  drum_surface:
    'Dust stays down: damp it, never blow it off, it may hold asbestos. Drum off: face, linings, and the bore measured across both ways.',
  wheel_cylinder:
    'Dust stays down: damp it, never blow it off, it may hold asbestos. Push each side by hand; peel the boots back and look for wet.',
  judder_order:
    'On an empty, legal stretch, somebody looking behind. Count beats against wheel turns at a steady speed; a log or a phone’s sensor counts better than a hand.',
  pulse_only_in_abs:
    'On an empty, legal stretch with loose ground: brake hard until the unit acts, then just short of it.',
  stop_effect:
    'On an empty, legal stretch or the circuit: same pedal pressure, stop after stop, from the log.',
  travel_after_corner: 'First-press travel after loaded corners against the straight, from the log.',
  shoe_lining:
    'Dust stays down: damp it, never blow it off, it may hold asbestos. Drum off: the thinnest lining of each shoe, over rivets or table.',
  wheel_nuts:
    'Before the wheel comes off: the wrench at its figure on every nut. One that turns was loose. Then off: threads, stretched studs, seats.',
  tyres: 'Pressures cold, sizes and makes side by side, a hand round the tread for a flat spot.',
  fault_codes: 'Ignition on, scan tool in. Write the codes down before clearing them.',
  pad_fit:
    'Move each pad in its bracket by hand. It should slide. Look for the right part, the right way round, springs and shims in their places.',
  shield_look: 'Turn the rotor and listen; look between shield and rotor with a light.',
};
