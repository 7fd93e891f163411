import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CIRCUIT_KINDS } from '../../car/circuits';
import type { CarSpec } from '../../car/spec';
import { startingSet } from '../../car/startingSets';
import { heatAhead } from './heatAhead';

const set = startingSet('light_track');
const car = (changes: Partial<CarSpec> = {}): CarSpec =>
  ({
    ...set,
    ...{ name: 'Car', fluidClass: 'DOT4', fluidFilledOn: null, massKg: 1280, frontShare: 0.7 },
    front: { ...set.front, rotorMassKg: 7.2 },
    ...changes,
  }) as CarSpec;

describe('the heat an event is expected to bring', () => {
  it('is not told where the circuit, or the car, is not known', () => {
    expect(heatAhead(car(), { circuit: null, airC: 30 })).toBeUndefined();
    expect(heatAhead(car({ massKg: null }), { circuit: 'fast', airC: 30 })).toBeUndefined();
    const unweighed = car();
    expect(
      heatAhead({ ...unweighed, front: { ...unweighed.front, rotorMassKg: null } }, { circuit: 'fast' }),
    ).toBeUndefined();
  });

  it('grows with the air and with speed, less where a motor brakes', () => {
    const at = (circuit: 'twisty' | 'fast', airC: number, own = car()) =>
      heatAhead(own, { circuit, airC })!.caliperC.value;
    expect(at('fast', 20)).toBeGreaterThan(at('twisty', 20));
    expect(at('fast', 40)).toBeGreaterThan(at('fast', 10));
    expect(at('fast', 20, car({ regenShare: 0.3 }))).toBeLessThan(at('fast', 20));
  });

  it('lies between what the model leaves open, on any circuit, in any air', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...CIRCUIT_KINDS),
        fc.double({ min: -20, max: 50, noNaN: true }),
        fc.double({ min: 600, max: 2600, noNaN: true }),
        (circuit, airC, massKg) => {
          const { caliperC, rotorC } = heatAhead(car({ massKg }), { circuit, airC })!;
          for (const { value, low, high } of [caliperC, rotorC]) {
            expect(low).toBeLessThanOrEqual(value);
            expect(high).toBeGreaterThanOrEqual(value);
          }
        },
      ),
      { numRuns: 40 },
    );
  });
});
