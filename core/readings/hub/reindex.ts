import { usualLimits } from '../../car/limits/catalogue';
import type { Gap, Limit } from '../../car/limits/limit';
import { exceeds } from '../../car/limits/limit';
import { ordersOf } from '../rotor/orders';
import type { Face, ReindexInput } from './reindexSchema';

export type ReindexResult = {
  /** Total reading of the hub face, mm at its own radius, and its high side. */
  hubMm: number;
  hubHighDeg: number;
  states: { hub_runout: 'ok' | 'high' };
  limits: Limit[];
  gaps: Gap[];
} & Partial<{
  /** The hub's runout grown to the dial's radius on the rotor; the rotor's own, without the hub's. */
  hubAtRotorMm: number;
  rotorOwn: { peakToPeakMm: number; highAngleDeg: number };
  /** What the dial would show with the rotor turned on by k studs; which k is lowest, and what it reads. */
  positions: { k: number; peakToPeakMm: number }[];
  best: number;
  bestMm: number;
  insideLimit: boolean;
}>;

type Vector = { peakToPeakMm: number; highAngleDeg: number; radiusMm: number };

const USUAL = usualLimits('runoutMm', 'hubLimitMm');

/**
 * Which stud position makes rotor and hub cancel best. Runout is a vector; the hub's grows with radius, the rotor's own is
 * what is mounted less that, and turning the rotor by k studs of n turns its vector: |H + R·e^{i2πk/n}|.
 * Without the mounted reading only the hub face itself is judged.
 */
export function reindex(input: ReindexInput): ReindexResult {
  const hub = vectorOf(input.hub);
  const limitMm = input.limitMm ?? USUAL.runoutMm;
  const hubLimitMm = input.hubLimitMm ?? USUAL.hubLimitMm;
  const limits: Limit[] = [
    { name: 'limitMm', value: limitMm, from: fromOf(input, 'limitMm') },
    { name: 'hubLimitMm', value: hubLimitMm, from: fromOf(input, 'hubLimitMm') },
  ];
  const hubMm = input.hub.runoutMm ? spreadOf(input.hub.runoutMm) : hub.peakToPeakMm;
  const states = { hub_runout: exceeds(hubMm, hubLimitMm) ? 'high' : 'ok' } as const;
  const gaps: Gap[] = [];
  if (!input.mounted) {
    gaps.push({ path: 'mounted', why: 'without the mounted runout nothing is known of turning the rotor' });
    return { hubMm, hubHighDeg: hub.highAngleDeg, states, limits, gaps };
  }
  const turned = turnedBy(hub, vectorOf(input.mounted), input.studs);
  return {
    hubMm,
    hubHighDeg: hub.highAngleDeg,
    ...turned,
    insideLimit: !exceeds(turned.bestMm, limitMm),
    states,
    limits,
    gaps,
  };
}

function turnedBy(hub: Vector, mounted: Vector, studs: number) {
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
  return {
    hubAtRotorMm,
    rotorOwn: { peakToPeakMm: ownMm, highAngleDeg: ownDeg },
    positions,
    best: best.k,
    bestMm: best.peakToPeakMm,
  };
}

function vectorOf(face: Face): Vector {
  const { peakToPeakMm = 0, highAngleDeg = 0, runoutMm, radiusMm } = face;
  if (!runoutMm) return { peakToPeakMm, highAngleDeg, radiusMm };
  const [first] = ordersOf(runoutMm);
  return { peakToPeakMm: first!.peakToPeakMm, highAngleDeg: first!.highAngleDeg ?? 0, radiusMm };
}

function spreadOf(readings: readonly number[]): number {
  return Math.max(...readings) - Math.min(...readings);
}

function fromOf(input: ReindexInput, name: 'limitMm' | 'hubLimitMm'): Limit['from'] {
  return input[name] === undefined ? 'practice' : (input.limitsFrom?.[name] ?? 'car');
}

function components(size: number, angleDeg: number): [number, number] {
  const angle = (angleDeg * Math.PI) / 180;
  return [size * Math.cos(angle), size * Math.sin(angle)];
}

function degrees(x: number, y: number): number {
  const angle = (Math.atan2(y, x) * 180) / Math.PI;
  return angle < 0 ? angle + 360 : angle;
}
