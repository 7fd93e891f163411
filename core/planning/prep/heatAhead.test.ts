import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CIRCUIT_KINDS } from '../../car/circuits';
import type { CarSpec } from '../../car/spec';
import { startingSet } from '../../car/startingSets';
import type { CarEvent } from '../wear/sessions';
import { caliperRiseK, heatAhead } from './heatAhead';

const set = startingSet('light_track');
const car = {
  ...set,
  ...{ name: 'Car', fluidClass: 'DOT4', fluidFilledOn: null, massKg: 1280, frontShare: 0.7 },
  front: { ...set.front, rotorMassKg: 7.2 },
} as CarSpec;
const day = (onDate: string, circuit: CarEvent['circuit'], airC: CarEvent['airC']): CarEvent => ({
  ...{ id: onDate, name: `Day of ${onDate}`, onDate, sessions: 4, circuit, airC },
});
const measured = { c: 170, on: '2026-05-02' };

describe('the heat an event is expected to bring', () => {
  it('is not told where the circuit of either day is not known', () => {
    const next = day('2026-06-01', 'fast', 30);
    expect(heatAhead(car, next, measured, [day('2026-05-01', null, 20), next])).toBeUndefined();
    expect(
      heatAhead(car, day('2026-06-01', null, 30), measured, [day('2026-05-01', 'fast', 20)]),
    ).toBeUndefined();
    expect(heatAhead(car, next, measured, [next])).toBeUndefined();
  });

  it('on the same circuit is what was measured, degree for degree with the air', () => {
    for (const circuit of CIRCUIT_KINDS) {
      const next = day('2026-06-01', circuit, 33);
      const ahead = heatAhead(car, next, measured, [day('2026-05-01', circuit, 20), next])!;
      expect(ahead.c).toBeCloseTo(183, 9);
      expect(ahead).toMatchObject({ measuredC: 170, at: { name: 'Day of 2026-05-01' } });
    }
  });

  it('goes by the day that was run last before it was measured, and there and back is where it began', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...CIRCUIT_KINDS),
        fc.constantFrom(...CIRCUIT_KINDS),
        fc.double({ min: -10, max: 40, noNaN: true }),
        fc.double({ min: 80, max: 260, noNaN: true }),
        (one, other, airC, c) => {
          const events = [day('2026-03-01', other, 9), day('2026-05-01', one, 15)];
          const there = heatAhead(car, day('2026-06-01', other, airC), { c, on: '2026-05-02' }, events)!;
          const back = heatAhead(car, day('2026-07-01', one, 15), { c: there.c, on: '2026-06-02' }, [
            ...events,
            day('2026-06-01', other, airC),
          ])!;
          expect(back.c).toBeCloseTo(c, 6);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('rises with speed, and with how often it brakes; less where a motor does', () => {
    expect(caliperRiseK(car, 'fast')).toBeGreaterThan(caliperRiseK(car, 'mixed'));
    // Slow, but it brakes three times as often, and there is little air between.
    expect(caliperRiseK(car, 'twisty')).toBeGreaterThan(caliperRiseK(car, 'mixed'));
    expect(caliperRiseK({ ...car, regenShare: 0.3 }, 'fast')).toBeLessThan(caliperRiseK(car, 'fast'));
  });
});
