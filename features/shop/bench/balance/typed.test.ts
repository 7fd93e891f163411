import { describe, expect, it } from 'vitest';
import { hydraulicsSchema } from '@/core/car/hydraulics/schema';
import { INCHES, METRIC } from '../../../../tests/support/units';
import { balanceFigures } from './figures';
import { type BalanceTyped, balanceStart, readBalanceBench } from './typed';

const start = balanceStart({}, METRIC);

describe('what is typed on the balance bench', () => {
  it('is a brake its calc takes from the start, discs or drums behind', () => {
    const drums: BalanceTyped = { ...start, rear: { ...start.rear, kind: 'drum', pistons: '19.05' } };
    for (const typed of [start, drums]) {
      const { input, wrong } = readBalanceBench(typed, METRIC);
      expect(wrong).toEqual({});
      expect(hydraulicsSchema.safeParse(input).success).toBe(true);
    }
    expect(readBalanceBench(drums, METRIC).input!.rear).toMatchObject({
      cylinderMm: 19.05,
      brakeFactor: 2.2,
    });
  });

  it('starts from the car’s own figures, in the units shown', () => {
    const own = { boreMm: 23.8125, massKg: 1640, front: { pistonsMm: [38, 38], kind: 'opposed' as const } };
    const typed = balanceStart(own, INCHES);
    expect(typed.bore).toBe('0.9375');
    const { input } = readBalanceBench(typed, INCHES);
    expect(input!.massKg).toBeCloseTo(1640, 3);
    expect(input!.wheelbaseM).toBeCloseTo(2.5, 2);
    expect(input!.front).toMatchObject({
      caliper: 'opposed',
      pistonsMm: [expect.closeTo(38, 5), expect.closeTo(38, 5)],
    });
  });

  it('says of a radius what is wrong with it, and nothing of the pistons that would go round it', () => {
    const { wrong } = readBalanceBench({ ...start, rear: { ...start.rear, radius: '-1' } }, METRIC);
    expect(wrong).toEqual({ 'rear.radius': '-1 is not taken: 0.05 to 0.30 m' });
  });

  it('leaves out what nobody knows', () => {
    const { input } = readBalanceBench({ ...start, height: '', grip: '', wanted: '' }, METRIC);
    expect(input).not.toHaveProperty('cgHeightM');
    expect(input).not.toHaveProperty('wanted');
  });

  it.each([
    ['bore', { bore: '' }, 'needed'],
    [
      'front.pistons',
      { front: { ...start.front, pistons: '40, 40, 40' } },
      'An opposed caliper has an even count',
    ],
    [
      'rear.radius',
      { wheel: '0.2', rear: { ...start.rear, radius: '0.25' } },
      'the brake is inside the wheel',
    ],
    ['weight', { weight: '95' }, '95 is not taken: 20 to 80 %'],
  ])('says what is wrong with %s', (field, changes, words) => {
    const { input, wrong } = readBalanceBench({ ...start, ...(changes as Partial<BalanceTyped>) }, METRIC);
    expect(input).toBeUndefined();
    expect(wrong[field]).toBe(words);
  });

  it('holds a helped foot against the law only when it is said what the help adds', () => {
    const weak = { ...start, force: '60' };
    const told = (typed: BalanceTyped, help?: 'vacuum') => {
      const { input, unhelped } = readBalanceBench(typed, METRIC, { help });
      return { unhelped, figures: balanceFigures(input!, unhelped) };
    };
    const short = expect.objectContaining({ bad: true, say: expect.stringContaining('UN R13-H') });
    expect(told(weak)).toMatchObject({ unhelped: false, figures: expect.arrayContaining([short]) });
    const alone = told(weak, 'vacuum');
    expect(alone).toMatchObject({ unhelped: true, figures: expect.not.arrayContaining([short]) });
    expect(alone.figures[0]!.say).toContain('by the foot alone');
    expect(told({ ...weak, assist: '0' }, 'vacuum')).toMatchObject({
      unhelped: false,
      figures: expect.arrayContaining([short]),
    });
  });

  it('begins where a pad acts on the car’s own rotor, and refuses what lies outside it', () => {
    const front = { pistonsMm: [40, 40], kind: 'opposed' as const, rotorRadiusMm: 150 };
    const own = balanceStart({ front }, METRIC);
    expect(own.front.radius).toBe('0.142');
    expect(readBalanceBench(own, METRIC, { front }).wrong).toEqual({});
    const far = { ...own, front: { ...own.front, radius: '0.15' } };
    expect(readBalanceBench(far, METRIC, { front }).wrong).toEqual({
      'front.radius': 'outside the rotor: the dial stands at 150 mm',
    });
  });
});
