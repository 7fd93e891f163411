import { type Issue, showValue } from './issue';
import { nearest } from './nearest';

/** An id nobody knows, with the nearest known one. */
export function unknownId(path: string, value: string, known: readonly string[]): Issue {
  const close = nearest(value, known);
  const list = known.length <= 8 ? `one of ${known.join(', ')}` : 'an id of the vocabulary';
  return {
    code: 'unknown_id',
    path,
    value: showValue(value),
    accepted: `${list}${close ? ` (did you mean ${close}?)` : ''}`,
  };
}
