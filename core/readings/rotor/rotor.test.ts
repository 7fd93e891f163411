import fc from 'fast-check';
import FFT from 'fft.js';
import { describe, expect, it } from 'vitest';
import { parseWith } from '../../base/issues/zod';
import { reindex } from '../hub/reindex';
import { judder } from '../judder/judder';
import { ordersOf } from './orders';
import { readRotor } from './rotor';
import { rotorSchema } from './schema';

const CHECK = [0, 0.02, 0.05, 0.06, 0.05, 0.03, -0.01, -0.02];
const trace = fc.array(fc.double({ min: -0.2, max: 0.2, noNaN: true }), { minLength: 6, maxLength: 24 });

describe('rotor trace', () => {
  it('gives the check values', () => {
    const result = readRotor({ runoutMm: CHECK });
    expect(result.tirMm).toBeCloseTo(0.08, 12);
    expect(result.wobbleMm).toBeCloseTo(0.0789, 4);
    expect(result.orders[0]!.highAngleDeg).toBeCloseTo(136.1, 1);
    expect(result.orders[1]!.peakToPeakMm).toBeCloseTo(0.0071, 4);
    expect(result.orders[2]!.peakToPeakMm).toBeCloseTo(0.0086, 4);
    expect(result.states).toEqual({ rotor_runout: 'high', rotor_shape: 'wobble' });
  });

  it('agrees with a fast Fourier transform library (fft.js) at 8 and 16 stations', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(8, 16),
        fc.infiniteStream(fc.double({ min: -0.2, max: 0.2, noNaN: true })),
        (count, stream) => {
          const readings = [...stream.take(count)];
          const fft = new FFT(count);
          const out = fft.createComplexArray();
          fft.realTransform(out, readings);
          for (const { order, peakToPeakMm } of ordersOf(readings)) {
            const size = Math.hypot(out[2 * order], out[2 * order + 1]);
            expect(peakToPeakMm).toBeCloseTo(((order * 2 === count ? 2 : 4) * size) / count, 10);
          }
        },
      ),
    );
  });

  it('does not care where the dial was zeroed, and turns with the disc', () => {
    fc.assert(
      fc.property(
        trace,
        fc.double({ min: -1, max: 1, noNaN: true }),
        fc.nat(23),
        (readings, offset, steps) => {
          const plain = readRotor({ runoutMm: readings });
          const moved = readRotor({ runoutMm: readings.map((reading) => reading + offset) });
          expect(moved.tirMm).toBeCloseTo(plain.tirMm, 9);
          expect(moved.waveMm).toBeCloseTo(plain.waveMm, 9);
          const shift = steps % readings.length;
          const turned = readRotor({
            runoutMm: readings.map((_, station) => readings[(station + shift) % readings.length]!),
          });
          expect(turned.wobbleMm).toBeCloseTo(plain.wobbleMm, 9);
          expect(turned.waveMm).toBeCloseTo(plain.waveMm, 9);
          if (plain.wobbleMm < 1e-3) return;
          const by =
            (plain.orders[0]!.highAngleDeg! -
              turned.orders[0]!.highAngleDeg! -
              (360 * shift) / readings.length) %
            360;
          expect(Math.abs(Math.sin((by * Math.PI) / 360))).toBeLessThan(1e-6);
        },
      ),
    );
  });

  it('finds a pure order again, and its high side in the first part of the turn', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5 }),
        fc.double({ min: 0.01, max: 0.2, noNaN: true }),
        fc.double({ min: 0, max: 359, noNaN: true }),
        (order, size, high) => {
          const readings = Array.from(
            { length: 24 },
            (_, station) =>
              (size / 2) * Math.cos(order * ((2 * Math.PI * station) / 24 - (high * Math.PI) / 180)),
          );
          const found = ordersOf(readings)[order - 1]!;
          expect(found.peakToPeakMm).toBeCloseTo(size, 9);
          const turn = 360 / order;
          const apart = Math.abs(found.highAngleDeg! - (high % turn));
          expect(Math.min(apart, turn - apart)).toBeLessThan(1e-6);
          expect(found.highAngleDeg!).toBeLessThan(turn);
        },
      ),
    );
    expect(ordersOf([1, 1, 1, 1, 1, 1])[0]).toMatchObject({ highAngleDeg: null });
  });

  it('tells wobble, wave and flat apart, a value on the limit inside it', () => {
    const wave = Array.from(
      { length: 12 },
      (_, station) => 0.05 * Math.cos((2 * 2 * Math.PI * station) / 12),
    );
    expect(readRotor({ runoutMm: wave }).states.rotor_shape).toBe('wave');
    expect(readRotor({ runoutMm: [0, 0, 0, 0.05, 0, 0] }).states).toMatchObject({
      rotor_runout: 'ok',
      rotor_shape: 'flat',
    });
    expect(
      readRotor({ runoutMm: [0, 0, 0, 0.05, 0, 0], limits: { runoutMm: 0.03 } }).states.rotor_runout,
    ).toBe('high');
  });

  it('holds thickness against discard, and says what is missing', () => {
    const read = (thickness: number, more = {}) =>
      readRotor({ runoutMm: CHECK, thicknessMm: CHECK.map(() => thickness), minimumMm: 26, ...more });
    expect(read(25.99).states.rotor_thickness).toBe('below_minimum');
    expect(read(26).states.rotor_thickness).toBe('near_minimum');
    expect(read(26.3).states.rotor_thickness).toBe('ok');
    expect(read(26.4, { newMm: 28 }).states.rotor_thickness).toBe('near_minimum');
    expect(read(26.5, { newMm: 28 })).toMatchObject({
      dtvMm: 0,
      meanMm: 26.5,
      wearMm: 1.5,
      states: { rotor_thickness: 'ok', rotor_dtv: 'ok' },
    });
    expect(readRotor({ runoutMm: CHECK }).gaps[0]!.path).toBe('thicknessMm');
  });

  it('refuses too few stations, unlike counts, and a rotor thicker than new', () => {
    const paths = (input: unknown) => {
      const outcome = parseWith(rotorSchema, input);
      return outcome.ok ? [] : outcome.issues.map((issue) => issue.path);
    };
    expect(paths({ runoutMm: [0, 0, 0, 0, 0] })).toEqual(['runoutMm']);
    expect(paths({ runoutMm: CHECK, thicknessMm: [27] })).toEqual(['thicknessMm']);
    expect(paths({ runoutMm: CHECK, thicknessMm: CHECK.map(() => 28.3), newMm: 28 })[0]).toBe(
      'thicknessMm[0]',
    );
    expect(paths({ runoutMm: [...CHECK.slice(1), '0.02'] })).toEqual(['runoutMm[7]']);
  });
});

describe('re-index', () => {
  it('gives the check values', () => {
    const result = reindex({
      hub: { peakToPeakMm: 0.03, highAngleDeg: 40, radiusMm: 70 },
      mounted: { peakToPeakMm: 0.11, highAngleDeg: 200, radiusMm: 150 },
      studs: 5,
    });
    expect(result.hubAtRotorMm).toBeCloseTo(0.0643, 4);
    expect(result.rotorOwn!.peakToPeakMm).toBeCloseTo(0.1718, 4);
    expect(result.rotorOwn!.highAngleDeg).toBeCloseTo(207.4, 1);
    expect(result.positions!.map((position) => Number(position.peakToPeakMm.toFixed(4)))).toEqual([
      0.11, 0.1496, 0.2197, 0.2322, 0.1777,
    ]);
    expect(result).toMatchObject({ best: 0, insideLimit: false, states: { hub_runout: 'ok' } });
  });

  it('cancels hub and rotor that are alike when a stud stands opposite', () => {
    const result = reindex({
      hub: { peakToPeakMm: 0.04, highAngleDeg: 10, radiusMm: 100 },
      mounted: { peakToPeakMm: 0.08, highAngleDeg: 10, radiusMm: 100 },
      studs: 4,
    });
    expect(result).toMatchObject({ best: 2, insideLimit: true, states: { hub_runout: 'high' } });
    expect(result.positions![2]!.peakToPeakMm).toBeCloseTo(0, 12);
  });

  it('takes the dial’s own round for either face, and judges a hub alone', () => {
    const round = (pp: number, highDeg: number) =>
      Array.from(
        { length: 8 },
        (_, station) => (pp / 2) * Math.cos(((45 * station - highDeg) * Math.PI) / 180),
      );
    const plain = { hub: { peakToPeakMm: 0.03, highAngleDeg: 40, radiusMm: 70 }, studs: 5 } as const;
    const mounted = { peakToPeakMm: 0.11, highAngleDeg: 200, radiusMm: 150 };
    const typed = reindex({ ...plain, mounted });
    const read = reindex({
      studs: 5,
      hub: { runoutMm: round(0.03, 40), radiusMm: 70 },
      mounted: { runoutMm: round(0.11, 200), radiusMm: 150 },
    });
    for (const { k, peakToPeakMm } of read.positions!)
      expect(peakToPeakMm).toBeCloseTo(typed.positions![k]!.peakToPeakMm, 9);
    const alone = reindex({ hub: { runoutMm: round(0.08, 40), radiusMm: 70 }, studs: 5 });
    expect(alone).toMatchObject({ states: { hub_runout: 'high' }, gaps: [{ path: 'mounted' }] });
    expect('positions' in alone).toBe(false);
  });
});

describe('judder', () => {
  it('gives the check value and the order it beats in', () => {
    const at = (frequencyHz?: number) => judder({ speedKmh: 110, rollingRadiusM: 0.316, frequencyHz });
    expect(at().wheelHz).toBeCloseTo(15.39, 2);
    const wheel = at().wheelHz;
    const state = (order: number) => at(order * wheel).states.judder_order;
    expect([1, 1.15, 1.2, 2, 3.1, 0.3].map(state)).toEqual([
      'first',
      'first',
      'not_wheel',
      'second_or_more',
      'second_or_more',
      'not_wheel',
    ]);
  });
});
