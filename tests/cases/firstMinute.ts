import type { CarTraits } from '../../core/car/traits';
import { BARE, COUPE, HATCH, SALOON, TOLD } from '../support/told';

/**
 * Complaints as they stand after the first minute or the first measurement, and what a lead technician would say.
 * Written from the trade; the first sixty and more before the numbers were set. `first`: causes that may stand in front, `also`: those that must
 * be among the first three beside it, `not`: causes that must stay under the chance given.
 */
export type FirstMinute = {
  told: string;
  car: CarTraits;
  findings: string;
  first: string;
  also?: string;
  not?: Record<string, number>;
};

function row(
  told: string,
  car: CarTraits,
  findings: string,
  first: string,
  more: Pick<FirstMinute, 'also' | 'not'> = {},
): FirstMinute {
  return { told, car, findings, first, ...more };
}

export const FIRST_MINUTE: readonly FirstMinute[] = [
  // One to three answers, as the driver gives them.
  row(
    'shakes, pulls, eats pads',
    SALOON,
    'vibration_braking yes; pulls yes; pads_wear_fast yes',
    'caliper_slides_seized|caliper_piston_seized|suspension_play|uneven_transfer',
  ),
  row(
    'wet fluid and rotors past their pads: both gave out',
    COUPE,
    'pedal_spongy yes; temperature_link only_hot; fluid_moisture wet; rotor_peak over_pad_limit FL',
    'pad_overheated|fluid_boiled_wet',
    { also: 'pad_overheated fluid_boiled_wet' },
  ),
  row(
    'hard pedal, and nobody knows which assist',
    TOLD,
    'pedal_hard yes',
    'booster_supply_lost|booster_failed',
    {
      not: { hydraulic_assist_low: 0.01 },
    },
  ),
  row(
    'hard pedal at any time, and nobody knows which assist',
    TOLD,
    'pedal_hard yes; temperature_link any_time; poor_stopping yes',
    'booster_supply_lost|booster_failed',
  ),
  row('hard pedal, the assist pump is dry', TOLD, 'pedal_hard yes; assist_fluid low', 'hydraulic_assist_low'),
  row('grinds behind since it stood', TOLD, 'stood_long yes; noise_grind yes RL', 'rotor_rusted', {
    also: 'pad_worn_out',
  }),
  row(
    'drags and grinds behind since it stood',
    TOLD,
    'stood_long yes; wheel_drags one RL; noise_grind yes RL',
    'pad_worn_out|rotor_rusted|caliper_slides_seized|caliper_piston_seized',
    { also: 'rotor_rusted', not: { pad_worn_out: 0.75 } },
  ),
  row(
    'shakes without the brake since it stood',
    TOLD,
    'stood_long yes; vibration_coasting yes',
    'tyre_fault',
  ),
  row(
    'one wheel drags, and the level keeps falling',
    SALOON,
    'wheel_drags one FL; level_falls slowly',
    'pad_worn_out|caliper_slides_seized|caliper_piston_seized',
    { not: { pad_worn_out: 0.85 } },
  ),
  row(
    'grinds in front since pads and rotors went in',
    TOLD,
    'noise_grind yes FL; friction_new yes; pads_new yes front; rotors_new yes front',
    'debris_in_brake|pad_misfitted|poor_friction_pair',
    { not: { pad_worn_out: 0.12 } },
  ),
  row(
    'shakes with new rotors that were bedded in: not worn yet',
    TOLD,
    'vibration_braking yes; friction_new yes; rotors_new yes front; pads_new yes front; bed_in_done yes',
    'uneven_transfer|rotor_runout|wheel_fault',
  ),
  row(
    'knocks once as the brake takes hold, since the calipers were off',
    SALOON,
    'noise_rattle yes; caliper_fitted yes',
    'caliper_loose|suspension_play',
    { also: 'caliper_loose' },
  ),
  row('a caliper bolt turns', COUPE, 'caliper_mount loose FL', 'caliper_loose'),
  row(
    'shakes, and a caliper bolt turns',
    COUPE,
    'vibration_braking yes; caliper_mount loose FL',
    'caliper_loose',
  ),
  row(
    'bolts are tight, the joint is not',
    SALOON,
    'noise_rattle yes; caliper_mount tight; suspension_joints play FL',
    'suspension_play',
    {
      not: { caliper_loose: 0.02 },
    },
  ),
  row('soft and shaking', SALOON, 'pedal_spongy yes; vibration_braking yes', 'air_in_lines|hose_expansion'),
  row(
    'soft, does not stop, hot',
    COUPE,
    'pedal_spongy yes; poor_stopping yes; temperature_link only_hot',
    'fluid_boiled_wet|fluid_boiled_heat',
  ),
  row(
    'long, does not stop, hot',
    SALOON,
    'pedal_long yes; poor_stopping yes; temperature_link only_hot',
    'fluid_boiled_wet|fluid_boiled_heat',
  ),
  row(
    'squeals, level goes down, lamp',
    SALOON,
    'noise_squeal yes; level_falls slowly; warning_light brake',
    'pad_worn_out|fluid_low',
    { also: 'pad_worn_out' },
  ),
  row('grinds', SALOON, 'noise_grind yes', 'pad_worn_out'),
  row(
    'drags after standing',
    SALOON,
    'wheel_drags one; stood_long yes',
    'caliper_piston_seized|caliper_slides_seized|parking_brake_drag',
  ),
  row('shakes', SALOON, 'vibration_braking yes', 'uneven_transfer|rotor_thickness_variation|suspension_play'),
  row('shakes always', SALOON, 'vibration_braking yes; vibration_coasting yes', 'wheel_fault'),
  row('rattles', SALOON, 'noise_rattle yes', 'suspension_play'),
  row(
    'pulls',
    SALOON,
    'pulls yes',
    'caliper_slides_seized|caliper_piston_seized|suspension_play|pad_contaminated',
  ),
  row('hard', SALOON, 'pedal_hard yes', 'booster_supply_lost|booster_failed'),
  row('sinks', SALOON, 'pedal_sinks yes', 'master_bypass|external_leak'),
  row('first press long', SALOON, 'first_press_long yes', 'wheel_bearing_play|rotor_runout'),
  row(
    'hard and squealing',
    SALOON,
    'pedal_hard yes; noise_squeal yes',
    'booster_supply_lost|booster_failed|pad_glazed',
    { not: { unlisted: 0.25 } },
  ),
  row('soft and squealing', SALOON, 'pedal_spongy yes; noise_squeal yes', 'air_in_lines'),
  row('brake lamp', SALOON, 'warning_light brake', 'fluid_low|pad_worn_out|external_leak'),
  row(
    'green pads, hot and smelling',
    COUPE,
    'friction_new yes; bed_in_done no; poor_stopping yes; temperature_link only_hot; smell_or_smoke yes',
    'pad_not_bedded|pad_overheated',
    { also: 'pad_not_bedded' },
  ),
  row(
    'street pads on a circuit',
    COUPE,
    'poor_stopping yes; temperature_link only_hot; compound street; usage track',
    'pad_overheated',
    { not: { cooling_insufficient: 0.6 } },
  ),
  row('no stopping, grinding', SALOON, 'poor_stopping yes; noise_grind yes', 'pad_worn_out|pad_glazed', {
    also: 'pad_worn_out',
  }),
  row(
    'level falls, no wet spot, pads thick',
    SALOON,
    'level_falls slowly; leak none; pad_thickness ok',
    'master_leak_to_booster',
  ),
  row(
    'leverage before bore',
    BARE,
    'pedal_hard yes; assist_removed yes; master_fitted yes',
    'pedal_ratio_low',
  ),
  row('low drums', HATCH, 'pedal_long yes; pedal_pump rises', 'drum_slack|air_in_lines', {
    also: 'drum_slack',
  }),
  row(
    'everything drags after a new master',
    SALOON,
    'wheel_drags all; master_fitted yes',
    'pressure_trapped',
  ),
  row(
    'to the floor, then fine',
    COUPE,
    'pedal_to_floor yes; temperature_link only_hot; recovery after_cooling',
    'fluid_boiled_wet|fluid_boiled_heat',
  ),
  row(
    'long after kerbs, two-piece rotors',
    COUPE,
    'first_press_long yes; after_cornering yes; usage track',
    'wheel_bearing_play|hub_upright_flex',
  ),
  row(
    'wet, old cap, stood all winter',
    SALOON,
    'pedal_spongy yes; temperature_link only_hot; stood_long yes; reservoir_cap damaged',
    'fluid_boiled_wet',
  ),
  row(
    'hard, no assist, level falling',
    SALOON,
    'pedal_hard yes; assist_start no_change; level_falls slowly; leak none',
    'master_leak_to_booster|booster_failed',
    { also: 'booster_failed master_leak_to_booster' },
  ),
  row(
    'pulls and drags',
    SALOON,
    'pulls yes; wheel_drags one',
    'caliper_piston_seized|hose_restricted|caliper_slides_seized',
  ),
  row('squeals', SALOON, 'noise_squeal yes', 'pad_glazed|pad_worn_out|pad_not_bedded'),

  // One look or one measurement, and nothing else.
  ...(
    [
      ['bearing_play excess FR', 'wheel_bearing_play'],
      ['cooling_path face FL', 'cooling_one_sided'],
      ['piston_return stiff RL', 'caliper_piston_seized'],
      ['slide_pins stiff FR', 'caliper_slides_seized'],
      ['hub_flex moves FL', 'hub_upright_flex'],
      ['suspension_joints play FR', 'suspension_play'],
      ['wheel_mounting fault FR', 'wheel_fault'],
      ['rotor_runout high FR; rotor_shape wobble FR', 'rotor_runout'],
      ['rotor_runout high FR; rotor_shape wave FR', 'rotor_heat_distorted'],
      ['pad_surface glazed FL', 'pad_glazed'],
      ['hose_swell yes FL', 'hose_expansion'],
      ['loosen_master_frees yes', 'pressure_trapped'],
      ['master_movement moves', 'firewall_flex'],
      ['pedal_linkage worn', 'pedal_pivot_play'],
      ['pedal_free_play none', 'pressure_trapped'],
      ['assist_vacuum low', 'booster_supply_lost'],
    ] as const
  ).map(([findings, first]) => row(`alone: ${findings}`, SALOON, findings, first)),
  row('alone: the leverage', BARE, 'pedal_ratio low', 'pedal_ratio_low'),
  row('alone: bound float', COUPE, 'rotor_float bound FL', 'rotor_float_bound'),
  row('alone: shoe clearance', HATCH, 'drum_adjustment slack RL', 'drum_slack'),

  // More answers: what brought about what, two faults at once, and the places where a textbook is misread.
  row(
    'grooved by pads that are gone',
    SALOON,
    'noise_grind yes; rotor_surface grooves FL; pad_thickness worn_out FL',
    'pad_worn_out|rotor_scored',
    { also: 'pad_worn_out rotor_scored' },
  ),
  row(
    'cooked by a stuck caliper',
    SALOON,
    'wheel_drags one FR; slide_pins stiff FR; pad_surface glazed FR; smell_or_smoke yes FR',
    'caliper_slides_seized',
    { also: 'pad_glazed' },
  ),
  row(
    'low with pads worn out',
    SALOON,
    'reservoir_level low; pad_thickness worn_out FL; leak none',
    'pad_worn_out|fluid_low',
    { also: 'pad_worn_out fluid_low' },
  ),
  row(
    'wet caliper, soaked pad',
    SALOON,
    'pulls yes; leak caliper_or_cylinder FL; pad_surface contaminated FL',
    'external_leak|pad_contaminated',
    { also: 'external_leak pad_contaminated' },
  ),
  row(
    'fluid and pads both past their limits',
    COUPE,
    'pedal_spongy yes; poor_stopping yes; temperature_link only_hot; rotor_peak over_pad_limit FL; caliper_peak over_fluid_limit FL; fluid_moisture dry; usage track',
    'pad_overheated|fluid_boiled_heat',
    { also: 'pad_overheated fluid_boiled_heat' },
  ),
  row(
    'air reaches the core',
    COUPE,
    'poor_stopping yes; temperature_link only_hot; rotor_peak over_pad_limit FL; rotor_peak over_pad_limit FR; cooling_path core FL; cooling_path core FR; usage track; compound track',
    'pad_overheated',
    { also: 'brakes_undersized', not: { cooling_insufficient: 0.3 } },
  ),
  row(
    'everything right, every rotor over',
    COUPE,
    'rotor_peak over_pad_limit FL; rotor_peak over_pad_limit FR; rotor_peak over_pad_limit RL; rotor_peak over_pad_limit RR; cooling_path core FL; compound track; usage track; pads_wear_fast yes; fluid_moisture dry; temperature_link only_hot; poor_stopping yes',
    'pad_overheated|brakes_undersized',
    { also: 'brakes_undersized pad_overheated' },
  ),
  row(
    'small master, textbook',
    COUPE,
    'pedal_long yes; brake_conversion yes; master_fitted yes; pedal_now long; pedal_pump same; bubbles none; after_full_bleed still_soft',
    'master_too_small',
  ),
  row(
    'one side tapers, edge to edge',
    COUPE,
    'pedal_soft_end yes; pad_wear_shape taper_radial FL; after_full_bleed still_soft; master_movement still',
    'caliper_spread',
  ),
  row(
    'vacuum is there',
    SALOON,
    'pedal_hard yes; assist_vacuum ok; assist_start no_change',
    'booster_failed',
    { not: { booster_supply_lost: 0.2 } },
  ),
  row(
    'cheap pads eat the rotor',
    SALOON,
    'friction_new yes; pads_wear_fast yes; rotor_surface grooves FL; rotor_surface grooves FR; usage road',
    'rotor_scored|poor_friction_pair',
    { also: 'rotor_scored poor_friction_pair' },
  ),
  row(
    'one face blown on, waved',
    COUPE,
    'vibration_braking yes; cooling_path face FR; rotor_shape wave FR; rotor_runout high FR; usage track',
    'rotor_heat_distorted|cooling_one_sided',
    { also: 'rotor_heat_distorted cooling_one_sided' },
  ),
  row(
    'wet fluid and a loose bearing',
    COUPE,
    'pedal_spongy yes; temperature_link only_hot; fluid_moisture wet; first_press_long yes; bearing_play excess FL',
    'wheel_bearing_play|fluid_boiled_wet',
    { also: 'wheel_bearing_play fluid_boiled_wet' },
  ),
  row('smells at one wheel', SALOON, 'smell_or_smoke yes FL', 'caliper_slides_seized|pad_overheated', {
    also: 'caliper_slides_seized',
    not: { pad_overheated: 0.15 },
  }),
  row('one rotor hotter than the rest', SALOON, 'heat_spread one_hot FL', 'caliper_slides_seized', {
    also: 'caliper_piston_seized',
    not: { unlisted: 0.15 },
  }),
  row(
    'shakes since the hubs were off',
    SALOON,
    'vibration_braking yes; hub_work yes',
    'rotor_runout|rotor_thickness_variation',
    { also: 'rotor_runout' },
  ),
  row(
    'shakes after standing',
    SALOON,
    'vibration_braking yes; stood_long yes',
    'rotor_rusted|uneven_transfer',
    {
      also: 'rotor_rusted',
    },
  ),
  row('lone ABS lamp', SALOON, 'warning_light abs', 'wheel_speed_sensor'),
  row('the ABS unit names itself', SALOON, 'warning_light abs; fault_codes modulator', 'abs_unit_fault', {
    not: { wheel_speed_sensor: 0.1 },
  }),
  row('soft, only when cold', SALOON, 'pedal_spongy yes; temperature_link only_cold', 'air_in_lines', {
    not: { fluid_boiled_wet: 0.05, fluid_boiled_heat: 0.05 },
  }),
  row('grinds at the rear left', SALOON, 'noise_grind yes RL', 'pad_worn_out|rotor_scored', {
    also: 'pad_worn_out rotor_scored',
  }),
  row(
    'all hot, one drags',
    SALOON,
    'wheel_drags one; heat_spread all_hot',
    'pad_overheated|caliper_slides_seized',
    {
      not: { parking_brake_drag: 0.25 },
    },
  ),
  row('shield rubs', SALOON, 'noise_grind yes; shield_look touches FL', 'debris_in_brake', {
    not: { pad_worn_out: 0.1 },
  }),
  row('squeals, never bedded', SALOON, 'noise_squeal yes; bed_in_done no', 'pad_not_bedded|pad_glazed', {
    also: 'pad_not_bedded',
  }),
  row(
    'rattles since new pads',
    SALOON,
    'noise_rattle yes; friction_new yes',
    'pad_misfitted|suspension_play',
    {
      also: 'pad_misfitted',
    },
  ),
  // It bites harder than the foot asks.
  row('grabs in the morning', SALOON, 'grabs yes; temperature_link only_cold', 'rotor_rusted'),
  row('grabs at one wheel', SALOON, 'grabs yes FR', 'pad_contaminated|rotor_rusted|uneven_transfer', {
    not: { master_too_small: 0.05, booster_failed: 0.05 },
  }),
  row(
    'grabs since the conversion',
    BARE,
    'grabs yes; brake_conversion yes',
    'master_too_small|pedal_ratio_high',
    { also: 'master_too_small pedal_ratio_high' },
  ),
  // Help that leaks away, and is heard.
  row('hard and hissing', SALOON, 'pedal_hard yes; noise_hiss yes', 'booster_failed', {
    also: 'booster_supply_lost',
  }),
  row('hard in the morning', SALOON, 'pedal_hard yes; temperature_link only_cold', 'booster_supply_lost'),
  // A pulse that is the ABS: at work, or for nothing.
  row('ABS at walking pace', SALOON, 'pedal_pulses yes; pulse_when for_nothing', 'wheel_speed_sensor', {
    not: { abs_working: 0.1 },
  }),
  row('kicks back in the wet', SALOON, 'pedal_pulses yes; pulse_when at_limit', 'abs_working'),
  row(
    'pulses in time with the wheel',
    SALOON,
    'pedal_pulses yes; pulse_when with_wheel',
    'rotor_thickness_variation|uneven_transfer',
    { also: 'rotor_thickness_variation', not: { abs_working: 0.05, wheel_speed_sensor: 0.05 } },
  ),
  // A pull that is there with the foot off.
  row('pulls all along', SALOON, 'pulls yes; pull_off_brake yes', 'tyre_fault', {
    also: 'caliper_piston_seized',
    not: { pad_contaminated: 0.08 },
  }),
  row('pulls on the brake only', SALOON, 'pulls yes; pull_off_brake no', 'caliper_slides_seized', {
    not: { tyre_fault: 0.08 },
  }),
  row(
    'pulls all along, one side hot',
    SALOON,
    'pulls yes; pull_off_brake yes; heat_spread one_hot FR',
    'caliper_piston_seized|hose_restricted|caliper_slides_seized|pads_bound',
    { not: { tyre_fault: 0.35 } },
  ),
  // What the foot and the road do to a noise.
  row(
    'growls in turns',
    SALOON,
    'noise_grind yes; noise_when turning',
    'wheel_bearing_play|debris_in_brake',
    {
      also: 'wheel_bearing_play debris_in_brake',
      not: { pad_worn_out: 0.25 },
    },
  ),
  row(
    'both rear wheels hot and smelling',
    TOLD,
    'heat_spread one_axle RL; smell_or_smoke yes RL',
    'parking_brake_drag',
  ),
  row(
    'grinds on the brake only',
    SALOON,
    'noise_grind yes; noise_when braking',
    'pad_worn_out|rotor_scored',
    {
      also: 'pad_worn_out rotor_scored',
      not: { debris_in_brake: 0.06, wheel_bearing_play: 0.03 },
    },
  ),
  row('rattles over bumps', SALOON, 'noise_rattle yes; noise_when bumps', 'suspension_play'),
  row('rattles until the foot is on', SALOON, 'noise_rattle yes; noise_when off_brake', 'pad_misfitted'),
  row(
    'sings along, quiet on the brake',
    SALOON,
    'noise_squeal yes; noise_when rolling; noise_when off_brake',
    'pads_bound|pad_worn_out',
    { also: 'pads_bound' },
  ),
  // Without the ABS unit the force is not shared out: two lamps, one fault.
  row('both lamps on', SALOON, 'warning_light abs; warning_light brake', 'wheel_speed_sensor', {
    also: 'abs_unit_fault',
    not: { fluid_low: 0.15, external_leak: 0.05 },
  }),
  row('red lamp on', SALOON, 'warning_light brake', 'fluid_low', { also: 'pad_worn_out' }),
  row('pad lamp on', SALOON, 'warning_light pad_wear', 'pad_worn_out', { not: { external_leak: 0.03 } }),
  // What is new is not worn out, and what stayed may be.
  row(
    'squeals since the new pads',
    SALOON,
    'noise_squeal yes; friction_new yes; pads_new yes',
    'pad_not_bedded|pad_misfitted|pad_glazed',
    { not: { pad_worn_out: 0.05, shoes_worn: 0.05 } },
  ),
  row(
    'grinds behind, new pads in front',
    SALOON,
    'noise_grind yes rear; friction_new yes; pads_new yes front',
    'rotor_scored|pad_worn_out',
    { also: 'pad_worn_out rotor_scored' },
  ),
  row(
    'new rotors on the old pads, and it grinds',
    SALOON,
    'noise_grind yes front; friction_new yes; rotors_new yes front; pads_new no front',
    'pad_worn_out|rotor_scored',
    { also: 'pad_worn_out', not: { rotor_rusted: 0.05, rotor_below_minimum: 0.02 } },
  ),
  row(
    'shakes since the pads, rotors as they were',
    SALOON,
    'vibration_braking yes; friction_new yes; pads_new yes; rotors_new no',
    'uneven_transfer|rotor_thickness_variation',
    { also: 'uneven_transfer rotor_thickness_variation' },
  ),
  // What was touched last, and where the car has been.
  row('grinds after the gravel', SALOON, 'off_track yes; noise_grind yes', 'debris_in_brake'),
  row('shakes after the gravel', SALOON, 'off_track yes; vibration_braking yes', 'wheel_fault'),
  row('grinds after the winter', SALOON, 'stood_long yes; noise_grind yes', 'rotor_rusted'),
  row(
    'shakes after the winter',
    SALOON,
    'stood_long yes; vibration_braking yes',
    'rotor_rusted|uneven_transfer',
  ),
  row(
    'one wheel drags since the new pads',
    SALOON,
    'friction_new yes; wheel_drags one FR',
    'pads_bound|caliper_slides_seized',
    {
      also: 'pads_bound caliper_slides_seized',
    },
  ),
  row(
    'the level falls since the calipers',
    SALOON,
    'caliper_fitted yes; level_falls slowly',
    'external_leak',
  ),
  row(
    'soft and pulls since the calipers',
    SALOON,
    'caliper_fitted yes; pedal_spongy yes; pulls yes',
    'air_in_lines',
  ),
  row(
    'shakes since the bearing',
    SALOON,
    'hub_work yes; vibration_braking yes',
    'rotor_runout|rotor_thickness_variation',
    {
      also: 'rotor_runout',
    },
  ),
  row(
    'a kerb, and the next press to the floor',
    SALOON,
    'after_cornering yes; pedal_to_floor yes',
    'wheel_bearing_play|hub_upright_flex',
    { not: { external_leak: 0.25, fluid_boiled_wet: 0.15 } },
  ),
  row(
    'lamp on, and held back',
    SALOON,
    'warning_light brake; wheel_drags all',
    'parking_brake_drag|pad_worn_out',
    { also: 'parking_brake_drag' },
  ),
  row(
    'lamp on, and a rear that does not let go',
    SALOON,
    'warning_light brake; wheel_drags one RR',
    'parking_brake_drag',
  ),
  row('grooves on both rears', SALOON, 'rotor_surface grooves RL; rotor_surface grooves RR', 'rotor_scored', {
    not: { poor_friction_pair: 0.7 },
  }),
  row(
    'inner pads thin on both fronts',
    SALOON,
    'pad_wear_shape inner_thin FL; pad_wear_shape inner_thin FR',
    'caliper_slides_seized',
  ),
];
