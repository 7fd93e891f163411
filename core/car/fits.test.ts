import { describe, expect, it } from 'vitest';
import { CORNERS } from './corner';
import { carFits, carMayFit, cornerFits, cornerMayFit, type Fits } from './fits';
import { absOf, type CarTraits } from './traits';

describe('what a car must have', () => {
  it.each<[string, CarTraits, Fits, boolean]>([
    ['nothing asked', {}, {}, true],
    ['nobody said which assist', {}, { assist: ['vacuum'] }, true],
    ['another assist', { assist: 'hydraulic' }, { assist: ['vacuum'] }, false],
    ['hydraulic assist only where it is known', { booster: true }, { assist: ['hydraulic'] }, false],
    ['hydraulic assist on file', { assist: 'hydraulic' }, { assist: ['hydraulic'] }, true],
    ['no booster at all', { booster: false }, { assist: ['vacuum', 'hydraulic'] }, false],
    ['a booster rules "none" out', { booster: true }, { assist: ['none'] }, false],
    ['ABS unsaid', {}, { abs: true }, true],
    ['stability control brings ABS', { stabilityControl: true }, { abs: true }, true],
    ['known to be without', { stabilityControl: false }, { abs: true }, false],
    ['plain ABS without stability control', { abs: true, stabilityControl: false }, { abs: true }, true],
    ['another parking brake', { parkingBrake: 'none' }, { parkingBrake: ['in_caliper'] }, false],
    ['parking brake unsaid', {}, { parkingBrake: ['in_caliper'] }, true],
  ])('%s', (_, car, fits, expected) => {
    expect(carFits(car, fits)).toBe(expected);
  });

  it('may be so where nobody has said otherwise', () => {
    const hydraulic: Fits = { assist: ['hydraulic'] };
    expect(
      [{}, { booster: true }, { assist: 'vacuum' } as const].map((car) => carMayFit(car, hydraulic)),
    ).toEqual([true, true, false]);
  });

  it('has ABS when said so, else as stability control says', () => {
    expect([
      absOf({}),
      absOf({ stabilityControl: true }),
      absOf({ abs: false, stabilityControl: true }),
    ]).toEqual([undefined, true, false]);
  });
});

describe('what a corner must have', () => {
  const where = (car: CarTraits, fits: Fits, rule = cornerFits) =>
    CORNERS.filter((corner) => rule(car, corner, fits)).join(' ');

  it.each<[string, CarTraits, Fits, string]>([
    ['discs unless somebody said drums', {}, { brake: 'disc' }, 'FL FR RL RR'],
    ['drums only where they are known', {}, { brake: 'drum' }, ''],
    ['rear drums', { rearBrake: 'drum' }, { brake: 'drum' }, 'RL RR'],
    ['discs beside rear drums', { rearBrake: 'drum' }, { brake: 'disc' }, 'FL FR'],
    ['sliding calipers unless known otherwise', {}, { caliper: 'sliding' }, 'FL FR RL RR'],
    ['opposed in front', { caliper: { front: 'opposed' } }, { caliper: 'sliding' }, 'RL RR'],
    ['no caliper on a drum', { rearBrake: 'drum' }, { caliper: 'sliding' }, 'FL FR'],
    ['two-piece only where known', {}, { rotor: 'two_piece' }, ''],
    ['two-piece in front', { rotor: { front: 'two_piece' } }, { rotor: 'two_piece' }, 'FL FR'],
    ['an axle', {}, { axle: 'rear' }, 'RL RR'],
  ])('%s', (_, car, fits, expected) => {
    expect(where(car, fits)).toBe(expected);
  });

  it('may be so where nobody has said otherwise', () => {
    expect(where({}, { rotor: 'two_piece' }, cornerMayFit)).toBe('FL FR RL RR');
    expect(where({ rotor: { front: 'one_piece' } }, { rotor: 'two_piece' }, cornerMayFit)).toBe('RL RR');
    expect(where({}, { brake: 'drum' }, cornerMayFit)).toBe('RL RR');
  });
});
