import type { BenchId } from '../../car/benchState';
import type { FindingId } from '../../readings/vocabulary/findings';
import type { CauseId } from '../causes';

/** What is done about a cause, and what that costs when it is right and when it is not; its time is its procedure's. */
export type Decision = {
  work: string;
  /** What has to be bought. */
  parts: 'none' | 'fluid' | 'small' | 'pads' | 'major';
  /** What happens when the cause was another one. */
  ifWrong: string;
  /** The work is cheap and its result says whether this was it. */
  tests?: string;
  /** The check it begins with: what was looked for before is not looked for again. */
  begins?: FindingId;
};

/** The bench that puts figures to a cause: how much of it, and what another part would do. */
export const BENCH_FOR: Partial<Record<CauseId, BenchId>> = {
  air_in_lines: 'pedal',
  hose_expansion: 'pedal',
  firewall_flex: 'pedal',
  caliper_spread: 'pedal',
  wheel_bearing_play: 'pedal',
  hub_upright_flex: 'pedal',
  master_too_small: 'balance',
  master_too_big: 'balance',
  pedal_ratio_low: 'balance',
  pedal_ratio_high: 'balance',
  fluid_boiled_wet: 'fluid',
  fluid_boiled_heat: 'heat',
  pad_overheated: 'heat',
  cooling_insufficient: 'heat',
  cooling_one_sided: 'heat',
  brakes_undersized: 'heat',
};

export const PARTS_WORDS: Record<Decision['parts'], string> = {
  none: 'no parts',
  fluid: 'fluid only',
  small: 'small parts',
  pads: 'pads',
  major: 'a major part',
};

const does = (work: string, parts: Decision['parts'], ifWrong: string, tests?: string): Decision => ({
  work,
  parts,
  ifWrong,
  ...(tests ? { tests } : {}),
});

/** One decision a cause. Times and consequences are common practice, no source; the maker's times come first. */
export const DECISIONS: Record<CauseId, Decision> = {
  air_in_lines: does(
    'Bleed all corners',
    'fluid',
    'Fresh fluid and an hour gone; nothing harmed',
    'A bleed both cures and proves air: bubbles, then a firm pedal',
  ),
  air_in_abs_unit: does(
    'Cycle the modulator with a scan tool, bleed again',
    'fluid',
    'Another bleed for nothing; the pedal stays as it was',
    'Soft before and firm after the cycle proves it',
  ),
  fluid_boiled_wet: does(
    'Flush with new fluid',
    'fluid',
    'New fluid never hurts; the fade comes back hot',
    'A hard run on new fluid says at once',
  ),
  fluid_boiled_heat: does(
    'Higher-rated fluid, then get heat out of the caliper',
    'fluid',
    'Better fluid moves the limit, it does not lower the heat',
  ),
  fluid_low: does(
    'Find where it went, then top up',
    'fluid',
    'Topped up over worn pads it overfills when they are changed',
    'A level that stays where it was put was only low',
  ),
  fluid_overfilled: does(
    'Draw off to the mark',
    'none',
    'Nothing lost',
    'Brakes that let go after drawing off prove it',
  ),
  fluid_wrong: does(
    'Flush right through; renew swollen rubber',
    'major',
    'Costly seals changed for nothing: test a drop in water first',
  ),
  external_leak: {
    ...does(
      'Renew the leaking part, bleed',
      'small',
      'A dry joint remade for nothing; look again under pressure',
      'A dry joint under a hard press proves it',
    ),
    begins: 'leak',
  },
  master_bypass: does(
    'New master cylinder, bleed',
    'major',
    'An expensive part, and the pedal still sinks',
    'Plug the outlets: a pedal that still sinks is the master',
  ),
  master_leak_to_booster: does(
    'New master; look into the booster',
    'major',
    'An expensive part; the level still falls',
  ),
  hose_expansion: does(
    'New hoses, braided or rubber, bleed',
    'small',
    'Old hoses were due anyway',
    'Old rubber hoses that are coming off anyway, in a smooth clamp: the travel that goes is theirs. Never clamp a braided one',
  ),
  hose_restricted: does(
    'New hose at that corner, its partner too, bleed',
    'small',
    'Old hoses were due anyway',
    'Opening the bleeder frees a wheel behind a blocked hose',
  ),
  pressure_trapped: does(
    'Shorten the pushrod until it has play',
    'none',
    'Too short gives a long pedal: set it back',
    'Easing the master off its mount frees it at once',
  ),
  pushrod_short: does(
    'Lengthen the pushrod to the maker’s play',
    'none',
    'Too long holds the vent port shut: leave play',
  ),
  bias_misset: does(
    'Set the balance; mark where it stood',
    'none',
    'Back to the mark',
    'One turn and a few stops say; without an adjuster it is compound or sizes',
  ),
  bleeder_not_at_top: does(
    'Swap the calipers side to side, bleed',
    'fluid',
    'An hour and fluid; look first, it takes a minute',
    'The bleeder stands at the top or it does not',
  ),
  master_too_small: does(
    'Next master bore up',
    'major',
    'A hard pedal in place of a long one: do the sum first',
  ),
  master_too_big: does(
    'Next master bore down',
    'major',
    'A long pedal in place of a hard one: do the sum first',
  ),
  firewall_flex: does(
    'Brace the master',
    'small',
    'Weight for nothing: measure the movement first',
    'A hand-held bar against the master is felt at the pedal',
  ),
  pedal_ratio_low: does(
    'Move the clevis; master moves with it',
    'small',
    'Travel grows: check the floor first',
  ),
  pedal_pivot_play: does('New bush and pin', 'small', 'Little lost; play is never right'),
  booster_supply_lost: does(
    'New vacuum hose and check valve',
    'small',
    'Little lost; old valves were due',
    'Vacuum at the booster says before and after',
  ),
  booster_failed: does('New booster', 'major', 'The dearest guess of all: prove vacuum first'),
  hydraulic_assist_low: does(
    'Fill or repair the assist, look for its leak',
    'fluid',
    'Topped up over a leak it goes again',
  ),
  pad_glazed: does(
    'Dress or change pads, bed in',
    'pads',
    'Fresh faces hide whatever glazed them',
    'Sanded faces and ten slowdowns say at once',
  ),
  pad_overheated: does('Pads for the heat there is, or less heat', 'pads', 'A hotter pad is worse cold'),
  pad_too_cold: does(
    'Warm them, or a street pad for the road',
    'pads',
    'Nothing lost by warming first',
    'Six firm slowdowns and try again',
  ),
  pad_worn_out: does('New pads, axle set', 'pads', 'They were thin: nothing lost'),
  pad_not_bedded: does('Bed them in', 'none', 'An hour of road', 'Ten slowdowns cure and prove it'),
  pad_contaminated: does(
    'New pads, cure the leak, clean the rotor',
    'pads',
    'Pads gone for nothing; the smell and the wet say first',
  ),
  poor_friction_pair: does('Another pad and rotor pair', 'pads', 'Two things changed at once say little'),
  uneven_transfer: does(
    'Scrub the print off, bed in',
    'none',
    'Nothing lost; the shake stays',
    'Garnet paper and a bed-in cure and prove it',
  ),
  rotor_thickness_variation: does(
    'Machine or renew the pair',
    'major',
    'Metal gone that a bed-in might have saved: measure first',
  ),
  rotor_runout: does(
    'Clean faces, re-index; machine or renew if that will not do',
    'none',
    'Half an hour; the dial says',
    'Turning it on its studs cures and proves it',
  ),
  rotor_heat_distorted: does(
    'Renew the pair; then ask where the heat came from',
    'major',
    'New rotors distort the same way',
  ),
  rotor_cracked: does('Renew the pair now', 'major', 'Nobody regrets it'),
  rotor_below_minimum: does('Renew the pair', 'major', 'They were due'),
  rotor_scored: does('Machine or renew', 'major', 'Streaks of colour are not grooves: the nail decides'),
  rotor_float_bound: does(
    'Free or renew the float hardware',
    'small',
    'Little lost',
    'The ring moves by hand or it does not',
  ),
  rotor_float_worn: does('New bobbins; hat if its holes are long', 'small', 'Little lost'),
  caliper_slides_seized: does(
    'Slides out, clean, grease, boots',
    'small',
    'Clean slides never hurt',
    'A caliper that glides again proves it',
  ),
  caliper_piston_seized: does(
    'Rebuild or renew the caliper, bleed',
    'small',
    'Seals and an afternoon',
    'A piston that goes back by hand is not it',
  ),
  caliper_spread: does('Stiffer caliper or brace', 'major', 'Dear; watch it spread under a press first'),
  integral_adjuster_slack: does(
    'Wind the adjuster up with the lever',
    'none',
    'Nothing lost',
    'A few pulls of the lever and the pedal comes up',
  ),
  parking_brake_drag: does(
    'Free the cable, set the lever',
    'small',
    'Little lost',
    'Lever down, cable off: turns free or not',
  ),
  wheel_bearing_play: does(
    'Adjust or renew the bearing',
    'small',
    'Dial it first; a bearing is an afternoon',
  ),
  hub_upright_flex: does(
    'Stiffer upright, or springs behind the pistons',
    'major',
    'Springs cost drag and cure little else',
  ),
  suspension_play: does('New bush or joint', 'small', 'Little lost; play is never right'),
  wheel_fault: does(
    'Balance, face, torque; swap wheels front to back',
    'none',
    'Nothing lost',
    'Swapping wheels moves the shake or it does not',
  ),
  cooling_insufficient: does('Duct to the core', 'small', 'Weight and drag; paint and strips say first'),
  cooling_one_sided: does('Move the duct to the core', 'small', 'Little lost'),
  brakes_undersized: does(
    'Bigger brakes, or less of everything',
    'major',
    'The dearest guess: do the heat sum first',
  ),
  drum_slack: does(
    'Free and set the adjusters',
    'none',
    'Nothing lost',
    'Set to a light drag, the pedal comes up at once',
  ),
  drum_glazed: does('Dress drum and linings', 'small', 'Little lost'),
  drum_oval: does('Turn or renew the drums', 'major', 'Measure across both ways first'),
  wheel_cylinder_seized: does('New cylinders, bleed', 'small', 'Cheap parts; both sides'),
  debris_in_brake: does('Wheel off, clear it', 'none', 'Nothing lost', 'The noise is gone with what rubbed'),
  pedal_ratio_high: does(
    'Move the clevis for less lever, or fit a smaller bore',
    'small',
    'The pedal goes hard: set it back',
  ),
  lining_separated: does('New pads on the axle', 'pads', 'Pads were due sooner or later'),
  rotor_rusted: does(
    'Clean by braking; machine or renew what stays pitted',
    'none',
    'A few stops and nothing lost',
    'A face that comes clean in ten stops was only rusted',
  ),
  pads_bound: does(
    'Clean the bracket, new hardware, free pads',
    'small',
    'Half an hour a side; nothing harmed',
    'A wheel that turns free after it proves it',
  ),
  caliper_loose: does(
    'Threads looked at, bolts renewed, every one to the maker’s torque',
    'small',
    'Ten minutes a side; nothing harmed',
    'Nothing knocks as the brake takes hold',
  ),
  pad_misfitted: does('Fit the right pads and hardware the right way', 'small', 'Nothing lost'),
  wheel_loose: does(
    'Renew stretched studs, torque in a star, again after the first run',
    'small',
    'Torque costs a minute a wheel',
  ),
  tyre_fault: does(
    'Set pressures; swap or renew the tyre',
    'major',
    'Pressures cost nothing; look at them first',
    'Swapped side to side, the pull changes with the tyre',
  ),
  shoes_worn: does('New shoes on the axle, adjust', 'pads', 'Shoes were due sooner or later'),
  wheel_speed_sensor: does(
    'Read the codes, clean or renew the sensor or its ring',
    'small',
    'A sensor changed for nothing; the code stays',
  ),
  abs_unit_fault: does(
    'Fuses, ground and plug first; then the unit, coded and bled',
    'major',
    'A dear unit changed for a bad ground; the code stays',
    'Its own codes, with supply and ground measured good',
  ),
  abs_working: does(
    'Nothing: say what it is',
    'none',
    'A fault that shows off the limit too is something else',
    'Loose ground, then just short of the limit',
  ),
};
