import { describe, expect, it } from 'vitest';
import type { Place } from '../../car/corner';
import type { GivenFinding } from '../../readings/given';
import { HOLDS, holdsOf } from './holds';

const given = (id: GivenFinding['id'], state: string, place?: Place): GivenFinding => ({ id, state, place });
const ids = (...findings: GivenFinding[]) => holdsOf(findings, {}).map((hold) => hold.id);

describe('holds', () => {
  it.each([
    ['pedal_to_floor', given('pedal_to_floor', 'yes')],
    ['pedal_sinks', given('pedal_hold', 'sinks')],
    ['pedal_not_firm', given('pedal_now', 'soft')],
    ['pedal_not_firm', given('pedal_now', 'long')],
    ['leak', given('leak', 'master_to_booster')],
    ['leak', given('behind_master', 'wet')],
    ['leak', given('level_falls', 'quickly')],
    ['leak', given('wheel_cylinder', 'leaking', 'RL')],
    ['fluid_low', given('reservoir_level', 'low')],
    ['fluid_wet', given('fluid_moisture', 'wet')],
    ['fluid_wet', given('fluid_boiling', 'low')],
    ['fluid_wrong', given('fluid_type', 'wrong')],
    ['fluid_wrong', given('fluid_look', 'debris')],
    ['pad_worn_out', given('pad_thickness', 'worn_out', 'FL')],
    ['rotor_below_minimum', given('rotor_thickness', 'below_minimum', 'FL')],
    ['rotor_cracked', given('rotor_surface', 'cracked', 'RR')],
    ['bearing_play', given('bearing_play', 'excess', 'RR')],
    ['pads_contaminated', given('pad_surface', 'contaminated', 'RR')],
    ['brake_lamp', given('warning_light', 'brake')],
    ['brake_lamp', given('warning_light', 'pad_wear')],
    ['assist_lost', given('assist_start', 'no_change')],
    ['assist_lost', given('assist_vacuum', 'low')],
    ['assist_lost', given('assist_fluid', 'low')],
    ['joint_loose', given('suspension_joints', 'play', 'FL')],
    ['wheel_loose', given('wheel_nuts', 'loose', 'FL')],
    ['wheel_loose', given('wheel_nuts', 'stud_damaged', 'FL')],
    ['caliper_loose', given('caliper_mount', 'loose', 'FL')],
    ['pedal_bracket', given('pedal_linkage', 'cracked')],
    ['lining_separated', given('pad_surface', 'separated', 'RL')],
    ['shoes_worn_out', given('shoe_lining', 'worn_out', 'RL')],
  ] as const)('%s', (hold, finding) => {
    expect(ids(finding)).toEqual([hold]);
    expect(holdsOf([finding], {})[0]!.because).toEqual([finding]);
  });

  it('says for every hold what ends it', () => {
    for (const hold of HOLDS) expect(hold.until.length).toBeGreaterThan(10);
  });

  it('lets the 30 s hold clear a sinking pedal, and nothing else', () => {
    expect(ids(given('pedal_sinks', 'yes'))).toEqual(['pedal_sinks']);
    expect(ids(given('pedal_sinks', 'yes'), given('pedal_hold', 'holds'))).toEqual([]);
    expect(ids(given('pedal_sinks', 'yes'), given('pedal_pump', 'same'))).toEqual(['pedal_sinks']);
  });

  it('holds a grinding car until the pads that grind are measured', () => {
    const grind = given('noise_grind', 'yes');
    const measured = (...corners: Place[]) => corners.map((corner) => given('pad_thickness', 'ok', corner));
    expect(ids(grind)).toEqual(['pad_worn_out']);
    expect(ids(grind, ...measured('FL', 'FR', 'RL'))).toEqual(['pad_worn_out']);
    expect(ids(grind, ...measured('FL', 'FR', 'RL', 'RR'))).toEqual([]);
    expect(ids(grind, given('pad_thickness', 'low'))).toEqual([]);
  });

  it('asks of a drum what its shoes have left', () => {
    const grind = given('noise_grind', 'yes', 'RL');
    expect(ids(grind, given('shoe_lining', 'ok', 'RL'))).toEqual([]);
    expect(ids(grind, given('shoe_lining', 'ok', 'RR'))).toEqual(['pad_worn_out']);
  });

  it('lets a known fluid, or assist that is felt, clear what only pointed at it', () => {
    expect(ids(given('fluid_look', 'debris'), given('fluid_type', 'right'))).toEqual([]);
    expect(ids(given('assist_vacuum', 'low'), given('assist_start', 'drops'))).toEqual([]);
    expect(holdsOf([given('assist_vacuum', 'low')], { assist: 'none' })).toEqual([]);
  });

  it('takes drag and smoke together for stuck brakes', () => {
    expect(ids(given('wheel_drags', 'one', 'RL'))).toEqual([]);
    expect(ids(given('smell_or_smoke', 'yes', 'RL'))).toEqual([]);
    expect(ids(given('wheel_drags', 'one', 'RL'), given('smell_or_smoke', 'yes', 'RL'))).toEqual([
      'brakes_stuck_on',
    ]);
  });

  it('does not miss assist on a car that has none', () => {
    expect(holdsOf([given('assist_start', 'no_change')], { booster: false })).toEqual([]);
    expect(holdsOf([given('assist_start', 'no_change')], { assist: 'none' })).toEqual([]);
  });

  it('sees nothing in unremarkable answers', () => {
    expect(ids(given('leak', 'none'), given('reservoir_level', 'ok'), given('warning_light', 'abs'))).toEqual(
      [],
    );
  });
});
