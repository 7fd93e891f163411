import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FLUID_CLASS_IDS, FLUID_CLASSES } from '../../car/fluidClasses';
import { altitudeShift, pressureAtAltitude, seaLevelBoiling } from './altitude';
import { boilingAtMoisture, moistureAtBoiling, waterScale } from './boiling';
import { type FluidInput, type FluidResult, readFluid } from './fluid';

const read = (input: FluidInput): FluidResult => {
  const outcome = readFluid(input);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.issues));
  return outcome.value;
};
const refused = (input: FluidInput) => {
  const outcome = readFluid(input);
  return outcome.ok ? [] : outcome.issues;
};

describe('published class minimums', () => {
  // 49 CFR 571.116 S5.1.1 and S5.1.2 (equilibrium reflux and wet boiling point), ISO 4925 table 1; from memory.
  it.each([
    ['DOT3', 205, 140, 1500],
    ['DOT4', 230, 155, 1800],
    ['DOT5.1', 260, 180, 900],
    ['DOT5', 260, 180, 900],
    ['ISO6', 250, 165, 750],
    ['ISO7', 260, 180, 750],
  ] as const)('%s boils at %i dry and %i wet, %i mm²/s at −40 °C', (id, dryC, wetC, viscosity) => {
    expect(FLUID_CLASSES[id]).toMatchObject({ dryC, wetC, viscosity });
    expect(boilingAtMoisture(FLUID_CLASSES[id], 0)).toBeCloseTo(dryC, 9);
    expect(boilingAtMoisture(FLUID_CLASSES[id], 3.7)).toBeCloseTo(wetC, 9);
  });

  // ISO 2533 standard atmosphere, table of pressures; from memory.
  it.each([
    [0, 101.325],
    [1000, 89.875],
    [1500, 84.556],
    [2000, 79.495],
    [3000, 70.109],
  ])('air at %i m presses with %f kPa', (altitude, kPa) => {
    expect(Math.abs(pressureAtAltitude(altitude) / 1000 - kPa)).toBeLessThan(0.003);
  });
});

describe('the curve', () => {
  it('gives the check values', () => {
    const dot4 = FLUID_CLASSES.DOT4;
    expect(waterScale(dot4)).toBeCloseTo(3.772, 3);
    expect([0, 1, 2, 3, 3.7].map((w) => Number(boilingAtMoisture(dot4, w).toFixed(1)))).toEqual([
      230, 202.1, 180.6, 164.2, 155,
    ]);
    expect([1, 3].map((w) => Number(boilingAtMoisture(FLUID_CLASSES.DOT3, w).toFixed(1)))).toEqual([
      179.6, 147.3,
    ]);
    expect(boilingAtMoisture({ dryC: 265, wetC: 170 }, 2)).toBeCloseTo(202.8, 1);
    expect(moistureAtBoiling(dot4, 200)).toBeCloseTo(1.085, 3);
    expect(altitudeShift(230, 1500)).toBeCloseTo(-8.6, 1);
  });

  it('falls faster at first for DOT 4 than for DOT 3', () => {
    const slope = (id: 'DOT3' | 'DOT4') => (FLUID_CLASSES[id].dryC - 110) / waterScale(FLUID_CLASSES[id]);
    expect(slope('DOT3')).toBeCloseTo(29.6, 1);
    expect(slope('DOT4')).toBeCloseTo(31.8, 1);
  });

  it('falls with water, inverts, and altitude inverts', () => {
    const glycol = FLUID_CLASS_IDS.filter((id) => !FLUID_CLASSES[id].silicone);
    fc.assert(
      fc.property(
        fc.constantFrom(...glycol),
        fc.double({ min: 0, max: 9.9, noNaN: true }),
        fc.double({ min: -500, max: 5000, noNaN: true }),
        (id, moisture, altitude) => {
          const pair = FLUID_CLASSES[id];
          const boiling = boilingAtMoisture(pair, moisture);
          expect(boilingAtMoisture(pair, moisture + 0.1)).toBeLessThan(boiling);
          expect(moistureAtBoiling(pair, boiling)).toBeCloseTo(moisture, 6);
          expect(seaLevelBoiling(boiling + altitudeShift(boiling, altitude), altitude)).toBeCloseTo(
            boiling,
            6,
          );
        },
      ),
    );
  });
});

describe('a reading', () => {
  it('lets moisture speak for moisture and boiling for boiling only', () => {
    expect(read({ class: 'DOT4', moisturePct: 3 }).states).toEqual({ fluid_moisture: 'wet' });
    expect(read({ class: 'DOT4', boilingC: 199.9 }).states).toEqual({ fluid_boiling: 'borderline' });
  });

  it('puts a value on a bound where section 1 puts it', () => {
    const moisture = (pct: number) => read({ class: 'DOT4', moisturePct: pct }).states.fluid_moisture;
    expect([0.99, 1, 2.99, 3].map(moisture)).toEqual(['dry', 'borderline', 'borderline', 'wet']);
    const boiling = (c: number) => read({ class: 'DOT4', boilingC: c }).states.fluid_boiling;
    expect([200, 199.99, 175, 174.99].map(boiling)).toEqual(['ok', 'borderline', 'borderline', 'low']);
    const margin = (peak: number) =>
      read({ class: 'DOT4', boilingC: 200, caliperPeakC: peak }).states.caliper_peak;
    expect([170, 170.01].map(margin)).toEqual(['within', 'over_fluid_limit']);
    expect(read({ class: 'DOT4', boilingC: 200, caliperPeakC: 190, use: 'road' }).states.caliper_peak).toBe(
      'within',
    );
  });

  it('takes a boiling reading as read at altitude', () => {
    const high = read({ class: 'DOT4', boilingC: 190, altitudeM: 1500, caliperPeakC: 150 });
    expect(high.boilingHereC).toBeCloseTo(190, 9);
    expect(high.boilingC!).toBeGreaterThan(197);
    expect(high.marginK).toBeCloseTo(40, 9);
  });

  it('shows how far the two testers disagree', () => {
    const both = read({ class: 'DOT4', moisturePct: 2, boilingC: 190 });
    expect(both.boilingC).toBeCloseTo(190, 9);
    expect(both.disagreementC).toBeCloseTo(190 - 180.6, 1);
  });

  it('names what is missing instead of guessing', () => {
    const nothing = read({ class: 'DOT4' });
    expect(nothing.boilingC).toBeNull();
    expect(nothing.gaps.map((gap) => gap.path)).toEqual(['moisturePct', 'caliperPeakC']);
  });

  it('takes a good fluid for better than its class, and says no water of it from a pair that is not its own', () => {
    // A fresh fluid of the middle class reads 267 °C on a good tester; the class asks for 230.
    const fresh = read({ class: 'DOT4', boilingC: 267, caliperPeakC: 190 });
    expect(fresh).toMatchObject({
      betterThanClass: true,
      boilingC: 267,
      marginK: 77,
      states: { fluid_boiling: 'ok' },
    });
    expect(fresh).not.toHaveProperty('moisturePct');
    expect(fresh.gaps).toEqual([{ path: 'dryC', why: expect.stringContaining('product’s own') }]);
    const both = read({ class: 'DOT4', boilingC: 267, moisturePct: 0.4 });
    expect(both.moisturePct).toBe(0.4);
    expect(both).not.toHaveProperty('disagreementC');
    const mixedUp = read({ class: 'DOT4', dryC: 240, wetC: 165, boilingC: 267 });
    expect(mixedUp).not.toHaveProperty('betterThanClass');
    expect(mixedUp).not.toHaveProperty('moisturePct');
    expect(mixedUp.gaps).toContainEqual({ path: 'dryC', why: expect.stringContaining('is that pair') });
    // High up, the reading is brought to sea level before it is held against the class.
    expect(read({ class: 'DOT4', boilingC: 228, altitudeM: 1500 })).toHaveProperty('betterThanClass', true);
  });

  it('tells the water from the boiling point with what the tester leaves open', () => {
    const dry = read({ class: 'DOT4', boilingC: 225 });
    const [low, high] = dry.moistureRangePct!;
    // Check value of the inverse: 200 °C is 1.085 %.
    expect(read({ class: 'DOT4', boilingC: 200 }).moisturePct).toBeCloseTo(1.085, 3);
    expect(low).toBeLessThan(dry.moisturePct!);
    expect(high).toBeGreaterThan(dry.moisturePct!);
    // A wet fluid's curve is flat: the same three kelvin are many times the water.
    const [wetLow, wetHigh] = read({ class: 'DOT4', boilingC: 125 }).moistureRangePct!;
    expect(wetHigh - wetLow).toBeGreaterThan(5 * (high - low));
    expect(read({ class: 'DOT4', boilingC: 110 })).not.toHaveProperty('moisturePct');
  });

  it('refuses what cannot be, with the field and the range', () => {
    expect(refused({ class: 'DOT5', moisturePct: 1 })[0]).toMatchObject({
      path: 'moisturePct',
      accepted: expect.stringContaining('silicone'),
    });
    expect(refused({ class: 'DOT4', dryC: 265 })[0]).toMatchObject({ path: 'wetC', code: 'missing' });
    expect(refused({ class: 'DOT4', dryC: 265, wetC: 270 })[0]).toMatchObject({ path: 'wetC' });
    for (const boilingC of [109.9, 330.1])
      expect(refused({ class: 'DOT4', boilingC })[0]).toMatchObject({
        path: 'boilingC',
        value: String(boilingC),
        accepted: '110 to 330 °C',
      });
    for (const boilingC of [110, 240, 330]) expect(refused({ class: 'DOT4', boilingC })).toEqual([]);
  });
});
