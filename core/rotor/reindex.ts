import { z } from 'zod';
import type { Limit } from '../fluid/reading';
import { within } from '../issues/range';

const vectorSchema = z.strictObject({
  peakToPeakMm: within(0, 10, 'mm'),
  highAngleDeg: within(-360, 720, '°'),
  radiusMm: within(10, 400, 'mm'),
});

export const reindexSchema = z.strictObject({
  hub: vectorSchema,
  mounted: vectorSchema,
  studs: z.int().min(3, '3 to 10 is accepted').max(10, '3 to 10 is accepted'),
  limitMm: within(0.001, 1, 'mm').optional(),
  hubLimitMm: within(0.001, 1, 'mm').optional(),
});

/** Common practice, no source: runout on the car, and of the hub face at its own radius, mm. */
const USUAL = { limitMm: 0.05, hubLimitMm: 0.03 } as const;

/**
 * Which stud position makes rotor and hub cancel best. Runout is a vector; the hub's grows with radius, the rotor's own is
 * what is mounted less that, and turning the rotor by k studs of n turns its vector: |H + R·e^{i2πk/n}|.
 */
export function reindex(input: z.infer<typeof reindexSchema>) {
  const { hub, mounted, studs } = input;
  const limitMm = input.limitMm ?? USUAL.limitMm;
  const hubLimitMm = input.hubLimitMm ?? USUAL.hubLimitMm;
  const hubAtRotorMm = (hub.peakToPeakMm * mounted.radiusMm) / hub.radiusMm;
  const [hubX, hubY] = components(hubAtRotorMm, hub.highAngleDeg);
  const [mountedX, mountedY] = components(mounted.peakToPeakMm, mounted.highAngleDeg);
  const ownX = mountedX - hubX;
  const ownY = mountedY - hubY;
  const ownMm = Math.hypot(ownX, ownY);
  const ownDeg = degrees(ownX, ownY);
  const positions = Array.from({ length: studs }, (_, k) => {
    const [x, y] = components(ownMm, ownDeg + (360 * k) / studs);
    return { k, peakToPeakMm: Math.hypot(hubX + x, hubY + y) };
  });
  const best = positions.reduce((left, right) =>
    right.peakToPeakMm < left.peakToPeakMm - 1e-12 ? right : left,
  );
  const limits: Limit[] = [
    { name: 'limitMm', value: limitMm, from: input.limitMm === undefined ? 'practice' : 'car' },
    { name: 'hubLimitMm', value: hubLimitMm, from: input.hubLimitMm === undefined ? 'practice' : 'car' },
  ];
  return {
    hubAtRotorMm,
    rotorOwn: { peakToPeakMm: ownMm, highAngleDeg: ownDeg },
    positions,
    best: best.k,
    insideLimit: best.peakToPeakMm <= limitMm,
    states: { hub_runout: hub.peakToPeakMm > hubLimitMm ? 'high' : 'ok' } as const,
    limits,
    gaps: [],
  };
}

function components(size: number, angleDeg: number): [number, number] {
  const angle = (angleDeg * Math.PI) / 180;
  return [size * Math.cos(angle), size * Math.sin(angle)];
}

function degrees(x: number, y: number): number {
  const angle = (Math.atan2(y, x) * 180) / Math.PI;
  return angle < 0 ? angle + 360 : angle;
}
