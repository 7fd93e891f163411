import { describe, expect, it } from 'vitest';
import { runCalc } from '../exchange/calcs';
import { deriveFindings } from './derive';
import { traceOf } from './traces';
import { FINDINGS, type Finding } from './vocabulary/findings';

const pad = (leading: number, trailing: number) => ({ leading, trailing });

/** One reading of each kind, all wrong in some way. */
const READINGS: [kind: string, input: Record<string, unknown>][] = [
  [
    'rotor',
    {
      runoutMm: [0, 0.02, 0.05, 0.06, 0.05, 0.03, -0.01, -0.02],
      thicknessMm: Array(8).fill(25),
      minimumMm: 24,
    },
  ],
  ['reindex', { hub: { peakToPeakMm: 0.06, highAngleDeg: 0, radiusMm: 70 }, studs: 5 }],
  ['bearing', { playMm: 0.12 }],
  ['hub-flex', { deflectionMm: 0.3 }],
  [
    'pads',
    {
      caliper: {},
      newMm: 12,
      minimumMm: 3,
      corners: { FL: { inner: pad(4, 4), outer: pad(9, 9) }, FR: { inner: pad(9, 9), outer: pad(9, 9) } },
    },
  ],
  ['fluid', { class: 'DOT4', moisturePct: 3.2, boilingC: 160, caliperPeakC: 150 }],
  [
    'heat',
    {
      corners: { FL: { faceC: 400, rotorPeakC: 600, caliperPeakC: 190 }, FR: { faceC: 200 } },
      padLimitC: { front: 550 },
      fluidBoilingHereC: 200,
    },
  ],
  ['pedal-ratio', { aMm: 270, bMm: 50 }],
  ['pedal', { freePlayMm: 12, held: { seconds: 30, sankMm: 8 }, masterMovementMm: 3, vacuumKPa: 20 }],
  [
    'firmness',
    {
      pedal: { ratio: 5 },
      master: { boreMm: 22 },
      points: [
        { forceN: 100, travelMm: 40 },
        { forceN: 300, travelMm: 70 },
        { forceN: 300, travelMm: 55, press: 3 },
        { forceN: 100, travelMm: 30, press: 3 },
      ],
      baseline: {
        points: [
          { forceN: 100, travelMm: 30 },
          { forceN: 300, travelMm: 40 },
        ],
      },
    },
  ],
  ['judder', { speedKmh: 110, rollingRadiusM: 0.316, frequencyHz: 15.4 }],
  ['drum', { boreMm: [228.1, 228.5], shoesMm: 227 }],
];

describe('tracing a finding', () => {
  it('reaches a figure and a rule for every finding every reading yields, a limit where there is one', () => {
    const traced = new Set<string>();
    for (const [kind, input] of READINGS) {
      const outcome = runCalc(kind, input);
      if (!outcome.ok) throw new Error(`${kind}: ${JSON.stringify(outcome.issues)}`);
      for (const { id, state, place } of deriveFindings({ kind, input }, kind).derived) {
        const trace = traceOf(kind, id, state, outcome.value as never, input, place);
        expect(trace, `${kind} ${id}`).toBeDefined();
        expect(Number.isFinite(trace!.value)).toBe(true);
        if (!['rotor_shape', 'judder_order'].includes(id))
          expect(trace!.limit, `${kind} ${id}`).toBeDefined();
        traced.add(id);
      }
    }
    const fromReadings = (FINDINGS as readonly Finding[])
      .filter((finding) => finding.from && finding.from !== 'log')
      .map((finding) => finding.id);
    expect(fromReadings.filter((id) => !traced.has(id))).toEqual([]);
  });

  it('takes the bound the figure is at, of its own axle', () => {
    const outcome = runCalc('heat', {
      corners: { RL: { rotorPeakC: 500 } },
      padLimitC: { front: 550, rear: 480 },
    });
    const trace = traceOf(
      'heat',
      'rotor_peak',
      'over_pad_limit',
      (outcome as never as { value: never }).value,
      { corners: { RL: { rotorPeakC: 500 } } },
      'RL',
    );
    expect(trace).toMatchObject({ value: 500, limit: { value: 480, from: 'car' } });
  });
});
