import { refused } from '../failure';

/** Splits a body into the version its author saw and the rest. */
export function versioned(input: unknown): { version: number; body: Record<string, unknown> } {
  const { version, ...body } = (
    typeof input === 'object' && input !== null && !Array.isArray(input) ? input : {}
  ) as Record<string, unknown>;
  if (!Number.isInteger(version) || (version as number) < 0) {
    throw refused([
      {
        code: 'missing',
        path: 'version',
        value: String(version),
        accepted: 'the version that was changed, a whole number',
      },
    ]);
  }
  return { version: version as number, body };
}
