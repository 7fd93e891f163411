import { describe, expect, it } from 'vitest';
import { answersFrom, COUPE, HATCH, SALOON } from '../../tests/support/told';
import type { CarTraits } from '../car/traits';
import { WORKS } from '../planning/works';
import { diagnose } from './diagnose';

/** The complaint, and what a lead technician looks at first: two of them among the first three. */
const LOOKS: [complaint: string, car: CarTraits, looks: string][] = [
  ['pedal_spongy yes', SALOON, 'pedal_now pedal_pump reservoir_level fluid_moisture bubbles hose_swell'],
  ['pedal_long yes', SALOON, 'pedal_pump pedal_free_play reservoir_level leak pedal_now pedal_hold'],
  ['pedal_long yes', HATCH, 'pedal_pump reservoir_level drum_adjustment leak pedal_now'],
  [
    'first_press_long yes; after_cornering yes',
    COUPE,
    'bearing_play rotor_runout rotor_shape rotor_float travel_after_corner hub_flex',
  ],
  ['pedal_to_floor yes', SALOON, 'pedal_hold leak reservoir_level'],
  ['pedal_sinks yes', SALOON, 'pedal_hold leak reservoir_level'],
  ['pedal_hard yes', SALOON, 'assist_start assist_vacuum pedal_now'],
  ['poor_stopping yes', SALOON, 'pad_surface rotor_peak stop_effect pad_thickness rotor_colour pedal_now'],
  [
    'poor_stopping yes; temperature_link only_hot',
    SALOON,
    'rotor_peak rotor_colour caliper_peak stop_effect pad_surface',
  ],
  [
    'pulls yes',
    SALOON,
    'heat_spread slide_pins piston_return pad_wear_sides leak open_bleeder_frees pad_surface tyres',
  ],
  ['wheel_drags one', SALOON, 'open_bleeder_frees heat_spread slide_pins piston_return parking_brake'],
  ['wheel_drags all', SALOON, 'pedal_free_play loosen_master_frees reservoir_level'],
  [
    'vibration_braking yes',
    SALOON,
    'rotor_surface rotor_dtv rotor_runout rotor_shape pulse_only_in_abs judder_order',
  ],
  [
    'vibration_braking yes; vibration_coasting yes',
    SALOON,
    'wheel_mounting suspension_joints bearing_play wheel_nuts tyres',
  ],
  ['noise_grind yes', SALOON, 'pad_thickness rotor_surface shield_look'],
  ['noise_squeal yes', SALOON, 'pad_surface rotor_surface pad_thickness'],
  ['noise_rattle yes', SALOON, 'suspension_joints pad_fit wheel_nuts'],
  ['pads_wear_fast yes', SALOON, 'pad_wear_shape slide_pins rotor_peak pad_thickness rotor_surface'],
  ['warning_light brake', SALOON, 'reservoir_level pad_thickness leak pedal_hold'],
];

describe('the first looks of a lead technician', () => {
  it.each(LOOKS)('%s', (complaint, car, looks) => {
    const { nextChecks } = diagnose({ car, findings: answersFrom(complaint), works: WORKS });
    const first = nextChecks.slice(0, 3).map((check) => check.id as string);
    const shown = nextChecks
      .slice(0, 6)
      .map(({ id, saves, minutes }) => `${id} ${saves.toFixed(1)}/${minutes}`)
      .join(', ');
    expect(first.filter((id) => looks.split(' ').includes(id)).length, shown).toBeGreaterThanOrEqual(2);
  });
});

it('says what each answer would bring to the front where nothing was said yet', () => {
  const { nextChecks } = diagnose({ car: SALOON, findings: [] });
  const leaderAfter = (id: string, state: string) =>
    nextChecks.find((check) => check.id === id)?.outcomes.find((each) => each.state === state)?.leader;
  expect(leaderAfter('pedal_hold', 'sinks')).toBe('master_bypass');
  expect(leaderAfter('pedal_now', 'hard')).toMatch(/^booster_/);
  expect(leaderAfter('rotor_thickness', 'below_minimum')).toBe('rotor_below_minimum');
});

it('says so too where an answer brings one from far behind to the front', () => {
  const { causes, nextChecks } = diagnose({ car: COUPE, findings: answersFrom('vibration_braking yes') });
  const shape = nextChecks.find(({ id }) => id === 'rotor_shape')!;
  const wave = shape.outcomes.find(({ state }) => state === 'wave')!;
  expect(causes.findIndex(({ id }) => id === 'rotor_heat_distorted')).toBeGreaterThan(4);
  expect(wave).toMatchObject({ leader: 'rotor_heat_distorted' });
  expect(wave.leaderProbability).toBeGreaterThan(0.8);
});
