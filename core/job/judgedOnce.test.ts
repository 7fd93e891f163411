import { afterEach, describe, expect, it, vi } from 'vitest';
import { emptySheet, readingRow } from '../../tests/support/sheet';
import type { Corner } from '../car/corner';
import type { Calc } from '../readings/calc';
import { READINGS } from '../readings/registry';
import { judge } from './judgement';

const pad = (mm: number) => ({ leading: mm, trailing: mm - 0.2 });
const rotor = {
  runoutMm: [0, 0.02, 0.05, 0.06, 0.05, 0.03, -0.01, -0.02],
  thicknessMm: Array(8).fill(25),
  minimumMm: 24,
};

/** Thirteen readings: rotors and pads of all four corners, three bearings, the fluid and the pedal. */
function measuredCar() {
  const at = (kind: string, corner: Corner | '', input: Record<string, unknown>) =>
    readingRow({ kind, corner, input });
  const corners: readonly Corner[] = ['FL', 'FR', 'RL', 'RR'];
  return emptySheet({
    readings: [
      ...corners.map((corner) => at('rotor', corner, rotor)),
      ...corners.map((corner) =>
        at('pads', corner, {
          caliper: {},
          newMm: 12,
          minimumMm: 3,
          corners: { [corner]: { inner: pad(7), outer: pad(8) } },
        }),
      ),
      ...corners.slice(0, 3).map((corner) => at('bearing', corner, { playMm: 0.02 })),
      at('fluid', '', { class: 'DOT4', moisturePct: 2.1 }),
      at('pedal', '', { freePlayMm: 5 }),
    ],
  });
}

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
