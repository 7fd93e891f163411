import { describe, expect, it } from 'vitest';
import { readRotor } from '@/core/readings/rotor/rotor';
import { METRIC } from '../../../tests/support/units';
import { rotorFacts } from './rotorFacts';

/** Of docs/calculations.md: 0.08 mm in all, its high side at 136°. */
const RUNOUT = [0, 0.02, 0.05, 0.06, 0.05, 0.03, -0.01, -0.02];

describe('a rotor’s figures', () => {
  it('stand beside their limits, with whose they are', () => {
    const facts = rotorFacts(readRotor({ runoutMm: RUNOUT }), METRIC);
    expect(facts.map(({ label }) => label)).toEqual(['Total runout', 'Wobble', 'Wave']);
    expect(facts[0]).toMatchObject({ value: '0.080', say: '0.030 over 0.050', bad: true });
    expect(facts[0]!.from).toBe('common practice');
    expect(facts[1]!.say).toContain('high at 136°');
  });

  it('say how much is left over the thickness at which it is thrown away', () => {
    const thicknessMm = [24.01, 24, 24.01, 24];
    const read = (minimumMm?: number) =>
      rotorFacts(readRotor({ runoutMm: RUNOUT, thicknessMm, minimumMm }), METRIC);
    const lowest = (minimumMm?: number) => read(minimumMm).find(({ label }) => label === 'Lowest');
    expect(lowest(22)).toMatchObject({ value: '24.00', say: '2.00 over discard 22.00', bad: false });
    expect(lowest(24.4)).toMatchObject({ say: '0.40 under discard 24.40', bad: true });
    expect(lowest()!.say).toMatch(/^mean 24/);
  });
});
