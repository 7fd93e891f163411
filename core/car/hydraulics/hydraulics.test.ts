import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseWith } from '../../base/issues/zod';
import { boreAreaMm2 } from './bore';
import { hydraulics } from './hydraulics';
import { type HydraulicsInput, hydraulicsSchema } from './schema';

/** The worked car of the calculations: 493.8 N at 5.5 are 7 MPa behind a 22.225 mm bore. */
const CAR: HydraulicsInput = {
  master: { boreMm: 22.225 },
  pedal: { forceN: (7 * boreAreaMm2(22.225)) / 5.5, ratio: 5.5 },
  front: { caliper: 'opposed', pistonsMm: [40, 40, 40, 40], mu: 0.42, effectiveRadiusM: 0.133 },
  rear: { caliper: 'sliding', pistonsMm: [38], mu: 0.42, effectiveRadiusM: 0.125 },
  massKg: 1280,
  rollingRadiusM: 0.316,
};
const LOADED: HydraulicsInput = { ...CAR, frontWeightShare: 0.54, cgHeightM: 0.5, wheelbaseM: 2.5 };

describe('from the foot to the road', () => {
  it('gives the pressure of a bore', () => {
    expect(boreAreaMm2(22.225)).toBeCloseTo(387.95, 2);
    const at = (forceN: number, ratio: number) =>
      hydraulics({ ...CAR, pedal: { forceN, ratio } }).linePressureMPa.front;
    expect(at(500, 3.7)).toBeCloseTo(4.769, 3);
    expect(at(500, 5.5)).toBeCloseTo(7.089, 3);
  });

  it('gives clamp, torque and deceleration of the worked car', () => {
    const result = hydraulics(CAR);
    expect(result.clampN.front / 1000).toBeCloseTo(17.59, 2);
    expect(result.torquePerRotorNm.front).toBeCloseTo(1965.5, 1);
    expect(result.torquePerRotorNm.rear).toBeCloseTo(833.6, 1);
    expect(result.decelMs2).toBeCloseTo(13.84, 2);
    expect(result.frontShare).toBeCloseTo(1965.5 / (1965.5 + 833.6), 4);
    expect(result.gaps.map((gap) => gap.path)).toEqual(['frontWeightShare']);
  });

  it('solves the force for a deceleration, and says when no foot reaches it', () => {
    const wanted = hydraulics({ ...CAR, wanted: { decelMs2: hydraulics(CAR).decelMs2 } });
    expect(wanted.pedalForceN).toBeCloseTo(CAR.pedal.forceN, 6);
    const never = hydraulics({ ...CAR, wanted: { decelMs2: 30 }, tyreGrip: 1 });
    expect(never.pedalForceN).toBeUndefined();
    expect(never.gaps.map((gap) => gap.path)).toContain('wanted.decelMs2');
  });

  it('moves load forward as a rigid body does, and never past what the tyres hold', () => {
    // Static balance, by hand: at 1 g on h/L = 0.2 the front axle carries 0.54 + 0.2 of the car.
    const grippy = hydraulics({ ...LOADED, tyreGrip: 1 });
    expect(grippy.decelMs2).toBeLessThanOrEqual(9.80665 + 1e-9);
    const gentle = hydraulics({ ...LOADED, tyreGrip: 1, pedal: { ...CAR.pedal, forceN: 200 } });
    expect(gentle.idealFrontShare).toBeCloseTo(0.54 + (gentle.decelMs2 / 9.80665) * 0.2, 9);
  });

  it('says which axle locks first, where theory puts it', () => {
    // With a fixed front share f the front locks at a = grip·g·share/(f − grip·h/L), common textbook form.
    const { locks, frontShare } = hydraulics({ ...LOADED, tyreGrip: 0.8 });
    const expected = (0.8 * 9.80665 * 0.54) / (frontShare! - 0.8 * 0.2);
    expect(locks).toMatchObject({ axle: 'front' });
    expect(locks!.decelMs2).toBeCloseTo(expected, 6);
    const strongRear = { ...LOADED, rear: { ...LOADED.front, mu: 0.5 } } as HydraulicsInput;
    expect(hydraulics({ ...strongRear, tyreGrip: 0.8 }).locks!.axle).toBe('rear');
    const valve = { ...strongRear, rearValve: { kneeMPa: 0.8, slope: 0.1 }, tyreGrip: 0.8 };
    expect(hydraulics(valve).locks!.axle).toBe('front');
  });

  it('knows twin masters, a valve, assist and a drum', () => {
    const twin = hydraulics({ ...CAR, master: { boreMm: 17.8, rearBoreMm: 19.05, barFrontShare: 0.55 } });
    const pushrod = CAR.pedal.forceN * 5.5;
    expect(twin.linePressureMPa.front).toBeCloseTo((pushrod * 0.55) / boreAreaMm2(17.8), 9);
    expect(twin.linePressureMPa.rear).toBeCloseTo((pushrod * 0.45) / boreAreaMm2(19.05), 9);
    expect(hydraulics({ ...CAR, rearValve: { kneeMPa: 3, slope: 0.3 } }).linePressureMPa.rear).toBeCloseTo(
      4.2,
      9,
    );
    expect(hydraulics({ ...CAR, assistKPa: 2000 }).linePressureMPa.front).toBeCloseTo(9, 9);
    expect(hydraulics({ ...CAR, assistKPa: 2000, pedal: { forceN: 0, ratio: 5 } }).decelMs2).toBe(0);
    const drum = hydraulics({ ...CAR, rear: { cylinderMm: 19.05, brakeFactor: 2.2, drumRadiusM: 0.1 } });
    expect(drum.torquePerRotorNm.rear).toBeCloseTo(7 * boreAreaMm2(19.05) * 2.2 * 0.1, 6);
  });

  it('names the yardstick of the road: UN R13-H type 0', () => {
    expect(hydraulics(CAR).limits).toContainEqual({ name: 'type0DecelMs2', value: 6.43, from: 'standard' });
  });

  it.each([
    ['rollingRadiusM', { ...CAR, rollingRadiusM: 0.7 }],
    [
      'front.effectiveRadiusM',
      { ...CAR, rollingRadiusM: 0.16, front: { ...CAR.front, effectiveRadiusM: 0.2 } },
    ],
    [
      'front.effectiveRadiusM',
      { ...CAR, front: { ...CAR.front, effectiveRadiusM: 0.15, rotorRadiusMm: 150 } },
    ],
    ['front.pistonsMm', { ...CAR, front: { ...CAR.front, pistonsMm: [40, 40, 40] } }],
    ['rear.pistonsMm', { ...CAR, rear: { ...CAR.rear, pistonsMm: [90, 90, 90, 90, 90] } }],
    ['master.barFrontShare', { ...CAR, master: { boreMm: 20, barFrontShare: 0.5 } }],
    ['massKg', { ...CAR, massKg: '1280' }],
    ['brand', { ...CAR, brand: 1 }],
  ])('refuses %s with field and range', (path, input) => {
    const outcome = parseWith(hydraulicsSchema, input);
    expect(outcome.ok ? [] : outcome.issues.map((issue) => issue.path)).toContain(path);
  });

  it('asks less deceleration of a heavier car, more of a harder foot, whatever the figures', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 50, max: 1000, noNaN: true }),
        fc.double({ min: 2, max: 8, noNaN: true }),
        fc.double({ min: 0.3, max: 1.6, noNaN: true }),
        (forceN, ratio, tyreGrip) => {
          const base = { ...LOADED, pedal: { forceN, ratio }, tyreGrip };
          const { decelMs2 } = hydraulics(base);
          expect(hydraulics({ ...base, massKg: 1500 }).decelMs2).toBeLessThanOrEqual(decelMs2 + 1e-9);
          expect(
            hydraulics({ ...base, pedal: { forceN: forceN * 1.1, ratio } }).decelMs2,
          ).toBeGreaterThanOrEqual(decelMs2 - 1e-9);
          expect(decelMs2).toBeLessThanOrEqual(tyreGrip * 9.80665 + 1e-6);
        },
      ),
      { seed: 20261126, numRuns: 200 },
    );
  });
});
