import { describe, expect, it } from 'vitest';
import { byOdex } from '../../../tests/support/odex';
import { parseWith } from '../../base/issues/zod';
import { heatSession } from './session';
import { type HeatSessionInput, heatSessionSchema } from './sessionSchema';
import { heatStops } from './stops';

const CAR = { massKg: 1280, axleShare: 0.7, rotorMassKg: 7.2 };
const ZONES = [
  { fromKmh: 205, toKmh: 90, thenS: 18 },
  { fromKmh: 160, toKmh: 70, thenS: 12 },
  { fromKmh: 185, toKmh: 110, thenS: 25 },
];
const base: HeatSessionInput = {
  car: CAR,
  lap: { zones: ZONES },
  laps: 8,
  ambientC: 22,
  cooling: 'none',
  limits: { padC: 650, fluidC: 190 },
};

describe('a session lap by lap', () => {
  it('agrees with a general solver to a tenth of a kelvin', () => {
    const ours = heatSession(base).laps;
    for (const [index, peak] of byOdex(base).entries()) {
      expect(ours[index]!.rotorPeakC, `lap ${index + 1}`).toBeCloseTo(peak.rotorPeakC, 1);
      expect(ours[index]!.caliperPeakC, `lap ${index + 1}`).toBeCloseTo(peak.caliperPeakC, 1);
    }
  });

  it('puts the whole energy of a stop into one corner, pads and all', () => {
    const one = { ...base, lap: { zones: [{ fromKmh: 200, toKmh: 80, thenS: 0 }] }, laps: 1 };
    // Check value: 1659.3 kJ, of which a front corner takes 0.35; the rotor alone 551.7.
    expect(heatSession(one).energyPerLapKJ).toBeCloseTo(1659.3 * 0.35, 0);
    const { riseK } = heatStops({ ...CAR, fromKmh: 200, toKmh: 80 });
    const rise = heatSession(one).laps[0]!.rotorPeakC - 22;
    expect(rise).toBeLessThan(riseK);
    expect(rise).toBeGreaterThan(riseK * 0.96);
  });

  // UN R13-H, annex 3, type I: 15 snubs, 120 to 60 km/h at 3 m/s², 45 s apart; 533.3 kJ each on 1280 kg (from memory).
  it('runs the published fade test: hotter with each snub, by less each time', () => {
    const cycle = 45 - (120 - 60) / 3.6 / 3;
    const { laps, energyPerLapKJ } = heatSession({
      ...base,
      car: { ...CAR, decelMs2: 3 },
      lap: { zones: [{ fromKmh: 120, toKmh: 60, thenS: cycle }] },
      laps: 15,
    });
    expect(energyPerLapKJ / 0.35).toBeCloseTo(533.3, 1);
    const rises = laps.map((lap, at) => lap.rotorPeakC - (laps[at - 1]?.rotorPeakC ?? 22));
    for (const [at, rise] of rises.entries()) if (at > 0) expect(rise).toBeLessThan(rises[at - 1]!);
    expect(laps[14]!.rotorPeakC).toBeGreaterThan(200);
    expect(laps[14]!.rotorPeakC).toBeLessThan(450);
  });

  it('names the first lap past each limit, null when none is', () => {
    const cold = heatSession({ ...base, limits: { padC: 1400, fluidC: 400 } });
    expect([cold.padLimitLap, cold.fluidLimitLap]).toEqual([null, null]);
    const hot = heatSession({ ...base, laps: 60, limits: { padC: 300, fluidC: 90 } });
    expect(hot.laps[hot.padLimitLap! - 1]!.rotorPeakC).toBeGreaterThan(300);
    expect(hot.padLimitLap === 1 || hot.laps[hot.padLimitLap! - 2]!.rotorPeakC <= 300).toBe(true);
    expect(hot.laps[hot.fluidLimitLap! - 1]!.caliperPeakC).toBeGreaterThan(90);
  });

  it('goes on heating the caliper while the car stands, less after a cool-down', () => {
    const straight = heatSession({ ...base, laps: 5 });
    const cooled = heatSession({ ...base, laps: 5, coolS: 120, coolKmh: 60 });
    expect(straight.soakPeakC).toBeGreaterThan(straight.laps.at(-1)!.caliperPeakC);
    expect(cooled.soakPeakC).toBeLessThan(straight.soakPeakC);
    expect(heatSession({ ...base, coolS: 60 }).gaps.map(({ path }) => path)).toContain('coolKmh');
  });

  it('moves as a car does: mass, rotor, duct, worn pads, day', () => {
    const peak = (changes: Partial<HeatSessionInput>, car = {}) =>
      heatSession({ ...base, ...changes, car: { ...CAR, ...car } }).laps.at(-1)!;
    const plain = peak({});
    expect(peak({}, { massKg: 1500 }).rotorPeakC).toBeGreaterThan(plain.rotorPeakC);
    expect(peak({}, { rotorMassKg: 9 }).rotorPeakC).toBeLessThan(plain.rotorPeakC);
    expect(peak({ cooling: 'face' }).rotorPeakC).toBeLessThan(plain.rotorPeakC);
    expect(peak({ cooling: 'core' }).rotorPeakC).toBeLessThan(peak({ cooling: 'face' }).rotorPeakC);
    expect(peak({}, { padWorn: 1 }).caliperPeakC).toBeGreaterThan(plain.caliperPeakC);
    expect(peak({ ambientC: 35 }).caliperPeakC).toBeGreaterThan(plain.caliperPeakC);
  });

  it('refits cooling and coupling to measured peaks, and finds what they were made with', () => {
    const truth = heatSession({ ...base, cooling: 'core', laps: 12, car: { ...CAR, padWorn: 0.5 } });
    const measured = [3, 6, 12].map((lap) => ({
      lap,
      rotorC: truth.laps[lap - 1]!.rotorPeakC,
      caliperC: truth.laps[lap - 1]!.caliperPeakC,
    }));
    const { fit, laps } = heatSession({ ...base, laps: 12, measured });
    expect(fit!.coolingScale.value).toBeCloseTo(1.5, 3);
    expect(fit!.couplingScale.value).toBeCloseTo(1.5, 3);
    expect(laps[11]!.rotorPeakC).toBeCloseTo(truth.laps[11]!.rotorPeakC, 2);
    const one = heatSession({ ...base, measured: [{ lap: 8, rotorC: 500 }] });
    expect(one.fit).toMatchObject({ couplingFixed: true, couplingScale: { value: 1 } });
    expect(one.laps[7]!.rotorPeakC).toBeCloseTo(500, 2);
    expect(one.fit!.coolingScale.low).toBeLessThan(one.fit!.coolingScale.value);
    expect(one.fit!.coolingScale.high).toBeGreaterThan(one.fit!.coolingScale.value);
  });

  it.each([
    ['lap.zones[0].toKmh', { ...base, lap: { zones: [{ fromKmh: 80, toKmh: 90, thenS: 3 }] } }],
    ['laps', { ...base, laps: 201 }],
    ['measured[0].lap', { ...base, measured: [{ lap: 9, rotorC: 400 }] }],
    ['measured[0].rotorC', { ...base, measured: [{ lap: 2 }] }],
    ['cooling', { ...base, cooling: 'water' }],
  ])('refuses %s', (path, input) => {
    const outcome = parseWith(heatSessionSchema, input);
    expect(outcome.ok ? [] : outcome.issues.map((issue) => issue.path)).toContain(path);
  });
});
