import { describe, expect, it } from 'vitest';
import { answersFrom, COUPE, SALOON } from '../../tests/support/told';
import type { CarTraits } from '../car/traits';
import { FINDINGS, type Finding } from '../readings/vocabulary/findings';
import type { CauseId } from './causes';
import { diagnose } from './diagnose';
import { KNOWLEDGE } from './knowledge/all';
import { faultsOf } from './network/faults';

const bothFronts = (seen: string) => `${seen} FL; ${seen} FR`;
const bothRears = (seen: string) => `${seen} RL; ${seen} RR`;

const verdictOn = (words: string, car: CarTraits = SALOON) => diagnose({ car, findings: answersFrom(words) });
const chances = (words: string, car?: CarTraits) => {
  const { causes } = verdictOn(words, car);
  return (id: CauseId) => causes.find((cause) => cause.id === id)!.probability;
};

describe('the same at both wheels of an axle', () => {
  it('is ordinary wear more readily than what is wrong with the whole car', () => {
    for (const seen of [bothFronts('rotor_surface grooves'), bothRears('rotor_surface grooves')]) {
      const of = chances(seen);
      expect(of('rotor_scored')).toBeGreaterThan(0.9);
      expect(of('poor_friction_pair'), seen).toBeLessThan(0.65);
      expect(of('pad_worn_out'), seen).toBeGreaterThan(0.15);
    }
    const deposits = chances(bothFronts('rotor_surface deposits'));
    expect(deposits('uneven_transfer')).toBeGreaterThan(0.9);
    expect(deposits('pad_not_bedded')).toBeLessThan(0.25);
    const worn = chances(bothRears('pad_thickness worn_out'));
    expect(worn('pad_worn_out')).toBeGreaterThan(0.95);
    expect(worn('caliper_slides_seized')).toBeLessThan(0.1);
  });

  it('is hardly a leak where both pads are wet: a leak is at one', () => {
    expect(chances('pad_surface contaminated FL')('external_leak')).toBeGreaterThan(0.15);
    expect(chances(bothFronts('pad_surface contaminated'))('external_leak')).toBeLessThan(0.15);
  });

  it('is measured at a rear as surely as at a front', () => {
    for (const both of [bothFronts, bothRears]) {
      expect(verdictOn(both('rotor_dtv high')).causes[0]!.id).toBe('rotor_thickness_variation');
      expect(verdictOn(both('rotor_runout high')).causes[0]!.id).toBe('rotor_runout');
      expect(verdictOn(both('rotor_shape wave')).causes[0]!.id).toBe('rotor_heat_distorted');
      expect(verdictOn(both('pad_wear_shape taper_radial')).causes[0]!.id).toBe('caliper_spread');
      expect(verdictOn(both('pad_wear_shape taper_along')).causes[0]!.id).toBe('pads_bound');
      expect(verdictOn(both('pad_wear_shape inner_thin')).causes[0]!.id).toBe('caliper_slides_seized');
    }
  });

  it('is something listed, whatever is seen', () => {
    const seen = (FINDINGS as readonly Finding[])
      .filter(({ place, stage }) => place === 'corner' && stage === 'check')
      .flatMap(({ id, states }) => states.slice(1).map((state) => `${id} ${state}`));
    for (const each of seen)
      for (const both of [bothFronts, bothRears])
        expect(verdictOn(both(each), COUPE).unlisted, both(each)).toBeLessThan(0.06);
  });

  it('leaves one wheel named where only one was seen', () => {
    for (const seen of ['pad_thickness worn_out', 'slide_pins stiff', 'rotor_surface grooves'])
      expect(verdictOn(`${seen} FL`).causes[0]!.corner, seen).toBe('FL');
  });

  it('gives no reason for the other: the same across is not what brought it about', () => {
    for (const { id, broughtBy = [] } of verdictOn(bothFronts('pad_thickness worn_out')).causes)
      expect(broughtBy.map((by) => by.id)).not.toContain(id);
  });

  it('has a reason no likelier than that reason is', () => {
    const { causes } = verdictOn(bothFronts('rotor_surface grooves'));
    for (const { id, probability } of causes[0]!.broughtBy!)
      expect(probability, id).toBeLessThanOrEqual(
        causes.find((cause) => cause.id === id)!.probability + 1e-9,
      );
  });
});

describe('faults of a car', () => {
  it('stand at a wheel as often as the table says, come across the axle or by themselves', () => {
    const faults = faultsOf(SALOON);
    for (const { cause, prior, across = 0, front = 0.5 } of KNOWLEDGE) {
      // Those alone that no other cause brings about stand as often as their own line says.
      const at = faults.filter(
        (fault) =>
          fault.cause === cause &&
          fault.corner === 'FL' &&
          (fault.above < 0 || (faults[fault.above]!.cause === cause && faults[fault.above]!.above < 0)),
      );
      if (across === 0 || at.length === 0) continue;
      expect(at.length, cause).toBe(2);
      const there = at.reduce((sum, { standing }) => sum + standing, 0);
      expect(there, cause).toBeCloseTo(1 - (1 - prior) ** (front / 2), 5);
    }
  });
});
