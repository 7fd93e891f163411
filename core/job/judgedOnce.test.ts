import { afterEach, describe, expect, it, vi } from 'vitest';
import { measuredCar } from '../../tests/support/sheet';
import type { Calc } from '../readings/calc';
import { READINGS } from '../readings/registry';
import { judge } from './judgement';

describe('a judgement', () => {
  afterEach(() => vi.restoreAllMocks());

  it('runs the calc of each reading once, and once more for the two sides of an axle together', () => {
    const runs = Object.keys(READINGS).map((kind) => vi.spyOn(READINGS as Record<string, Calc>, kind));
    const sheet = measuredCar();
    expect(sheet.readings).toHaveLength(13);
    const { derived } = judge(sheet);
    expect(derived.before.length).toBeGreaterThan(13);
    expect(runs.reduce((sum, run) => sum + run.mock.calls.length, 0)).toBe(15);
    // The same sheet again asks nothing anew.
    judge(sheet);
    expect(runs.reduce((sum, run) => sum + run.mock.calls.length, 0)).toBe(15);
  });
});
