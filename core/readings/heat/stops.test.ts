import { describe, expect, it } from 'vitest';
import { parseWith } from '../../base/issues/zod';
import { rotorMassKg } from './rotorMass';
import { heatStops } from './stops';
import { heatStopsSchema } from './stopsSchema';

const check = {
  massKg: 1280,
  fromKmh: 200,
  toKmh: 80,
  axleShare: 0.7,
  rotorMassKg: 7.2,
  hAWPerK: 14.4,
  intervalS: 25,
  ambientC: 25,
};

describe('heat of repeated stops', () => {
  it('gives the check values', () => {
    const result = heatStops(check);
    expect(result.energyKJ).toBeCloseTo(1659.3, 1);
    expect(result.perRotorKJ).toBeCloseTo(551.7, 1);
    expect(result.riseK).toBeCloseTo(159.6, 1);
    expect(result.tauS).toBeCloseTo(240, 10);
    expect(result.peaksC[9]).toBeCloseTo(1069, 0);
    expect(result.limitC).toBeCloseTo(1639, 0);
  });

  it('takes the energy of the published type I run: 120 to 60 km/h on 1280 kg', () => {
    // UN R13-H, annex 3, type I; the snub energy by its speeds, recalled from memory.
    expect(heatStops({ ...check, fromKmh: 120, toKmh: 60 }).energyKJ).toBeCloseTo(533.3, 1);
  });

  it('adds up without loss when nothing cools, and never passes its limit when it does', () => {
    const adiabatic = heatStops({ ...check, intervalS: 0 });
    expect(adiabatic.peaksC[4]).toBeCloseTo(25 + 5 * adiabatic.riseK, 8);
    const many = heatStops({ ...check, stops: 200 });
    expect(many.peaksC.at(-1)!).toBeLessThanOrEqual(many.limitC! + 1e-9);
  });

  it('names what it lacks and refuses a stop that speeds up', () => {
    const { hAWPerK: _, intervalS: __, ...rest } = check;
    expect(heatStops(rest).gaps.map((gap) => gap.path)).toEqual(['hAWPerK', 'intervalS']);
    expect(parseWith(heatStopsSchema, { ...check, toKmh: 210 })).toMatchObject({
      ok: false,
      issues: [{ path: 'toKmh' }],
    });
  });
});

describe('a rotor nobody has weighed', () => {
  it('is estimated within what such rotors weigh', () => {
    // A vented 32 mm ring of 355 mm weighs about 9 to 12 kg, a solid 12 mm one of 290 mm about 4 to 6 (common practice).
    expect(rotorMassKg(32, 165)).toBeGreaterThan(9);
    expect(rotorMassKg(32, 165)).toBeLessThan(14);
    expect(rotorMassKg(12, 133)).toBeGreaterThan(3.5);
    expect(rotorMassKg(12, 133)).toBeLessThan(6);
  });
});
