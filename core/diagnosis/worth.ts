import type { NextCheck } from './verdict';

/** Minutes to walk there, fetch what is needed and write down what was seen. Common practice, no source. */
const HANDLING = 1;

/** Minutes saved for each minute spent. */
export function worthOf({ saves, minutes }: Pick<NextCheck, 'saves' | 'minutes'>): number {
  return saves / (minutes + HANDLING);
}
