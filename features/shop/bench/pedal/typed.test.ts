import { describe, expect, it } from 'vitest';
import { INCHES, METRIC } from '../../../../tests/support/units';
import { type PedalTyped, pedalStart, readPedalBench } from './typed';

const typed = (changes: Partial<PedalTyped> = {}): PedalTyped => ({
  ...pedalStart({}, METRIC),
  presses: [
    { force: '50', first: '20', third: '', good: '12' },
    { force: '300', first: '41', third: '36', good: '28' },
    { force: '', first: '', third: '', good: '' },
  ],
  ...changes,
});

describe('what is typed on the pedal’s bench', () => {
  it('becomes the presses, the third ones and the good pedal beside them', () => {
    const { firmness, wrong } = readPedalBench(typed({ floor: '90' }), METRIC);
    expect(wrong).toEqual({});
    expect(firmness).toEqual({
      pedal: { ratio: 5.5 },
      master: { boreMm: 22.2 },
      points: [
        { forceN: 50, travelMm: 20 },
        { forceN: 300, travelMm: 41 },
        { forceN: 300, travelMm: 36, press: 3 },
      ],
      baseline: {
        points: [
          { forceN: 50, travelMm: 12 },
          { forceN: 300, travelMm: 28 },
        ],
      },
      toFloorMm: 90,
    });
  });

  it('is no curve with one press, and no baseline with one good one', () => {
    const one = typed({ presses: [{ force: '50', first: '20', third: '', good: '12' }] });
    expect(readPedalBench(one, METRIC).firmness).toBeUndefined();
    const rows = typed().presses.map((row, at) => (at === 1 ? { ...row, good: '' } : row));
    expect(readPedalBench(typed({ presses: rows }), METRIC).firmness).not.toHaveProperty('baseline');
  });

  it('has the suspects that were given, the pads by the pistons behind them', () => {
    const { travel } = readPedalBench(
      typed({ gaps: { FL: '', FR: '0.25', RL: '', RR: '' }, hoses: '1,6', fluid: '120', master: '3' }),
      METRIC,
    );
    expect(travel).toMatchObject({ fluidMl: 120, masterMovementMm: 3 });
    expect(travel!.gaps).toEqual([{ sideAreaMm2: expect.closeTo(2513.27, 2), innerMm: 0.25, outerMm: 0.25 }]);
    expect(travel!.hoses).toEqual([{ lengthM: 1.6, mlPerMAt1000psi: expect.closeTo(2.165, 3) }]);
    expect(travel).not.toHaveProperty('gasMl');
  });

  it('reads inches where the shop does', () => {
    const { travel } = readPedalBench(typed({ bore: '0.875', freePlay: '0.25' }), INCHES);
    expect(travel!.master.boreMm).toBeCloseTo(22.225, 9);
    expect(travel!.pedal.freePlayMm).toBeCloseTo(6.35, 9);
  });

  it.each([
    ['bore', { bore: '90' }, '90 is not taken: 8 to 60 mm'],
    ['first.1', { floor: '30' }, 'past the floor, 30 mm'],
    ['frontPistons', { frontPistons: '40, 40, 40' }, 'An opposed caliper has an even count'],
    ['rearPistons', { rearPistons: 'big' }, 'big is not taken: bores of 15 to 90 mm'],
    ['gap.FL', { gaps: { FL: '11', FR: '', RL: '', RR: '' } }, '11 is not taken: 0 to 10 mm'],
  ])('says what is wrong with %s', (field, changes, words) => {
    expect(readPedalBench(typed(changes as Partial<PedalTyped>), METRIC).wrong[field]).toBe(words);
  });

  it('begins with what was last read of the car: presses, floor, its good pedal, what opens at the pads', () => {
    const start = pedalStart(
      {
        points: [
          { forceN: 100, travelMm: 30 },
          { forceN: 100, travelMm: 26, press: 3 },
          { forceN: 300, travelMm: 42 },
        ],
        good: [{ forceN: 300, travelMm: 33 }],
        toFloorMm: 90,
        gapsMm: { FR: 0.25, FL: 0 },
      },
      METRIC,
    );
    expect(start.presses).toEqual([
      { force: '100', first: '30', third: '26', good: '' },
      { force: '300', first: '42', third: '', good: '33' },
    ]);
    expect(start).toMatchObject({ floor: '90', gaps: { FL: '', FR: '0.25', RL: '', RR: '' } });
  });
});
