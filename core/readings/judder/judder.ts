import { z } from 'zod';
import { within } from '../../base/issues/range';
import type { Gap } from '../../car/limits/limit';

export const judderSchema = z.strictObject({
  speedKmh: within(5, 400, 'km/h'),
  rollingRadiusM: within(0.15, 0.6, 'm'),
  frequencyHz: within(0.5, 500, 'Hz').optional(),
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
