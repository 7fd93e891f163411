import {
  type Condition,
  type CornerCondition,
  soundCondition,
} from '../../core/readings/instruments/condition';
import { DEMO_CARS, type DemoCar } from './cars';

const sound = (car: DemoCar) => soundCondition(DEMO_CARS[car]);

const corner = (
  base: Condition,
  id: keyof Condition['corners'],
  changes: Partial<CornerCondition>,
): CornerCondition => ({
  ...base.corners[id],
  ...changes,
});

/** What is truly the matter with each car on the floor; only the simulated instruments know. */
export const DEMO_CONDITIONS: Partial<Record<DemoCar, Condition>> = {
  coupe: knockback(sound('coupe')),
  twoSeater: wetFluid(sound('twoSeater')),
  saloon: seizedSlides(sound('saloon')),
};

/** A loose bearing front right: play, a rotor that leans with it, pads pushed back. */
function knockback(base: Condition): Condition {
  return {
    ...base,
    fluid: { moisturePct: 1.8, boilingC: 219 },
    corners: {
      FL: corner(base, 'FL', {
        thickness: { meanMm: 31.28, variationMm: 0.006, thinDeg: 80 },
        pads: { inner: { leading: 8.6, trailing: 8.9 }, outer: { leading: 8.8, trailing: 9 } },
        faceC: 71,
      }),
      FR: corner(base, 'FR', {
        rotor: { wobbleMm: 0.028, highDeg: 110, waveMm: 0.006, waveDeg: 30 },
        thickness: { meanMm: 31.2, variationMm: 0.008, thinDeg: 240 },
        pads: { inner: { leading: 7, trailing: 7.4 }, outer: { leading: 7.1, trailing: 7.3 } },
        playMm: 0.14,
        flexMm: 0.09,
        faceC: 74,
      }),
      RL: corner(base, 'RL', {
        thickness: { meanMm: 21.7, variationMm: 0.005, thinDeg: 10 },
        pads: { inner: { leading: 8.2, trailing: 8.3 }, outer: { leading: 8.4, trailing: 8.4 } },
      }),
      RR: corner(base, 'RR', {
        thickness: { meanMm: 21.68, variationMm: 0.005, thinDeg: 90 },
        pads: { inner: { leading: 8.1, trailing: 8.3 }, outer: { leading: 8.3, trailing: 8.4 } },
      }),
    },
  };
}

/** Nothing wrong but old water. */
function wetFluid(base: Condition): Condition {
  return { ...base, fluid: { moisturePct: 3.4, boilingC: 161 } };
}

/** Front right slides stuck: the inner pad does the work and is nearly gone, the disc hotter for it. */
function seizedSlides(base: Condition): Condition {
  return {
    ...base,
    corners: {
      ...base.corners,
      FL: corner(base, 'FL', {
        pads: { inner: { leading: 7.9, trailing: 8.1 }, outer: { leading: 8, trailing: 8.2 } },
        thickness: { meanMm: 23.4, variationMm: 0.006, thinDeg: 40 },
        faceC: 180,
      }),
      FR: corner(base, 'FR', {
        pads: { inner: { leading: 3.9, trailing: 4.2 }, outer: { leading: 8.4, trailing: 8.5 } },
        thickness: { meanMm: 23.2, variationMm: 0.012, thinDeg: 130 },
        faceC: 268,
      }),
    },
  };
}
