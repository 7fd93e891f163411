import type { FindingId } from '../../readings/vocabulary/findings';
import type { CauseId } from '../causes';

/** A state that looks straight at faults: alone, one of them is there with this chance. */
export type Sight = { sure: number; of: readonly CauseId[] };

const sees = (sure: number, ...of: CauseId[]): Sight => ({ sure, of });

/**
 * The findings that are the fault: direct sight or measurement, by how sure the method is. False alarms are worked out
 * from it (`network/leak.ts`), so that the state alone leaves the faults it settles with this chance, at a corner and
 * on a car alike. Common practice, no source; docs/sources.md says how sure each is taken to be.
 */
export const SIGHTS: Partial<Record<FindingId, Readonly<Record<string, Sight>>>> = {
  bearing_play: { excess: sees(0.95, 'wheel_bearing_play') },
  slide_pins: { stiff: sees(0.92, 'caliper_slides_seized') },
  piston_return: { stiff: sees(0.93, 'caliper_piston_seized', 'hose_restricted') },
  pad_fit: { stiff: sees(0.92, 'pads_bound'), wrong: sees(0.95, 'pad_misfitted') },
  caliper_mount: { loose: sees(0.95, 'caliper_loose') },
  shield_look: { stone: sees(0.95, 'debris_in_brake'), touches: sees(0.85, 'debris_in_brake') },
  hub_flex: { moves: sees(0.86, 'hub_upright_flex') },
  suspension_joints: { play: sees(0.93, 'suspension_play') },
  wheel_mounting: { fault: sees(0.93, 'wheel_fault') },
  wheel_nuts: { loose: sees(0.95, 'wheel_loose'), stud_damaged: sees(0.9, 'wheel_loose') },
  tyres: { fault: sees(0.9, 'tyre_fault') },
  fault_codes: { wheel_sensor: sees(0.93, 'wheel_speed_sensor'), modulator: sees(0.85, 'abs_unit_fault') },
  rotor_float: { bound: sees(0.92, 'rotor_float_bound'), hammered: sees(0.92, 'rotor_float_worn') },
  rotor_runout: { high: sees(0.88, 'rotor_runout', 'rotor_heat_distorted') },
  rotor_shape: { wobble: sees(0.9, 'rotor_runout'), wave: sees(0.87, 'rotor_heat_distorted') },
  rotor_dtv: { high: sees(0.88, 'rotor_thickness_variation', 'uneven_transfer') },
  hub_runout: { high: sees(0.83, 'rotor_runout') },
  rotor_surface: {
    rusted: sees(0.9, 'rotor_rusted'),
    grooves: sees(0.9, 'rotor_scored'),
    deposits: sees(0.92, 'uneven_transfer'),
    cracked: sees(0.97, 'rotor_cracked'),
  },
  rotor_thickness: { below_minimum: sees(0.97, 'rotor_below_minimum') },
  pad_thickness: { worn_out: sees(0.97, 'pad_worn_out') },
  pad_surface: {
    glazed: sees(0.91, 'pad_glazed'),
    contaminated: sees(0.95, 'pad_contaminated'),
    crumbled: sees(0.88, 'pad_overheated'),
    separated: sees(0.96, 'lining_separated'),
  },
  pad_wear_shape: {
    taper_radial: sees(0.6, 'caliper_spread', 'rotor_heat_distorted', 'cooling_one_sided'),
    taper_along: sees(0.5, 'pads_bound', 'caliper_slides_seized', 'pad_misfitted'),
  },
  hose_swell: { yes: sees(0.88, 'hose_expansion') },
  open_bleeder_frees: { yes: sees(0.92, 'hose_restricted', 'pressure_trapped', 'fluid_overfilled') },
  loosen_master_frees: { yes: sees(0.95, 'pressure_trapped') },
  master_movement: { moves: sees(0.93, 'firewall_flex') },
  pedal_linkage: { worn: sees(0.95, 'pedal_pivot_play'), cracked: sees(0.95, 'pedal_pivot_play') },
  pedal_ratio: { low: sees(0.95, 'pedal_ratio_low'), high: sees(0.9, 'pedal_ratio_high') },
  pedal_free_play: {
    none: sees(0.75, 'pressure_trapped'),
    excess: sees(0.88, 'pushrod_short', 'pedal_pivot_play'),
  },
  reservoir_level: { low: sees(0.97, 'fluid_low'), over: sees(0.97, 'fluid_overfilled') },
  fluid_type: { wrong: sees(0.96, 'fluid_wrong') },
  fluid_look: { debris: sees(0.6, 'fluid_wrong', 'master_bypass') },
  bubbles: { many: sees(0.9, 'air_in_lines') },
  bleeder_position: { not_top: sees(0.97, 'bleeder_not_at_top') },
  bleeder_screw: { weeps: sees(0.95, 'external_leak') },
  leak: {
    line_or_hose: sees(0.97, 'external_leak'),
    caliper_or_cylinder: sees(0.97, 'external_leak'),
    master_to_booster: sees(0.97, 'master_leak_to_booster'),
  },
  behind_master: { wet: sees(0.97, 'master_leak_to_booster') },
  assist_vacuum: { low: sees(0.95, 'booster_supply_lost', 'booster_failed') },
  assist_fluid: { low: sees(0.94, 'hydraulic_assist_low') },
  assist_start: { no_change: sees(0.91, 'booster_supply_lost', 'booster_failed', 'hydraulic_assist_low') },
  cooling_path: { face: sees(0.85, 'cooling_one_sided') },
  rotor_peak: { over_pad_limit: sees(0.9, 'pad_overheated') },
  caliper_peak: { over_fluid_limit: sees(0.6, 'fluid_boiled_heat', 'fluid_boiled_wet') },
  parking_brake: { drags: sees(0.94, 'parking_brake_drag') },
  drum_adjustment: { slack: sees(0.93, 'drum_slack', 'shoes_worn') },
  drum_surface: {
    glazed: sees(0.93, 'drum_glazed'),
    oval: sees(0.93, 'drum_oval'),
    contaminated: sees(0.94, 'pad_contaminated'),
  },
  shoe_lining: { worn_out: sees(0.97, 'shoes_worn') },
  wheel_cylinder: { stiff: sees(0.93, 'wheel_cylinder_seized'), leaking: sees(0.93, 'external_leak') },
  pulse_only_in_abs: { yes: sees(0.91, 'abs_working', 'wheel_speed_sensor') },
};
