import { showValue } from '../../core/base/issues/issue';
import { refused } from '../failure';

/** The largest the database counts to. */
const LARGEST = 2 ** 31 - 1;

/** Splits a body into the version its author saw and the rest. */
export function versioned(input: unknown): { version: number; body: Record<string, unknown> } {
  const { version, ...body } = fieldsOf(input);
  if (!Number.isInteger(version) || (version as number) < 0 || (version as number) > LARGEST) {
    throw refused([
      {
        code: version === undefined ? 'missing' : 'out_of_range',
        path: 'version',
        value: showValue(version),
        accepted: `the version that was changed, a whole number from 0 to ${LARGEST}`,
      },
    ]);
  }
  return { version: version as number, body };
}

/** The fields of a body; what is no object has none, and lacks what is asked for. */
export function fieldsOf(input: unknown): Record<string, unknown> {
  return typeof input === 'object' && input !== null && !Array.isArray(input)
    ? (input as Record<string, unknown>)
    : {};
}
