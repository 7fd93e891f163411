import { describe, expect, it } from 'vitest';
import { answersFrom, COUPE } from '../../tests/support/told';
import type { CarTraits } from '../car/traits';
import { diagnose } from './diagnose';

/** What was told and found, and what a mechanic would say. Written while the numbers were set: they keep them there. */
const CASES: [told: string, car: CarTraits, findings: string, cause: string][] = [
  [
    'opened, no modulator',
    { ...COUPE, stabilityControl: false },
    'pedal_spongy yes; system_opened yes; pedal_pump rises',
    'air_in_lines',
  ],
  [
    'calipers swapped left and right',
    COUPE,
    'pedal_spongy yes; caliper_fitted yes; system_opened yes; after_full_bleed still_soft; bleeder_position not_top FL',
    'bleeder_not_at_top',
  ],
  [
    'old hoses, seen to swell',
    COUPE,
    'pedal_spongy yes; pedal_soft_end yes; hose_kind rubber_old; bubbles none; hose_swell yes; system_opened no; temperature_link any_time',
    'hose_expansion',
  ],
  [
    'old hoses, nobody felt them',
    COUPE,
    'pedal_spongy yes; hose_kind rubber_old; bubbles none; after_full_bleed still_soft; system_opened no',
    'hose_expansion',
  ],
  [
    'wet line',
    COUPE,
    'pedal_long yes; leak line_or_hose; reservoir_level low; level_falls quickly',
    'external_leak',
  ],
  [
    'reservoir over the mark',
    COUPE,
    'wheel_drags all; temperature_link only_hot; reservoir_level over; pedal_free_play in_range',
    'fluid_overfilled',
  ],
  [
    'pushrod left short',
    COUPE,
    'pedal_long yes; pedal_free_play excess; master_fitted yes; pedal_pump same',
    'pushrod_short',
  ],
  [
    'pushrod too long after the booster was changed',
    COUPE,
    'wheel_drags all; master_fitted yes; pedal_free_play none; temperature_link only_hot',
    'pressure_trapped',
  ],
  [
    'assist pump dry',
    { ...COUPE, assist: 'hydraulic' },
    'pedal_hard yes; assist_start no_change; assist_fluid low',
    'hydraulic_assist_low',
  ],
  [
    'vacuum there, booster does nothing',
    COUPE,
    'pedal_hard yes; assist_start no_change; assist_vacuum ok',
    'booster_failed',
  ],
  [
    'small master after a conversion',
    COUPE,
    'pedal_long yes; brake_conversion yes; bubbles none; pedal_pump same; leak none',
    'master_too_small',
  ],
  [
    'big master after a conversion',
    { booster: false },
    'pedal_hard yes; brake_conversion yes; pedal_ratio in_band; poor_stopping yes',
    'master_too_big',
  ],
  ['wrong bottle', COUPE, 'fluid_type wrong; pedal_spongy yes; fluid_look debris', 'fluid_wrong'],
  [
    'rear locks after a conversion',
    COUPE,
    'axle_locks_early rear; brake_conversion yes; pedal_now firm',
    'bias_misset',
  ],
  ['worn pivot', COUPE, 'pedal_long yes; pedal_linkage worn; pedal_free_play excess', 'pedal_pivot_play'],
  [
    'low with worn pads',
    COUPE,
    'reservoir_level low; warning_light brake; pad_thickness low; leak none; level_falls slowly',
    'fluid_low',
  ],
  [
    'sinks after standing',
    COUPE,
    'pedal_sinks yes; pedal_hold sinks; leak none; reservoir_level ok; stood_long yes',
    'master_bypass',
  ],
  [
    'hub bends, all else good',
    COUPE,
    'first_press_long yes; after_cornering yes; bearing_play ok; rotor_runout ok; rotor_float free; hub_flex moves FL',
    'hub_upright_flex',
  ],
  [
    'long after kerbs, nothing measured',
    COUPE,
    'first_press_long yes; after_cornering yes',
    'wheel_bearing_play',
  ],
  [
    'race pads cold',
    COUPE,
    'poor_stopping yes; temperature_link only_cold; compound track; noise_squeal yes',
    'pad_too_cold',
  ],
  [
    'new pads never bedded',
    COUPE,
    'poor_stopping yes; friction_new yes; bed_in_done no; temperature_link any_time',
    'pad_not_bedded',
  ],
  ['stone after an excursion', COUPE, 'noise_grind yes; off_track yes; pad_thickness ok', 'debris_in_brake'],
  [
    'shakes coasting too',
    COUPE,
    'vibration_braking yes; vibration_coasting yes; wheel_mounting fault FL',
    'wheel_fault',
  ],
  [
    'pulses only in ABS',
    COUPE,
    'pedal_pulses yes; pulse_only_in_abs yes; vibration_coasting no',
    'abs_working',
  ],
  [
    'piston stuck, rear left',
    COUPE,
    'wheel_drags one RL; piston_return stiff RL; open_bleeder_frees no RL; heat_spread one_hot RL',
    'caliper_piston_seized',
  ],
  [
    'parking brake drags',
    { ...COUPE, parkingBrake: 'drum_in_hat' },
    'wheel_drags one RR; parking_brake drags; smell_or_smoke yes RR',
    'parking_brake_drag',
  ],
  [
    'adjuster in the caliper never wound out',
    { ...COUPE, parkingBrake: 'in_caliper', caliper: { front: 'sliding', rear: 'sliding' } },
    'pedal_long yes; pedal_pump rises; bubbles none; caliper_fitted yes; leak none',
    'integral_adjuster_slack',
  ],
  [
    'no ducts, right pads',
    COUPE,
    'temperature_link only_hot; usage track; cooling_path none; rotor_peak over_pad_limit FL; pads_wear_fast yes; poor_stopping yes; compound track',
    'pad_overheated',
  ],
  [
    'duct blows at the face',
    COUPE,
    'rotor_surface cracked FR; cooling_path face FR; usage track',
    'cooling_one_sided',
  ],
  [
    'caliper leaks on its pad',
    COUPE,
    'pulls yes; pad_surface contaminated FL; leak caliper_or_cylinder FL',
    'external_leak',
  ],
  [
    'waved rotor',
    COUPE,
    'vibration_braking yes; rotor_shape wave FL; rotor_runout high FL; rotor_colour blued FL; judder_order second_or_more',
    'rotor_heat_distorted',
  ],
];

describe('cases of our own', () => {
  it.each(CASES)('%s', (_, car, findings, cause) => {
    const { causes } = diagnose({ car, findings: answersFrom(findings) });
    expect(
      causes[0]!.id,
      causes
        .slice(0, 4)
        .map((each) => `${each.id} ${each.probability.toFixed(2)}`)
        .join(', '),
    ).toBe(cause);
  });
});
