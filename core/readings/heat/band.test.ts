import { describe, expect, it } from 'vitest';
import { heatBand } from './band';
import { heatSession, runLaps } from './session';
import { type HeatSessionInput, heatSessionSchema } from './sessionSchema';

const base: HeatSessionInput = {
  car: { massKg: 1250, axleShare: 0.68, rotorMassKg: 8 },
  lap: {
    zones: [
      { fromKmh: 190, toKmh: 90, thenS: 35 },
      { fromKmh: 150, toKmh: 80, thenS: 27 },
    ],
  },
  laps: 20,
  ambientC: 22,
  cooling: 'none',
  limits: { padC: 480, fluidC: 150 },
};

describe('how far a session may be off', () => {
  it('lies on both sides of the session, and opens as it goes on', () => {
    const { laps } = heatSession(base);
    const { coolest, hottest } = heatBand(base);
    const width = hottest.map((lap, at) => lap.rotorPeakC - coolest[at]!.rotorPeakC);
    for (const [at, { rotorPeakC, caliperPeakC }] of laps.entries()) {
      expect(rotorPeakC).toBeGreaterThan(coolest[at]!.rotorPeakC);
      expect(rotorPeakC).toBeLessThan(hottest[at]!.rotorPeakC);
      expect(caliperPeakC).toBeGreaterThan(coolest[at]!.caliperPeakC);
      expect(caliperPeakC).toBeLessThan(hottest[at]!.caliperPeakC);
    }
    expect(width.at(-1)).toBeGreaterThan(width[0]!);
  });

  it('has the lap of a limit between an early one and a late one', () => {
    const { padLimitLap, fluidLimitLap } = heatSession(base);
    const { padLaps, fluidLaps } = heatBand(base);
    for (const [lap, [early, late]] of [
      [padLimitLap, padLaps],
      [fluidLimitLap, fluidLaps],
    ] as const) {
      expect(early ?? 99).toBeLessThanOrEqual(lap ?? 99);
      expect(late ?? 99).toBeGreaterThanOrEqual(lap ?? 99);
    }
    expect(padLaps[0]).not.toBeNull();
  });

  it('is narrower once peaks were measured all along', () => {
    const truth = runLaps(base, { cooling: 1.1, coupling: 0.9 }).laps;
    const measured = truth.flatMap(({ rotorPeakC, caliperPeakC }, at) =>
      at % 2 === 0 ? [{ lap: at + 1, rotorC: rotorPeakC + (at % 4), caliperC: caliperPeakC - (at % 3) }] : [],
    );
    const { fit } = heatSession({ ...base, measured });
    const width = ({ coolest, hottest }: ReturnType<typeof heatBand>) =>
      hottest.at(-1)!.rotorPeakC - coolest.at(-1)!.rotorPeakC;
    expect(width(heatBand(base, fit))).toBeLessThan(width(heatBand(base)) / 4);
  });
});

describe('the model’s own figures', () => {
  const hottest = (car: Partial<HeatSessionInput['car']>) =>
    heatSession({ ...base, car: { ...base.car, ...car } }).laps.at(-1)!;
  const usual = hottest({});

  it('can be said otherwise: what cools, radiates or holds more runs cooler, what couples more warms the caliper', () => {
    expect(hottest({ coolingScale: 1.3 }).rotorPeakC).toBeLessThan(usual.rotorPeakC);
    expect(hottest({ emissivity: 0.95 }).rotorPeakC).toBeLessThan(usual.rotorPeakC);
    expect(hottest({ specificHeat: 560 }).rotorPeakC).toBeLessThan(usual.rotorPeakC);
    expect(hottest({ couplingWPerK: 2 }).caliperPeakC).toBeGreaterThan(usual.caliperPeakC);
    expect(hottest({ coolingScale: 1, emissivity: 0.8, couplingWPerK: 1.2 })).toEqual(usual);
  });
});

describe('a rotor at risk of cracking', () => {
  it('is told by its own lap where its limit is given, and not at all where it is not', () => {
    const limits = { rotorC: 420 };
    expect(heatSessionSchema.safeParse({ ...base, limits }).success).toBe(true);
    const { rotorLimitLap, laps } = heatSession({ ...base, limits });
    expect(laps[rotorLimitLap! - 1]!.rotorPeakC).toBeGreaterThan(420);
    expect(laps.slice(0, rotorLimitLap! - 1).every((lap) => lap.rotorPeakC <= 420)).toBe(true);
    expect(heatSession(base)).not.toHaveProperty('rotorLimitLap');
  });
});
