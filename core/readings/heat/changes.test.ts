import { describe, expect, it } from 'vitest';
import { changesBy, lapsInside, pairsBy } from './changes';
import type { HeatSessionInput } from './sessionSchema';

const base: HeatSessionInput = {
  car: { massKg: 1250, axleShare: 0.68, rotorMassKg: 8, padWorn: 0.5 },
  lap: {
    zones: [
      { fromKmh: 190, toKmh: 90, thenS: 35 },
      { fromKmh: 150, toKmh: 80, thenS: 27 },
    ],
  },
  laps: 25,
  ambientC: 22,
  cooling: 'none',
  limits: { padC: 480, fluidC: 205 },
};

describe('which change buys the most laps', () => {
  it('ranks them, each counted by a session of its own', () => {
    const changes = changesBy(base);
    const now = lapsInside(base);
    expect(now).toBeLessThan(25);
    expect(changes.length).toBeGreaterThan(1);
    expect(changes.map(({ ids }) => ids)).toContainEqual(['slower_entry']);
    for (const [at, { laps, gained }] of changes.entries()) {
      expect(gained).toBe(laps - now);
      expect(gained).toBeGreaterThan(0);
      if (at > 0) expect(gained).toBeLessThanOrEqual(changes[at - 1]!.gained);
    }
    const duct = changes.find(({ ids }) => ids[0] === 'duct_core')!;
    expect(duct.laps).toBe(lapsInside({ ...base, cooling: 'core' }));
  });

  it('offers nothing that is so already, or that nothing is held against', () => {
    const ids = (input: HeatSessionInput) => changesBy(input).flatMap(({ ids }) => ids);
    expect(ids({ ...base, cooling: 'core' })).not.toContain('duct_core');
    expect(ids({ ...base, car: { ...base.car, padWorn: 0 } })).not.toContain('new_pads');
    expect(ids({ ...base, limits: { padC: 480 } })).not.toContain('better_fluid');
  });

  it('has nothing to offer where no limit is passed', () => {
    expect(changesBy({ ...base, limits: { padC: 1400, fluidC: 400 } })).toEqual([]);
  });

  it('names the two that buy more together than the better of them alone', () => {
    const alone = changesBy(base);
    const told: number[] = [];
    const pairs = pairsBy(base, alone, (done, all) => told.push(done / all));
    expect(told.at(-1)).toBe(1);
    expect(pairs.length).toBeGreaterThan(0);
    for (const { ids, gained, laps } of pairs) {
      const gains = ids.map((id) => alone.find((each) => each.ids[0] === id)?.gained ?? 0);
      expect(gained).toBeGreaterThan(Math.max(...gains));
      expect(laps).toBe(lapsInside(base) + gained);
    }
  });
});
