import { describe, expect, it } from 'vitest';
import { INCHES, METRIC } from '../../../tests/support/units';
import { type FirmnessTyped, firmnessStart, readFirmness } from './firmnessTyped';

const CAR = { masterBoreMm: 22.225, pedalRatio: 5.5 };
const typed = (changes: Partial<FirmnessTyped> = {}): FirmnessTyped => ({
  ...firmnessStart(CAR, METRIC),
  presses: [
    { force: '100', first: '30', third: '26' },
    { force: '300', first: '42', third: '' },
    { force: '450', first: '', third: '' },
  ],
  ...changes,
});

describe('a pedal as it is typed under a scale', () => {
  it('becomes its points, third presses beside first ones, with the car’s own master and its good pedal', () => {
    const good = { points: [{ forceN: 100, travelMm: 20 }], day: '2026-05-01' };
    const { input, isWhole, wrong } = readFirmness(typed({ floor: '90' }), good, METRIC);
    expect(wrong).toEqual({});
    expect(isWhole).toBe(true);
    expect(input).toEqual({
      pedal: { ratio: 5.5 },
      master: { boreMm: 22.225 },
      points: [
        { forceN: 100, travelMm: 30 },
        { forceN: 100, travelMm: 26, press: 3 },
        { forceN: 300, travelMm: 42 },
      ],
      toFloorMm: 90,
      baseline: { points: good.points },
    });
  });

  it('is in the shop’s units', () => {
    const inches = typed({ bore: '0.875', presses: [{ force: '100', first: '1', third: '' }] });
    const { input } = readFirmness(inches, undefined, INCHES);
    expect(input.master.boreMm).toBeCloseTo(22.225, 9);
    expect(input.points[0]!.travelMm).toBeCloseTo(25.4, 9);
  });

  it('is not whole with one point, without a master, past the floor, or a travel without its force', () => {
    const of = (changes: Partial<FirmnessTyped>) => readFirmness(typed(changes), undefined, METRIC);
    expect(of({ presses: [{ force: '100', first: '30', third: '' }] })).toMatchObject({
      isWhole: false,
      wrong: {},
    });
    expect(of({ bore: '' }).wrong).toEqual({ bore: 'needed' });
    expect(of({ floor: '35' }).wrong.floor).toContain('the pedal went 42 mm');
    expect(of({ presses: [{ force: '', first: '30', third: '' }] }).wrong['force.0']).toContain(
      'A force is needed',
    );
    expect(of({ presses: [{ force: '9000', first: '30', third: '' }] }).wrong['force.0']).toContain(
      '9000 is not taken',
    );
  });
});
