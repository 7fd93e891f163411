import { normal } from '../../base/statistics/normal';
import type { MotionSample } from './motion';
import type { Slowdown } from './plan';

type Driven = Pick<Slowdown, 'fromKmh' | 'toKmh' | 'coolS'>;

const EVERY_MS = 50;
const UP_MS2 = 2.2;
const DOWN_MS2 = 4.8;
const STOP_MS2 = 3.2;
const GRAVITY = 9.81;
/** What a road shakes and an engine does, m/s². */
const ROAD_MS2 = 0.35;
const IDLE_MS2 = 0.03;

/**
 * What a phone would feel on one slowdown of a bed-in: up from where the last one ended, a moment at speed, down, and on
 * or standing a moment. It lies askew in its holder, as phones do.
 * @param fromKmh where the car comes from
 * @param random seeded, so that a drive can be driven again
 */
export function simulatedSlowdown(
  fromKmh: number,
  stop: Driven,
  random: () => number,
  startMs = 0,
): MotionSample[] {
  const up = Math.max(0, (stop.fromKmh - fromKmh) / 3.6 / UP_MS2);
  const hardness = stop.toKmh === 0 ? STOP_MS2 : DOWN_MS2;
  const down = (stop.fromKmh - stop.toKmh) / 3.6 / hardness;
  const parts: [seconds: number, ms2: number, shake: number][] = [
    [fromKmh === 0 ? 3 : 0, 0, IDLE_MS2],
    [up, UP_MS2, ROAD_MS2],
    [1.5, 0, ROAD_MS2],
    [down, -hardness, ROAD_MS2],
    [2.5, 0, stop.toKmh === 0 ? IDLE_MS2 : ROAD_MS2],
  ];
  const samples: MotionSample[] = [];
  let t = startMs;
  for (const [seconds, ms2, shake] of parts)
    for (let at = 0; at < (seconds * 1000) / EVERY_MS; at++) {
      const noise = () => shake * normal(random);
      samples.push({ t, felt: askew([ms2 + noise(), noise(), GRAVITY + noise()]) });
      t += EVERY_MS;
    }
  return samples;
}

/** The car's axes (forward, left, up) as a phone feels them that leans back in a holder turned to its side. */
function askew([forward, left, up]: [number, number, number]): [number, number, number] {
  const [lean, turn] = [0.6, 0.9];
  const ahead = forward * Math.cos(turn) + left * Math.sin(turn);
  const aside = -forward * Math.sin(turn) + left * Math.cos(turn);
  return [aside, ahead * Math.sin(lean) + up * Math.cos(lean), -ahead * Math.cos(lean) + up * Math.sin(lean)];
}
