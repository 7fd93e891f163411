import type { FindingId } from './findings';

/** Answers that cannot well all be right, and how to find out which is not. `same`: only at the same place. */
export type Clash = {
  one: readonly [FindingId, ...states: string[]];
  other: readonly [FindingId, ...states: string[]];
  and?: readonly [FindingId, ...states: string[]];
  say: string;
  same?: true;
};

/** What clashes in substance. All stay in: the odds see the conflict, the reader is told of it. Common practice, no source. */
export const CLASHES: readonly Clash[] = [
  {
    one: ['pedal_sinks', 'yes'],
    other: ['pedal_hold', 'holds'],
    say: 'The driver felt it sink, the 30 s hold did not: hold again, engine running, light and then firm.',
  },
  {
    one: ['temperature_link', 'any_time'],
    other: ['recovery', 'after_cooling'],
    say: 'It shows at any time, yet comes back after cooling: ask whether it is ever right when cold.',
  },
  {
    one: ['temperature_link', 'only_cold'],
    other: ['recovery', 'after_cooling'],
    say: 'It shows only cold, yet comes back after cooling: one of the two is the other way round.',
  },
  {
    one: ['temperature_link', 'only_hot'],
    other: ['pedal_now', 'soft'],
    say: 'Soft only when hot, yet soft as you find it: is the car still hot, or is there gas that stayed?',
  },
  {
    one: ['pedal_hard', 'yes'],
    other: ['pedal_spongy', 'yes'],
    say: 'Hard and spongy at once: two moments, or two words for one thing. Ask when each was felt.',
  },
  {
    one: ['pedal_hard', 'yes'],
    other: ['pedal_long', 'yes'],
    say: 'Hard and long at once: ask when each was felt, and whether the pedal stops short or goes down.',
  },
  {
    one: ['pedal_now', 'firm'],
    other: ['pedal_pump', 'rises'],
    say: 'Firm as you find it, yet it rises by pumping: press once as in a normal stop, engine running, and look again.',
  },
  {
    one: ['pedal_now', 'hard'],
    other: ['assist_start', 'drops'],
    say: 'Hard, yet it drops when the engine starts: was the engine running when you pressed?',
  },
  {
    one: ['assist_start', 'drops'],
    other: ['assist_vacuum', 'low'],
    say: 'The pedal drops at the start, yet the gauge reads low: tee in at the booster itself and read again.',
  },
  {
    one: ['bubbles', 'none'],
    other: ['pedal_pump', 'rises'],
    say: 'No bubbles, yet the pedal rises by pumping: air behind the modulator, or nothing to do with air. Look at clearances.',
  },
  {
    one: ['reservoir_level', 'ok'],
    other: ['level_falls', 'quickly'],
    say: 'The level falls quickly, yet stands right now: ask who topped it up and when.',
  },
  {
    one: ['leak', 'none'],
    other: ['level_falls', 'quickly'],
    say: 'No wet spot, yet the level falls quickly: look behind the master, into the booster.',
  },
  {
    one: ['behind_master', 'dry'],
    other: ['leak', 'master_to_booster'],
    say: 'Dry behind the master, yet a leak is written down there: which was looked at last, and was it wiped between?',
  },
  {
    one: ['fluid_age', 'fresh'],
    other: ['fluid_moisture', 'wet'],
    say: 'Fresh fluid that reads wet: an opened bottle, or probes that carried water from another car. Wipe and read again.',
  },
  {
    one: ['fluid_age', 'fresh'],
    other: ['fluid_boiling', 'low'],
    say: 'Fresh fluid that boils low: another class, an opened bottle, or a cold tester. Read again, then look at the bottle.',
  },
  {
    one: ['fluid_moisture', 'dry'],
    other: ['fluid_boiling', 'low'],
    say: 'Dry by the moisture tester, yet it boils low: wrong fluid, or the tester set to another class.',
  },
  {
    one: ['fluid_moisture', 'wet'],
    other: ['fluid_boiling', 'ok'],
    say: 'Wet by the moisture tester, yet it boils where it should: the tester set to another class, or wet probes.',
  },
  {
    one: ['judder_order', 'none'],
    other: ['vibration_braking', 'yes'],
    say: 'The driver shakes, the drive did not: ask for the speed and the pedal force, and drive that.',
  },
  {
    one: ['judder_order', 'none'],
    other: ['pedal_pulses', 'yes'],
    say: 'The pedal pulses, the drive found nothing: was it the ABS, on a bump or in the wet?',
  },
  {
    one: ['pulse_only_in_abs', 'yes'],
    other: ['vibration_coasting', 'yes'],
    say: 'Only while the ABS acts, yet also without braking: two shakes, ask for each.',
  },
  {
    one: ['pulse_only_in_abs', 'yes'],
    other: ['judder_order', 'first'],
    say: 'Only while the ABS acts, yet once a wheel turn: count again short of the limit.',
  },
  {
    one: ['slide_pins', 'free'],
    other: ['pad_wear_shape', 'inner_thin'],
    say: 'Pins free, yet the inner pad has worn alone: move the caliper through its whole travel, and look whether the pads are bound.',
    same: true,
  },
  {
    one: ['after_cornering', 'yes'],
    other: ['bearing_play', 'ok'],
    and: ['hub_flex', 'stiff'],
    say: 'Long after corners, yet bearing tight and hub stiff: measure the other corners, and rock the wheel with the weight on it.',
  },
  {
    one: ['vibration_braking', 'yes'],
    other: ['rotor_runout', 'ok'],
    and: ['rotor_dtv', 'ok'],
    say: 'It shakes, yet this rotor is true and even: another corner, the wheel or a joint. Does it shake coasting too?',
    same: true,
  },
  {
    one: ['rotor_runout', 'high'],
    other: ['rotor_shape', 'flat'],
    say: 'Runout over its limit, yet the trace is flat: trace it again, all nuts tight.',
    same: true,
  },
  {
    one: ['rotor_runout', 'ok'],
    other: ['rotor_shape', 'wobble', 'wave'],
    say: 'Runout inside its limit, yet the trace is not flat: one of the two is of another rotor or another tightening.',
    same: true,
  },
  {
    one: ['system_opened', 'no'],
    other: ['caliper_fitted', 'yes'],
    say: 'Calipers were off, yet nothing was opened: ask whether the hose stayed on.',
  },
  {
    one: ['system_opened', 'no'],
    other: ['master_fitted', 'yes'],
    say: 'The master or booster was changed, yet nothing was opened: ask what was done.',
  },
  {
    one: ['friction_new', 'yes'],
    other: ['pad_thickness', 'worn_out'],
    say: 'New parts, yet pads worn out: new rotors on old pads, another axle, or a pad that drags.',
  },
  {
    one: ['friction_new', 'no'],
    other: ['pads_new', 'yes'],
    say: 'Nothing new, yet the pads are: ask what was fitted, and when.',
  },
  {
    one: ['friction_new', 'no'],
    other: ['rotors_new', 'yes'],
    say: 'Nothing new, yet the rotors are: ask what was fitted, and when.',
  },
  {
    one: ['friction_new', 'no'],
    other: ['bed_in_done', 'no'],
    say: 'Nothing new, yet not bedded in: ask when the pads were fitted.',
  },
  {
    one: ['hose_kind', 'braided'],
    other: ['hose_swell', 'yes'],
    say: 'Braided hoses that swell: a burst under the braid, or a rubber one somewhere. Look at each.',
  },
  {
    one: ['wheel_drags', 'no'],
    other: ['open_bleeder_frees', 'yes'],
    say: 'Nothing drags, yet a wheel came free: turn each wheel again after a press.',
  },
  {
    one: ['wheel_drags', 'no'],
    other: ['loosen_master_frees', 'yes'],
    say: 'Nothing drags, yet easing the master freed the brakes: turn each wheel again after a press.',
  },
  {
    one: ['pedal_free_play', 'none'],
    other: ['loosen_master_frees', 'no'],
    say: 'No free play, yet easing the master changed nothing: measure the play again, assist used up.',
  },
];
