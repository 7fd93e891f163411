import { z } from 'zod';
import { within } from '../../base/issues/range';
import { figureSchema } from '../../car/figureSchema';
import { CAR_FIGURES } from '../../car/figures';
import type { Gap } from '../../car/limits/limit';
import { JUDDER_RANGES } from './ranges';

export const judderSchema = z.strictObject({
  speedKmh: within(...JUDDER_RANGES.speedKmh, 'km/h'),
  rollingRadiusM: figureSchema(CAR_FIGURES.tyreRadiusM),
  frequencyHz: within(...JUDDER_RANGES.frequencyHz, 'Hz').optional(),
});

export type JudderInput = z.infer<typeof judderSchema>;

/** How far from a whole order still counts as that order (a modelling choice). */
const TOLERANCE = 0.15;

/** What a judder beats in step with: f = v / (2π·r), order = felt frequency over that of the wheel. */
export function judder({ speedKmh, rollingRadiusM, frequencyHz }: JudderInput) {
  const wheelHz = speedKmh / 3.6 / (2 * Math.PI * rollingRadiusM);
  if (frequencyHz === undefined) {
    const gaps: Gap[] = [{ path: 'frequencyHz', why: 'without the felt beat only the wheel’s own is known' }];
    return { wheelHz, states: {}, gaps };
  }
  const order = frequencyHz / wheelHz;
  return { wheelHz, order, states: { judder_order: judderState(order) }, gaps: [] };
}

function judderState(order: number): 'first' | 'second_or_more' | 'not_wheel' {
  const whole = Math.round(order);
  if (whole < 1 || Math.abs(order - whole) > TOLERANCE + 1e-12) return 'not_wheel';
  return whole === 1 ? 'first' : 'second_or_more';
}
