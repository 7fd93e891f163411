import type { Limit } from '../car/limits/limit';
import { measureOfKind } from './measureOf';
import type { FindingId } from './vocabulary/findings';

/** How a finding was worked out of a reading: the figure, what it was held against, and by which rule. */
export type Trace = { value: number; unit: string; decimals: number; limit?: Limit; rule: string };

export type Figures = Record<string, unknown> & { limits?: Limit[] };

/**
 * Traces a derived finding back to the figure it came from, by the rule of its reading's definition.
 * @param kind the reading's kind
 * @param result what the reading's calc gave, with the reading's own input for figures that are read rather than worked out
 * @param place corner or axle, for readings of several corners
 */
export function traceOf(
  kind: string,
  finding: FindingId,
  state: string,
  result: Figures,
  input: Record<string, unknown>,
  place?: string,
): Trace | undefined {
  const rule = measureOfKind(kind)?.traces[finding];
  const found = typeof rule === 'function' ? rule(state) : rule;
  if (!found) return undefined;
  const at = (of: unknown, key: string) => (of as Record<string, Record<string, unknown>> | undefined)?.[key];
  const sources = [
    ...(place === undefined
      ? []
      : [at(result.corners, place), at(result.axles, place), at(input.corners, place)]),
    result,
    input,
    input.held as Record<string, unknown> | undefined,
  ];
  const value = sources.map((each) => each?.[found.value]).find((each) => typeof each === 'number');
  if (value === undefined) return undefined;
  const limits = (result.limits ?? []).filter((limit) => found.limits.includes(limit.name));
  const limit = closest(limits, value as number, place);
  return {
    value: value as number,
    unit: found.unit,
    decimals: found.decimals,
    ...(limit ? { limit } : {}),
    rule: found.rule,
  };
}

/** Of two bounds the one the figure is nearer to; of two axles the one it is on. */
function closest(limits: readonly Limit[], value: number, place: string | undefined): Limit | undefined {
  const axle = place === 'rear' || place?.startsWith('R') ? '.rear' : '.front';
  const own = limits.filter((limit) => !limit.name.includes('.') || limit.name.endsWith(axle));
  return [...own].sort((left, right) => Math.abs(left.value - value) - Math.abs(right.value - value))[0];
}
