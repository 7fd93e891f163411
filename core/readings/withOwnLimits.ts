import type { Holder } from './heldAgainst';
import { measureOfKind } from './measureOf';

/** A reading's input with the limits of this car and shop, whatever it brought of its own. */
export function withOwnLimits(
  kind: string,
  input: Record<string, unknown>,
  holder: Holder,
): Record<string, unknown> {
  const held = measureOfKind(kind)?.held;
  if (!held) return input;
  const bare = Object.fromEntries(Object.entries(input).filter(([field]) => !held.fields.includes(field)));
  return { ...bare, ...held.own(holder) };
}
