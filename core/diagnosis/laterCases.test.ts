import { describe, expect, it } from 'vitest';
import { answersFrom, BARE, HATCH, SALOON } from '../../tests/support/told';
import type { CarTraits } from '../car/traits';
import { diagnose } from './diagnose';

/**
 * What was told and found, and what a mechanic would say: written after the numbers were set and not used to set them.
 * The cause has to stand in front, with its corner where one is named.
 */
const CASES: [told: string, car: CarTraits, findings: string, cause: string, corner?: string][] = [
  [
    'shoes never set after new linings',
    HATCH,
    'pedal_long yes; pedal_pump rises; drum_adjustment slack RL; drum_adjustment slack RR; leak none',
    'drum_slack',
  ],
  [
    'drum cylinder rusted solid',
    HATCH,
    'pulls yes; wheel_cylinder stiff RR; drum_surface normal RR',
    'wheel_cylinder_seized',
    'RR',
  ],
  [
    'pedal pulses with the drums',
    HATCH,
    'pedal_pulses yes; vibration_braking yes; drum_surface oval RL; rotor_runout ok FL; rotor_runout ok FR',
    'drum_oval',
    'RL',
  ],
  [
    'stone between rotor and shield',
    SALOON,
    'noise_grind yes; off_track yes; pad_thickness ok FL; rotor_surface smooth FL',
    'debris_in_brake',
  ],
  [
    'pads down to the plate',
    SALOON,
    'noise_grind yes; pad_thickness worn_out FR; rotor_surface grooves FR',
    'pad_worn_out',
  ],
  [
    'inner pad gone, pins dry',
    SALOON,
    'pads_wear_fast yes; pad_wear_shape inner_thin FL; slide_pins stiff FL; piston_return free FL',
    'caliper_slides_seized',
    'FL',
  ],
  [
    'old hose shut, one wheel on',
    SALOON,
    'wheel_drags one FL; hose_kind rubber_old; open_bleeder_frees yes FL; piston_return free FL; slide_pins free FL',
    'hose_restricted',
    'FL',
  ],
  [
    'soft after the modulator was opened',
    SALOON,
    'pedal_spongy yes; system_opened yes; after_full_bleed still_soft; warning_light abs; bubbles none',
    'air_in_abs_unit',
  ],
  [
    'boils though new and dry',
    BARE,
    'pedal_spongy yes; temperature_link only_hot; recovery after_cooling; fluid_age fresh; fluid_moisture dry; caliper_peak over_fluid_limit; usage track',
    'fluid_boiled_heat',
  ],
  [
    'mineral oil in the reservoir',
    SALOON,
    'fluid_type wrong; pedal_slow_return yes; wheel_drags all',
    'fluid_wrong',
  ],
  [
    'level falls, no wet spot, booster gurgles',
    SALOON,
    'level_falls slowly; leak master_to_booster; pedal_sinks yes',
    'master_leak_to_booster',
  ],
  [
    'leg press without a booster',
    BARE,
    'pedal_hard yes; assist_removed yes; pedal_ratio low; poor_stopping yes',
    'pedal_ratio_low',
  ],
  [
    'clicks at the clevis',
    BARE,
    'pedal_linkage worn; pedal_long yes; pedal_hold holds; bubbles none',
    'pedal_pivot_play',
  ],
  [
    'thick and thin round the face',
    SALOON,
    'vibration_braking yes; pedal_pulses yes; rotor_dtv high FR; rotor_runout ok FR; rotor_surface smooth FR',
    'rotor_thickness_variation',
    'FR',
  ],
  [
    'ring stuck to its hat',
    { ...BARE, rotor: { front: 'two_piece' } },
    'first_press_long yes; rotor_float bound FR; bearing_play ok FR',
    'rotor_float_bound',
    'FR',
  ],
];

describe('cases written after the numbers', () => {
  it.each(CASES)('%s', (_, car, findings, cause, corner) => {
    const { causes } = diagnose({ car, findings: answersFrom(findings) });
    const said = causes
      .slice(0, 4)
      .map((each) => `${each.id} ${each.corner ?? ''} ${each.probability.toFixed(2)}`)
      .join(', ');
    expect(causes[0]!.id, said).toBe(cause);
    if (corner) expect(causes[0]!.corner, said).toBe(corner);
  });
});
