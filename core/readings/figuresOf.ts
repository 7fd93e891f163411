import type { ReadFigure } from './definition';
import { type Reading, resultOf } from './derive';
import { measureOfKind } from './measureOf';

/** A reading's figures as one would say them, by what the calcs of its day said of it, or today's say; one taken back has none. */
export function figuresOf(reading: Reading): ReadFigure[] {
  const measure = measureOfKind(reading.kind);
  if (!measure || reading.input === null) return [];
  const result = resultOf(reading);
  const figures = measure.figures(
    reading.input as Record<string, unknown>,
    result.ok ? result.value : undefined,
  );
  return figures.filter((figure): figure is ReadFigure => typeof figure.value === 'number');
}
