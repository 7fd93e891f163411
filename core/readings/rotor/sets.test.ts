import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseWith } from '../../base/issues/zod';
import { studAt, studWords } from '../hub/studs';
import { outlierOf } from './outlier';
import { readRotor } from './rotor';
import { rotorSchema } from './schema';

const size = fc.double({ min: 0, max: 0.2, noNaN: true });
const turn = fc.double({ min: 0, max: 2 * Math.PI, noNaN: true });
const wobble = (count: number, pp: number, phase: number) =>
  Array.from({ length: count }, (_, station) => (pp / 2) * Math.cos((2 * Math.PI * station) / count - phase));

describe('closing a round', () => {
  it('reports a drift over the dial’s resolution, and takes a steady one out exactly', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(8, 12, 16, 24),
        size,
        turn,
        fc.double({ min: -0.1, max: 0.1, noNaN: true }),
        (count, pp, phase, drift) => {
          const still = wobble(count, pp, phase);
          const drifting = still.map((each, station) => each + (drift * station) / count);
          const closingMm = still[0]! + drift;
          const asRead = readRotor({ runoutMm: drifting, closingMm });
          expect(asRead.drift!.mm).toBeCloseTo(drift, 9);
          expect(asRead.drift!.over).toBe(Math.abs(closingMm - drifting[0]!) > 0.01 + 1e-9);
          const spread = readRotor({ runoutMm: drifting, closingMm, spreadDrift: true });
          for (const [station, each] of spread.readMm.entries()) expect(each).toBeCloseTo(still[station]!, 9);
          expect(spread.wobbleMm).toBeCloseTo(pp, 9);
        },
      ),
    );
  });

  it('cannot spread what was never closed', () => {
    const outcome = parseWith(rotorSchema, { runoutMm: [0, 0, 0, 0, 0, 0], spreadDrift: true });
    expect(outcome.ok ? [] : outcome.issues.map((issue) => issue.path)).toEqual(['closingMm']);
  });
});

describe('repeated rounds', () => {
  it('do not care where each was zeroed, and say where they disagree', () => {
    const first = wobble(8, 0.06, 1);
    const again = first.map((each) => each + 0.4);
    again[5]! += 0.024;
    const result = readRotor({ runoutMm: first, repeatsMm: [again] });
    expect(result.repeat).toMatchObject({ sets: 2, station: 5 });
    expect(result.repeat!.spreadMm).toBeCloseTo(0.021, 9);
    expect(readRotor({ runoutMm: first, repeatsMm: [first, first] }).wobbleMm).toBeCloseTo(0.06, 9);
  });

  it('are refused with another count of stations', () => {
    const outcome = parseWith(rotorSchema, { runoutMm: wobble(8, 0.1, 0), repeatsMm: [wobble(12, 0.1, 0)] });
    expect(outcome.ok ? [] : outcome.issues.map((issue) => issue.path)).toEqual(['repeatsMm[0]']);
  });
});

describe('a station that does not belong', () => {
  it('is pointed at, with how far off it is', () => {
    for (const count of [8, 12, 16, 24]) {
      for (const station of [0, 3, count - 1]) {
        const readings = wobble(count, 0.07, 0.8);
        readings[station]! += 0.09;
        const found = outlierOf(readings, 0.01);
        expect(found?.station).toBe(station);
        expect(found?.offMm).toBeCloseTo(0.09, 2);
      }
    }
  });

  it('is not seen in a good trace with the dial’s own step, nor in a plain wave', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(8, 12, 16, 24),
        size,
        turn,
        size,
        turn,
        (count, first, firstPhase, second, phase) => {
          const readings = wobble(count, first, firstPhase).map(
            (each, station) =>
              Math.round((each + (second / 2) * Math.cos((4 * Math.PI * station) / count - phase)) / 0.01) *
              0.01,
          );
          expect(outlierOf(readings, 0.01)).toBeUndefined();
        },
      ),
    );
    expect(outlierOf([0, 0.02, 0.05, 0.06, 0.05, 0.03, -0.01, -0.02], 0.01)).toBeUndefined();
    expect(outlierOf([0, 0, 0, 0.4, 0, 0], 0.01)).toBeUndefined();
  });
});

describe('studs', () => {
  it('name an angle by the stud next to it, round past the last one', () => {
    expect(studAt(144, 5)).toEqual({ nearest: 3, offDeg: 0 });
    expect(studAt(350, 5)).toEqual({ nearest: 1, offDeg: -10 });
    expect(studWords(136.1, 5)).toBe('at stud 3');
    expect(studWords(110, 5)).toBe('between studs 2 and 3');
    expect(studWords(325, 5)).toBe('between studs 5 and 1');
  });

  it('stand on the result when the car’s studs are known, and the radial taper beside it', () => {
    const result = readRotor({
      runoutMm: wobble(8, 0.1, Math.PI / 2),
      studs: 4,
      edgesMm: { outer: 27.9, inner: 28.2 },
    });
    expect(result.highAtStud).toBe('at stud 2');
    expect(result.taperMm).toBeCloseTo(-0.3, 9);
    expect(readRotor({ runoutMm: wobble(8, 0.1, 0) }).highAtStud).toBeUndefined();
  });

  it('says whose limit it was', () => {
    const limits = readRotor({
      runoutMm: wobble(8, 0.1, 0),
      limits: { runoutMm: 0.04, dtvMm: 0.015 },
      limitsFrom: { dtvMm: 'shop' },
    }).limits;
    expect(limits).toEqual([
      { name: 'runoutMm', value: 0.04, from: 'car' },
      { name: 'dtvMm', value: 0.015, from: 'shop' },
    ]);
  });
});
