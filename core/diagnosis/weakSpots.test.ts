import { describe, expect, it } from 'vitest';
import { answersFrom, BARE, COUPE } from '../../tests/support/told';
import { carFits } from '../car/fits';
import type { CarTraits } from '../car/traits';
import { WORKS } from '../planning/works';
import { familyOf } from '../readings/vocabulary/families';
import { FINDINGS, type Finding } from '../readings/vocabulary/findings';
import { isAbnormal } from '../readings/vocabulary/several';
import type { CauseId } from './causes';
import { stakeOf } from './decision/stakes';
import { causesAlone, diagnose } from './diagnose';

const chances = (words: string, car: CarTraits = COUPE) => {
  const { causes } = diagnose({ car, findings: answersFrom(words), works: WORKS });
  return (id: CauseId) => causes.find((cause) => cause.id === id)!.probability;
};

describe('where a textbook is misread', () => {
  it('fluid falling, everything dry and pads thick points behind the master', () => {
    const of = chances('level_falls slowly; leak none; pad_thickness ok');
    expect(of('master_leak_to_booster')).toBeGreaterThan(of('external_leak') * 2);
    expect(of('master_leak_to_booster')).toBeGreaterThan(0.35);
  });

  it('behind the master is still to be looked at after a dry leak search, until somebody has', () => {
    const words = 'level_falls slowly; leak none; pad_thickness ok FL; pad_thickness ok FR';
    const offered = (said: string, car: CarTraits = COUPE) =>
      diagnose({ car, findings: answersFrom(said), works: WORKS }).nextChecks.map(({ id }) => id);
    expect(offered(words).slice(0, 3)).toContain('behind_master');
    expect(offered(words)).not.toContain('leak');
    expect(offered(`${words}; behind_master dry`)).not.toContain('behind_master');
    expect(offered(words, BARE)).not.toContain('behind_master');
    const of = chances(words)('master_leak_to_booster');
    expect(chances(`${words}; behind_master dry`)('master_leak_to_booster')).toBeLessThan(of / 3);
    expect(chances('behind_master wet')('master_leak_to_booster')).toBeGreaterThan(0.9);
  });

  it('a level that is low behind its lamp, with nothing wet and thick pads: behind the master is looked at', () => {
    const words = 'warning_light brake; reservoir_level low; pad_thickness ok; leak none';
    const { combinations, nextChecks } = diagnose({
      car: COUPE,
      findings: answersFrom(words),
      works: WORKS,
    });
    const together = combinations.filter(({ causes }) => causes.includes('master_leak_to_booster'));
    expect(together.reduce((sum, { probability }) => sum + probability, 0)).toBeGreaterThan(0.2);
    expect(nextChecks.slice(0, 4).map(({ id }) => id)).toContain('behind_master');
  });

  it('the leak is looked for as soon as it is sure: the work begins with that', () => {
    const offered = (words: string) =>
      diagnose({ car: COUPE, findings: answersFrom(words), works: WORKS }).nextChecks.map(({ id }) => id);
    const floor = 'pedal_to_floor yes; level_falls slowly';
    expect(chances(floor)('external_leak')).toBeGreaterThan(0.9);
    expect(offered(floor).slice(0, 3)).toContain('leak');
    expect(offered(`${floor}; leak line_or_hose FL`).slice(0, 3)).not.toContain('leak');
  });

  it('an assist that nobody has described works by vacuum, until somebody looks at its fluid', () => {
    const told = (words: string) =>
      diagnose({ car: { booster: true }, findings: answersFrom(words), works: WORKS });
    const asked = told('pedal_hard yes').nextChecks.map(({ id }) => id);
    expect(asked).toContain('assist_vacuum');
    expect(asked).not.toContain('assist_fluid');
    const dry = told('pedal_hard yes; assist_fluid low');
    expect(dry.causes[0]!.id).toBe('hydraulic_assist_low');
    expect(dry.contradictions).toEqual([]);
    expect(dry.nextChecks.map(({ id }) => id)).not.toContain('assist_vacuum');
  });

  it('track pads, air at the core and every rotor over: the brakes may be too small, which street pads are a reason against', () => {
    const over = ['FL', 'FR', 'RL', 'RR'].map((corner) => `rotor_peak over_pad_limit ${corner}`).join('; ');
    const hot = `poor_stopping yes; temperature_link only_hot; usage track; heat_spread all_hot; ${over}; cooling_path core FL; cooling_path core FR`;
    const right = chances(`${hot}; compound track`)('brakes_undersized');
    expect(right).toBeGreaterThan(0.25);
    expect(chances(`${hot}; compound street`)('brakes_undersized')).toBeLessThan(right / 2);
  });

  it('air that came in as the level fell needs no system that was opened', () => {
    const low = 'pedal_spongy yes; reservoir_level low';
    const opened = (state: string) => chances(`${low}; system_opened ${state}`)('air_in_lines');
    const alone = (state: string) => chances(`pedal_spongy yes; system_opened ${state}`)('air_in_lines');
    expect(opened('no') / opened('yes')).toBeGreaterThan(alone('no') / alone('yes'));
  });

  it('air at the core speaks against no cooling; a duct at the face proves itself', () => {
    const hot = 'poor_stopping yes; temperature_link only_hot; rotor_peak over_pad_limit FL; usage track';
    const without = chances(hot)('cooling_insufficient');
    expect(
      chances(`${hot}; cooling_path core FL; cooling_path core FR`)('cooling_insufficient'),
    ).toBeLessThan(without / 4);
    expect(chances('cooling_path face FR')('cooling_one_sided')).toBeGreaterThan(0.8);
  });

  it('leverage comes before bore after a conversion', () => {
    const of = chances('pedal_hard yes; assist_removed yes; master_fitted yes', BARE);
    expect(of('pedal_ratio_low')).toBeGreaterThan(of('master_too_big') * 3);
  });

  it('a booster that is said to be gone is no suspect, whatever the car is on file with, and that is said', () => {
    const words = 'pedal_hard yes; assist_removed yes';
    const of = chances(words);
    expect(of('pedal_ratio_low')).toBeGreaterThan(0.6);
    expect(of('booster_failed') + of('booster_supply_lost')).toBe(0);
    const said = (car: CarTraits) => diagnose({ car, findings: answersFrom(words) }).contradictions;
    expect(said({ ...COUPE, assist: 'vacuum' })).toMatchObject([{ findings: [{ id: 'assist_removed' }] }]);
    expect(said(BARE)).toEqual([]);
  });

  it('a ratio above its band is a fault of its own', () => {
    expect(chances('pedal_long yes; pedal_ratio high')('pedal_ratio_high')).toBeGreaterThan(0.9);
  });

  it('good vacuum clears the supply', () => {
    const of = chances('pedal_hard yes; assist_start no_change; assist_vacuum ok');
    expect(of('booster_failed')).toBeGreaterThan(0.7);
    expect(of('booster_supply_lost')).toBeLessThan(0.2);
  });

  it('a reservoir that reads dry does not clear the fluid at the caliper', () => {
    const of = chances(
      'pedal_spongy yes; temperature_link only_hot; recovery after_cooling; fluid_moisture dry; fluid_boiling ok',
    );
    expect(of('fluid_boiled_wet')).toBeGreaterThan(0.05);
  });

  it('a face may be grooved, printed and cracked at once', () => {
    const of = chances('rotor_surface grooves FL; rotor_surface deposits FL; rotor_surface cracked FL');
    for (const cause of ['rotor_scored', 'uneven_transfer', 'rotor_cracked'] as const)
      expect(of(cause), cause).toBeGreaterThan(0.8);
  });

  it('fronts come before rears until an answer points back', () => {
    const first = (words: string) =>
      diagnose({ car: COUPE, findings: answersFrom(words), works: WORKS }).nextChecks.find(
        ({ id }) => id === 'rotor_surface',
      );
    expect(first('vibration_braking yes')?.axle).toBe('front');
    expect(first('vibration_braking yes; shake_where seat')?.axle).toBe('rear');
  });

  it('drums are asked about only where there are drums', () => {
    const asked = (car: CarTraits) =>
      diagnose({ car, findings: answersFrom('pedal_long yes'), works: WORKS }).nextChecks.map(
        ({ id }) => id as string,
      );
    expect(asked(COUPE).filter((id) => /drum|shoe|wheel_cylinder/.test(id))).toEqual([]);
    expect(asked({ ...COUPE, rearBrake: 'drum' })).toContain('drum_adjustment');
  });

  it('the order of a judder is not foretold as none to a driver who judders', () => {
    const { nextChecks } = diagnose({
      car: COUPE,
      findings: answersFrom('vibration_braking yes'),
      works: WORKS,
    });
    const { outcomes } = nextChecks.find(({ id }) => id === 'judder_order')!;
    expect(outcomes.find(({ state }) => state === 'none')!.chance).toBeLessThanOrEqual(0.11);
  });
});

describe('any two complaints', () => {
  const complaints = (FINDINGS as readonly Finding[]).filter(
    ({ id, stage }) => stage === 'complaint' && familyOf(id),
  );

  it('leave at most a quarter to what nobody listed', () => {
    for (const [at, one] of complaints.entries())
      for (const other of complaints.slice(at + 1)) {
        const findings = [one, other].map(({ id, states }) => ({ id, state: states[1] }));
        expect(diagnose({ car: COUPE, findings }).unlisted, `${one.id}, ${other.id}`).toBeLessThanOrEqual(
          0.25,
        );
      }
  }, 180_000);
});

describe('a complaint and what one check shows', () => {
  const abnormal = (stage: Finding['stage']) =>
    (FINDINGS as readonly Finding[])
      .filter((finding) => finding.stage === stage && carFits(COUPE, finding.fits))
      .flatMap(({ id, states }) =>
        states.filter((state) => isAbnormal(id, state)).map((state) => ({ id, state })),
      );

  it('are two listed faults, not one that nobody listed, but for one pair in a hundred', () => {
    const pairs = abnormal('complaint')
      .filter(({ id }) => familyOf(id))
      .flatMap((told) => abnormal('check').map((seen) => [told, seen]));
    const left = pairs
      .map((findings) => ({ findings, unlisted: causesAlone({ car: COUPE, findings }).unlisted }))
      .sort((one, other) => other.unlisted - one.unlisted);
    const said = left.slice(0, 5).map(({ findings, unlisted }) => `${JSON.stringify(findings)} ${unlisted}`);
    expect(left[0]!.unlisted, said[0]).toBeLessThan(0.5);
    expect(left.filter(({ unlisted }) => unlisted > 0.25).length, said.join('\n')).toBeLessThan(
      pairs.length / 100,
    );
  });

  it('a driver held back by one caliper says that the brakes drag', () => {
    const of = chances('wheel_drags all; heat_spread one_hot');
    expect(
      of('caliper_slides_seized') + of('caliper_piston_seized') + of('parking_brake_drag'),
    ).toBeGreaterThan(0.6);
    expect(of('pressure_trapped')).toBeLessThan(0.2);
    const first = diagnose({ car: COUPE, findings: answersFrom('wheel_drags all'), works: WORKS });
    expect(
      first.causes
        .slice(0, 2)
        .map(({ id }) => id)
        .sort(),
    ).toEqual(['fluid_overfilled', 'pressure_trapped']);
  });
});

describe('what is at stake', () => {
  it('is the time of the work and its parts, held where a job is big, and more where a car let go can hurt somebody', () => {
    const of = (cause: CauseId) => stakeOf(cause, WORKS).minutes;
    expect(of('uneven_transfer')).toBeGreaterThan(0);
    expect(of('brakes_undersized')).toBe(120);
    expect(of('wheel_bearing_play')).toBe(180);
    expect(stakeOf('air_in_lines').work).toBe('air_in_lines');
    expect(stakeOf('fluid_boiled_wet', WORKS).work).toBe(stakeOf('fluid_boiled_heat', WORKS).work);
  });
});
