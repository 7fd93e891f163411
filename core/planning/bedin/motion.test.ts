import { describe, expect, it } from 'vitest';
import { seeded } from '../../../tests/support/drawn';
import { type MotionEvent, type MotionSample, motionDetector } from './motion';
import { bedInPlan } from './plan';
import type { BED_IN_SCHOOLS } from './schools';
import { simulatedSlowdown } from './simulatedDrive';

const car = { massKg: 1280, axleShare: 0.7, rotorMassKg: 7.2 };

/** What a detector makes of a whole simulated bed-in, slowdown by slowdown, the cue going over at each event. */
function drive(school: keyof typeof BED_IN_SCHOOLS, seed: number, turn = (sample: MotionSample) => sample) {
  const { stops } = bedInPlan({ school, compound: 'street', car, ambientC: 20 });
  const random = seeded(seed);
  const phone = motionDetector();
  let t = 0;
  return stops.map((stop, index) => {
    const samples = simulatedSlowdown(stops[index - 1]?.toKmh ?? 0, stop, random, t);
    t = samples.at(-1)!.t + 50;
    let comingUp = true;
    const events: MotionEvent[] = [];
    for (const sample of samples) {
      const event = phone.feed(turn(sample), comingUp);
      if (event) {
        events.push(event);
        comingUp = event.kind === 'ended';
      }
    }
    return { stop, events };
  });
}

describe('slowdowns out of a phone’s motion', () => {
  it.each(['A', 'B', 'C'] as const)(
    'are found one by one in school %s, with how hard they were',
    (school) => {
      for (let seed = 1; seed <= 10; seed++)
        for (const { stop, events } of drive(school, seed)) {
          expect(events.map(({ kind }) => kind)).toEqual(['braking', 'ended']);
          const ended = events[1] as Extract<MotionEvent, { kind: 'ended' }>;
          const ms2 = stop.toKmh === 0 ? 3.2 : 4.8;
          // The smoothed edges of a short stop weigh in: within a fifth.
          expect(Math.abs(ended.meanMs2 / ms2 - 1)).toBeLessThan(0.2);
          expect(Math.abs(ended.seconds - (stop.fromKmh - stop.toKmh) / 3.6 / ms2)).toBeLessThan(0.6);
          expect(ended.stood).toBe(stop.toKmh === 0);
        }
    },
  );

  it('are found however the phone lies, and by a browser that counts gravity the other way', () => {
    const turned = ({ t, felt: [x, y, z] }: MotionSample): MotionSample => ({ t, felt: [-z, x, -y] });
    const upside = ({ t, felt: [x, y, z] }: MotionSample): MotionSample => ({ t, felt: [-x, -y, -z] });
    for (const turn of [turned, upside])
      expect(drive('B', 3, turn).every(({ events }) => events.length === 2)).toBe(true);
  });

  it('are not found in a car that stands, nor before it knows which way is forward', () => {
    const random = seeded(2);
    const phone = motionDetector();
    const still = simulatedSlowdown(50, { fromKmh: 50, toKmh: 0, coolS: 0 }, random).slice(-40);
    for (const sample of still) expect(phone.feed(sample, true)).toBeUndefined();
    expect(phone.knows()).toBe(false);
    const cold = motionDetector();
    // Braking is all it ever felt: nobody told it that this is not forward.
    const events = simulatedSlowdown(90, { fromKmh: 90, toKmh: 15, coolS: 0 }, random).map((sample) =>
      cold.feed(sample, false),
    );
    expect(events.every((event) => event === undefined)).toBe(true);
  });
});
