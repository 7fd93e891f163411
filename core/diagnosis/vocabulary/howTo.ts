import type { FindingId } from './findings';

/** How each check is done at the car, and what not to be fooled by. Common practice, no source. */
export const HOW_TO: Partial<Record<FindingId, string>> = {
  pedal_now:
    'Engine running, car at rest, before touching anything. Press once as in a normal stop. Say what is there now, not what the driver felt.',
  pedal_hold:
    'Engine running. Press firmly and keep the same force for 30 s by the clock. Any creep is sinking. Try once light and once firm: a worn seal may only leak at low pressure.',
  pedal_pump:
    'Press three times quickly, then hold. Higher and firmer than the first press is rising: air, or something that moved away from its pad.',
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
    'Tee the gauge in at the booster, engine idling. Then off: it must hold for a minute behind the check valve.',
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
    'Hole in the probe below the surface, about half a minute, in the reservoir where it fits, else a sample in the test cup.',
  leak: 'A helper holds the pedal. Follow every line, union, hose, caliper and cylinder with a dry hand and a light. Dry says nothing of the booster: for that ease the master off and look behind it.',
  bubbles: 'Clear hose, bottle above the bleeder, half a turn. Watch the first 30 ml.',
  after_full_bleed: 'All four corners bled clean. Press at rest.',
  bleeder_position:
    'The bleeder must be the highest point of the bore. Low ones mean left and right are swapped.',
  hose_swell: 'Hand round the hose while a helper presses hard. You should feel next to nothing.',
  open_bleeder_frees:
    'Wheel dragging: crack the bleeder open. If the wheel frees, pressure was trapped; if not, it is mechanical.',
  loosen_master_frees:
    'Brakes on: ease the master’s nuts a few millimetres. If they let go, the pushrod holds the vent port shut.',
  piston_return: 'Push each piston back with steady force, watching the level in the reservoir.',
  slide_pins: 'Move the caliper on its pins by hand. It should glide.',
  pad_thickness: 'Friction material only, both pads, both ends, against new and minimum.',
  pad_wear_shape: 'Inner against outer, leading against trailing, edge against edge.',
  pad_wear_sides: 'Left against right on the same axle.',
  pad_surface:
    'Shine a light along the face. Hard and shiny is glazed; wet or oily is contaminated; loose at the edge is crumbled.',
  rotor_surface:
    'Fingernail across: catching is a groove, colour alone is a streak. Crazing is fine and shallow; a crack is long, deep, or at an edge or hole.',
  rotor_colour: 'Blue or purple shows it has been very hot.',
  rotor_thickness: 'Micrometer, several places round, against the figure on the rotor.',
  rotor_runout:
    'Dial 10 to 15 mm in from the edge, nuts snug, one slow turn. Clean mounting faces first: rust and dirt there are runout.',
  rotor_dtv: 'Micrometer at the same radius, eight places or more.',
  rotor_shape: 'One high side a turn is a wobble from the mounting; two or more is the disc itself.',
  hub_runout: 'Rotor off, hub face bright, dial as far out as it goes.',
  bearing_play: 'Dial on the rim of the hub, rock top and bottom.',
  hub_flex: 'Dial from caliper to rotor, bar across the wheel, lean on it.',
  rotor_float: 'Push the ring against its hat: it should move a little and come back.',
  suspension_joints: 'Bar each bush and joint with the wheel hanging and loaded.',
  wheel_mounting: 'Balance, face, nuts, flat spots.',
  heat_spread: 'Straight in from the lap, all four rotors in the same order.',
  rotor_peak: 'Read the paint after the run, against the pad’s limit.',
  caliper_peak: 'Read the strip after the run, against the fluid’s boiling point less a margin.',
  cooling_path: 'Where does the hose end? Air must reach the core and leave through the vanes.',
  parking_brake: 'Lever down, turn the wheel by hand.',
  drum_adjustment: 'Turn the adjuster until the shoes just drag, count what it took.',
  drum_surface: 'Drum off: face, linings, and the bore measured across both ways.',
  wheel_cylinder: 'Push each side by hand; peel the boots back and look for wet.',
  judder_order: 'Count beats against wheel turns at a steady speed.',
  pulse_only_in_abs: 'Brake hard on loose ground, then just short of it.',
  stop_effect: 'Same pedal pressure, stop after stop, from the log.',
  travel_after_corner: 'First-press travel after loaded corners against the straight, from the log.',
};
