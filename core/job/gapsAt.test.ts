import { describe, expect, it } from 'vitest';
import { emptySheet, readingRow } from '../../tests/support/sheet';
import { startingSet } from '../car/startingSets';
import { gapsAt } from './gapsAt';

const CAR = { ...emptySheet().car, ...startingSet('saloon') };
const car = {
  ...CAR,
  masterBoreMm: 22.225,
  pedalRatio: 5.5,
  front: {
    ...CAR.front,
    caliper: 'opposed' as const,
    pistonsMm: [40, 40, 40, 40],
    bearingSpanMm: 50,
    rotorRadiusMm: 150,
  },
};

describe('gaps from what a job has measured', () => {
  it('take each corner’s own newest readings, and say what nobody has read', () => {
    const readings = [
      readingRow({ kind: 'bearing', corner: 'FL', input: { playMm: 0.3 } }),
      readingRow({ kind: 'bearing', corner: 'FL', input: { playMm: 0.1 }, phase: 'after' }),
      readingRow({ kind: 'hub-flex', corner: 'FL', input: { deflectionMm: 0.2 } }),
    ];
    const [left, right] = gapsAt({ car, readings }, 'front', false);
    expect(left).toMatchObject({
      corner: 'FL',
      parts: [
        { part: 'bearing', mm: expect.closeTo(0.3, 9) },
        { part: 'flex', mm: 0.2 },
      ],
      missing: ['wobble'],
      openMm: expect.closeTo(0.5, 9),
    });
    expect(left!.pedalMm).toBeCloseTo((5.5 * 2513.274 * left!.leftMm) / 387.95, 1);
    expect(right).toMatchObject({ corner: 'FR', openMm: 0, missing: ['bearing', 'wobble', 'flex'] });
  });

  it('take the rotor as it runs, and the hub face grown to its radius where no rotor was dialled', () => {
    const hub = { peakToPeakMm: 0.04, highAngleDeg: 0, radiusMm: 60 };
    const onHub = readingRow({ kind: 'reindex', corner: 'FL', input: { hub, studs: 5 } });
    const wobble = (readings: Parameters<typeof gapsAt>[0]['readings']) =>
      gapsAt({ car, readings }, 'front', false)[0]!.parts[0]!.mm;
    expect(wobble([onHub])).toBeCloseTo(0.1, 9);
    const runoutMm = [0, 0.03, 0.06, 0.09, 0.06, 0.03, 0, 0];
    expect(wobble([onHub, readingRow({ kind: 'rotor', corner: 'FL', input: { runoutMm } })])).toBeCloseTo(
      0.09,
      9,
    );
  });

  it('leave the pedal out where it cannot be worked out', () => {
    const readings = [readingRow({ kind: 'hub-flex', corner: 'FL', input: { deflectionMm: 1 } })];
    expect(gapsAt({ car: { ...car, masterBoreMm: null }, readings }, 'front', false)[0]).not.toHaveProperty(
      'pedalMm',
    );
  });
});
