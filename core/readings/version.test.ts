import { createHash } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { LIMIT_SPECS } from '../car/limits/catalogue';
import { runCalc } from '../exchange/calcs';
import { CALCS_VERSION } from './version';

/** One reading of each kind that is written down, chosen so that every limit of it is met. */
const READINGS: [string, Record<string, unknown>][] = [
  ['fluid', { class: 'DOT4', moisturePct: 2.4, boilingC: 196, altitudeM: 900, caliperPeakC: 170 }],
  [
    'rotor',
    {
      runoutMm: [0, 0.02, 0.05, 0.06, 0.05, 0.03, -0.01, -0.02],
      thicknessMm: [26.2, 26.21, 26.2, 26.2, 26.2, 26.19, 26.2, 26.2],
      newMm: 28,
      minimumMm: 26,
    },
  ],
  ['judder', { speedKmh: 110, rollingRadiusM: 0.31, frequencyHz: 15.7 }],
  [
    'pads',
    {
      caliper: { front: 'sliding' },
      newMm: 15,
      minimumMm: 3,
      corners: { FL: { inner: { leading: 5, trailing: 6.8 }, outer: { leading: 8, trailing: 8 } } },
    },
  ],
  ['bearing', { playMm: 0.09 }],
  ['hub-flex', { deflectionMm: 0.4 }],
];

/** What the calcs of each version say of them. A rule or a usual limit that changes is a version of its own. */
const SAID: Record<string, string> = { '2': 'b75e9b4a0b113ec4' };

describe('the version of the calcs', () => {
  it('stands for what they say: whoever changes that gives it the next number', () => {
    const said = READINGS.map(([kind, input]) => {
      const outcome = runCalc(kind, input);
      expect(outcome, `${kind} is accepted`).toMatchObject({ ok: true });
      return outcome;
    });
    // A part's life is held against the calendar, not against a reading.
    const limits = Object.entries(LIMIT_SPECS).filter(([, { group }]) => group !== 'Parts with a life');
    const rounded = JSON.stringify([said, Object.fromEntries(limits)], (_, value) =>
      typeof value === 'number' ? Number(value.toPrecision(9)) : value,
    );
    expect(createHash('sha256').update(rounded).digest('hex').slice(0, 16)).toBe(SAID[CALCS_VERSION]);
  });
});
