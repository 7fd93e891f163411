import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { travelBudget } from '../../readings/pedal/travel';
import { alternative, type BrakeChange, sizeFor, takeOf, withBrakeChange } from './alternatives';
import { boreAreaMm2 } from './bore';
import { boresBeside } from './bores';
import { hydraulics } from './hydraulics';
import type { HydraulicsInput } from './schema';
import { strokeMm, takeWith, usualTake } from './stroke';

const CAR: HydraulicsInput = {
  master: { boreMm: 22.225 },
  pedal: { forceN: 400, ratio: 5.5 },
  front: { caliper: 'opposed', pistonsMm: [40, 40, 40, 40], mu: 0.42, effectiveRadiusM: 0.133 },
  rear: { caliper: 'sliding', pistonsMm: [38], mu: 0.42, effectiveRadiusM: 0.125 },
  massKg: 1280,
  rollingRadiusM: 0.316,
  frontWeightShare: 0.54,
  cgHeightM: 0.5,
  wheelbaseM: 2.5,
  tyreGrip: 1.2,
  wanted: { decelMs2: 8 },
};
const TAKE = { clearanceMl: 1.2, giveMlPerMPa: 0.4 };
const changed = (change: BrakeChange) => withBrakeChange(CAR, change)!;
const at = (input: HydraulicsInput) => alternative(input, { take: TAKE, toFloorMm: 120 }, CAR);

describe('how far the pedal goes', () => {
  it('is the travel budget’s own sum', () => {
    const take = takeWith(TAKE, CAR, CAR);
    const { front: pressureMPa } = hydraulics(CAR).linePressureMPa;
    const ml = TAKE.clearanceMl + TAKE.giveMlPerMPa * pressureMPa;
    const { mmPerMl } = travelBudget({ master: CAR.master, pedal: CAR.pedal, pressureMPa });
    expect(strokeMm(CAR, 400, take)).toBeCloseTo(ml * mmPerMl, 9);
  });

  it('is the same for twin masters of half the area each as for the one', () => {
    const half = Math.sqrt(22.225 ** 2 / 2);
    const twin: HydraulicsInput = { ...CAR, master: { boreMm: half, rearBoreMm: half, barFrontShare: 0.5 } };
    expect(hydraulics(twin).linePressureMPa.front).toBeCloseTo(hydraulics(CAR).linePressureMPa.front, 9);
    const take = takeWith(TAKE, CAR, CAR);
    expect(strokeMm(twin, 400, take)).toBeCloseTo(strokeMm(CAR, 400, take), 9);
  });

  it('comes from the pedal’s own curve and goes back to it', () => {
    const take = takeOf({ offsetMm: 18, elasticMmPerMPa: 6, boreMm: 22.225, ratio: 5.5 });
    const { front: pressureMPa } = hydraulics(CAR).linePressureMPa;
    expect(strokeMm(CAR, 400, takeWith(take, CAR, CAR))).toBeCloseTo(18 + 6 * pressureMPa, 9);
  });

  it('is taken to be an ordinary one where nothing is known', () => {
    // Two wheels an axle, two pads each: 4 · (2513.3 + 1134.1) mm² · 0.1 mm.
    expect(usualTake(CAR).clearanceMl).toBeCloseTo(1.459, 3);
  });
});

describe('another part in the same car', () => {
  it('a smaller master takes less effort and more travel, a higher ratio likewise', () => {
    const now = at(CAR);
    for (const other of [changed({ what: 'bore', value: 19.05 }), changed({ what: 'ratio', value: 7 })]) {
      const next = at(other);
      expect(next.forceN).toBeLessThan(now.forceN!);
      expect(next.travelMm).toBeGreaterThan(now.travelMm!);
      expect(next.reserveMm).toBeCloseTo(120 - next.travelMm!, 9);
      expect(next.frontShare).toBeCloseTo(now.frontShare!, 9);
    }
  });

  it('larger rear pistons move the balance rearward, take more fluid, and are weighed by their area', () => {
    const next = at(changed({ what: 'pistons', axle: 'rear', pistonsMm: [45] }));
    expect(next.frontShare).toBeLessThan(at(CAR).frontShare!);
    const grown = (45 / 38) ** 2;
    const take = takeWith(TAKE, CAR, changed({ what: 'pistons', axle: 'rear', pistonsMm: [45] }));
    expect(take.rear.giveMlPerMPa / takeWith(TAKE, CAR, CAR).rear.giveMlPerMPa).toBeCloseTo(grown ** 2, 9);
  });

  it('says when the pedal meets the floor', () => {
    const low = alternative(CAR, { take: { clearanceMl: 9, giveMlPerMPa: 1 }, toFloorMm: 100 });
    expect(low).toMatchObject({ meetsFloor: true });
    expect(low.reserveMm).toBeLessThan(0);
  });

  it.each<[string, BrakeChange]>([
    ['a rear master where there is one for all', { what: 'rearBore', value: 19 }],
    ['an odd count in an opposed caliper', { what: 'pistons', axle: 'front', pistonsMm: [40, 40, 40] }],
    [
      'pistons that go past half round the rotor',
      { what: 'pistons', axle: 'rear', pistonsMm: [90, 90, 90, 90, 90] },
    ],
    ['a rotor as large as the wheel', { what: 'radius', axle: 'front', value: 0.32 }],
  ])('cannot be %s', (_, change) => {
    expect(withBrakeChange(CAR, change)).toBeUndefined();
  });

  it('of a drum is its cylinder, not its friction', () => {
    const drum: HydraulicsInput = { ...CAR, rear: { cylinderMm: 20, brakeFactor: 2.2, drumRadiusM: 0.11 } };
    expect(withBrakeChange(drum, { what: 'mu', axle: 'rear', value: 0.4 })).toBeUndefined();
    const next = withBrakeChange(drum, { what: 'pistons', axle: 'rear', pistonsMm: [22] });
    expect(next?.rear).toMatchObject({ cylinderMm: 22, brakeFactor: 2.2 });
  });
});

describe('sized for an effort', () => {
  it('gives the bore and the ratio at which the foot presses just that, at the same travel', () => {
    fc.assert(
      fc.property(fc.double({ min: 120, max: 480, noNaN: true }), (effortN) => {
        const size = sizeFor(CAR, effortN, { take: TAKE })!;
        for (const other of [
          changed({ what: 'bore', value: size.boreMm! }),
          changed({ what: 'ratio', value: size.ratio! }),
        ]) {
          const { forceN, travelMm } = at(other);
          expect(forceN).toBeCloseTo(effortN, 3);
          expect(travelMm).toBeCloseTo(size.travelMm, 3);
        }
      }),
    );
  });

  it('keeps effort times travel: no gearing gives both', () => {
    const product = (effortN: number) => effortN * sizeFor(CAR, effortN, { take: TAKE })!.travelMm;
    expect(product(200)).toBeCloseTo(product(400), 6);
  });

  it('takes the assist into account', () => {
    const assisted = { ...CAR, assistKPa: 2000 };
    const size = sizeFor(assisted, 100, { take: TAKE })!;
    const { forceN } = alternative({ ...assisted, master: { boreMm: size.boreMm! } }, { take: TAKE });
    expect(forceN).toBeCloseTo(100, 3);
  });

  it('is nothing where no foot reaches it', () => {
    expect(sizeFor({ ...CAR, wanted: { decelMs2: 25 } }, 300, { take: TAKE })).toBeUndefined();
  });

  it('begins with the made sizes beside the bore', () => {
    expect(boresBeside(22.2)).toEqual([19.05, 20.6375, 23.8125, 25.4]);
    expect(boresBeside(15.875)).toEqual([17.4625, 19.05]);
    expect(boreAreaMm2(boresBeside(22.2)[0]!)).toBeCloseTo(285.02, 2);
  });
});
