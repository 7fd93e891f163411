import type { BaseUnit } from '../base/units/display';
import type { CalcResult } from './calc';
import type { HeldAgainst } from './heldAgainst';
import type { FindingId } from './vocabulary/findings';

/** A figure as it is said: in its base unit, with what stands before and after it. */
export type Figure = {
  before?: string;
  value: number | undefined;
  unit: BaseUnit;
  decimals: number;
  after?: string;
};

/** A figure that was read. */
export type ReadFigure = Figure & { value: number };

/** How a finding was worked out of a reading: which field of it, against which limits, by which rule. */
export type TraceRule = {
  /** The field of the result, or of the input where the figure is read rather than worked out. */
  value: string;
  unit: BaseUnit;
  decimals: number;
  limits: readonly string[];
  rule: string;
};

/**
 * All that is known of a kind of reading apart from its sum: light enough for a page. Its schema and its sum are in
 * `registry.ts` under the same kind.
 * @template I the calc's input
 * @template R the calc's result
 */
export type ReadingDefinition<I = never, R = never> = {
  /** The calc it is written down as. */
  kind: string;
  /** What the shop calls it. */
  label: string;
  /** Whether it is taken at a corner, or of the car. */
  at: 'corner' | 'car';
  /** The brake it needs there; either, where nothing is said. */
  brake?: 'disc' | 'drum';
  /** The checks it answers; its form stands under the first of them. */
  covers: readonly FindingId[];
  /** Whether the form stands open under that check. */
  open?: true;
  /** The limits of car and shop that it is held against; none of its own, where nothing is said. */
  held?: HeldAgainst;
  traces: Partial<Record<FindingId, TraceRule | ((state: string) => TraceRule)>>;
  /** Its figures as one would say them; `result` is what its calc gives, or gave in its day. `figuresOf` has them. */
  figures: (input: I, result: R | undefined) => Figure[];
  /** What was seen rather than measured, as one would say it, and whether it is to be gone after. */
  seen?: (input: I) => { words: string; isSuspect: boolean }[];
};

/** A definition with the types of its own calc; from outside, input and result are what is on file. */
export function defineReading<I, R>(
  definition: ReadingDefinition<I, R>,
): ReadingDefinition<Record<string, unknown>, CalcResult> {
  return definition as unknown as ReadingDefinition<Record<string, unknown>, CalcResult>;
}
