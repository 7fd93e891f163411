import type { z } from 'zod';
import { within } from '../base/issues/range';
import { type CarFigure, rangeOf } from './figures';

/** A figure of a car in the range its entry has, for whatever is given it from outside. */
export function figureSchema(figure: CarFigure): z.ZodNumber {
  return within(...rangeOf(figure), figure.unit);
}
