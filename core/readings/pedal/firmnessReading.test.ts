import { describe, expect, it } from 'vitest';
import { readingRow } from '../../../tests/support/sheet';
import { derivedAnswers } from '../../job/current';

const points = (...travels: number[]) =>
  travels.map((travelMm, at) => ({ forceN: 100 * (at + 1), travelMm }));
const third = (...travels: number[]) => points(...travels).map((point) => ({ ...point, press: 3 }));
const GOOD = points(30, 35, 40);
const read = (input: object) =>
  derivedAnswers(
    [
      readingRow({
        kind: 'firmness',
        corner: '',
        input: { pedal: { ratio: 5 }, master: { boreMm: 22 }, ...input },
      }),
    ],
    'before',
  ).map(({ id, state, trace }) => [id, state, trace && Number(trace.value.toFixed(3)), trace?.limit?.value]);

describe('a pedal under a scale as evidence', () => {
  it('is soft, long or firm only against the car’s own good pedal, and each says by which figure', () => {
    expect(read({ points: points(30, 40, 50), baseline: { points: GOOD } })).toEqual([
      ['pedal_now', 'soft', 0.5, 0.7],
    ]);
    expect(read({ points: points(45, 50, 55), baseline: { points: GOOD } })).toEqual([
      ['pedal_now', 'long', 15, 10],
    ]);
    expect(read({ points: GOOD, baseline: { points: GOOD } })).toEqual([['pedal_now', 'firm', 1, 0.7]]);
    expect(read({ points: points(30, 40, 50) })).toEqual([]);
  });

  it('rises by pumping, or does not, from the third press alone', () => {
    expect(read({ points: [...points(45, 50, 55), ...third(30, 35, 40)] })).toEqual([
      ['pedal_pump', 'rises', 15, 5],
    ]);
    expect(read({ points: [...GOOD, ...third(29, 34, 38)] })).toEqual([['pedal_pump', 'same', 2, 5]]);
  });
});
