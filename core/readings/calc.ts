import type { z } from 'zod';
import { type Issue, type Outcome, showValue } from '../base/issues/issue';
import { nearest } from '../base/issues/nearest';
import { parseWith } from '../base/issues/zod';

/** Results carry the finding states they imply, where they imply any. */
export type CalcResult = { states?: Readonly<Record<string, string | undefined>> } & Record<string, unknown>;

export type Calc = (input: unknown) => Outcome<CalcResult>;

/** Named computations. */
export type Calcs = Readonly<Record<string, Calc>>;

/** A calc on input that its schema has held; what a schema cannot say, the calc refuses itself. */
export function checked<T>(schema: z.ZodType<T>, run: (input: T) => Outcome<CalcResult>): Calc {
  return (input) => {
    const parsed = parseWith(schema, input);
    return parsed.ok ? run(parsed.value) : parsed;
  };
}

/** A calc whose schema says all there is to refuse. */
export function calc<T>(schema: z.ZodType<T>, run: (input: T) => CalcResult): Calc {
  return checked(schema, (input) => ({ ok: true, value: run(input) }));
}

/** Runs a named computation on unchecked input; a name nobody knows is refused with the nearest known one. */
export function runIn(calcs: Calcs, name: string, input: unknown): Outcome<CalcResult> {
  const found = Object.hasOwn(calcs, name) ? calcs[name] : undefined;
  return found ? found(input) : { ok: false, issues: [unknownCalc(calcs, name)] };
}

function unknownCalc(calcs: Calcs, name: string): Issue {
  const names = Object.keys(calcs);
  const close = nearest(name, names);
  return {
    code: 'unknown_id',
    path: 'NAME',
    value: showValue(name),
    accepted: `one of ${names.join(', ')}${close ? ` (did you mean ${close}?)` : ''}`,
  };
}
