import type { FieldValues, Path, UseFormReturn } from 'react-hook-form';

/** What a form holds: texts, by field and by group. */
export type Draft = { [field: string]: string | Draft };

/**
 * A draft put over other values, of another starting set or of what is on file by now: whatever somebody typed stays.
 * @param last the values that it was put over before; one that is no longer theirs was typed
 * @param typed what is typed, where it stands in other units than in the draft
 */
export function rebased<T extends object>(draft: T, last: T, next: T, typed: T = draft): T {
  return replaced(draft as Draft, last as Draft, next as Draft, typed as Draft) as T;
}

/** What still is as it was before becomes what is next, there or not; the rest is as typed. */
function replaced(now: Draft, before: Draft, next: Draft, typed: Draft): Draft {
  return Object.fromEntries(
    Object.keys({ ...next, ...now }).flatMap((field) => {
      const [value, was, will, own] = [now[field], before[field], next[field], typed[field]];
      if (typeof value === 'object')
        return [[field, replaced(value, was as Draft, will as Draft, own as Draft)]];
      const result = value === was ? will : own;
      return result === undefined ? [] : [[field, result]];
    }),
  );
}

/** Fields that were typed here and changed on file meanwhile, by their path, each with what is on file now. */
export function clashesOf(draft: object, last: object, next: object): Record<string, string> {
  const [typed, was] = [textsOf(draft as Draft), textsOf(last as Draft)];
  return Object.fromEntries(
    Object.entries(textsOf(next as Draft)).filter(
      ([path, is]) => is !== was[path] && typed[path] !== was[path] && typed[path] !== is,
    ),
  );
}

function textsOf(draft: Draft, under = ''): Record<string, string> {
  return Object.assign(
    {},
    ...Object.entries(draft).map(([field, value]) =>
      typeof value === 'object' ? textsOf(value, `${under}${field}.`) : { [`${under}${field}`]: value },
    ),
  );
}

/** The kind of error that says what is on file by now; its message is that. */
const MEANWHILE = 'meanwhile';

/** Shows a draft over what is on file by now, and at its field what was changed in both. */
export function showRebased<T extends FieldValues>(form: UseFormReturn<T>, draft: T, last: T, next: T): void {
  // What was said of the whole stays: it may be why this came in.
  form.reset(rebased(draft, last, next), { keepDefaultValues: true, keepErrors: true });
  for (const [field, message] of Object.entries(clashesOf(draft, last, next)))
    form.setError(field as Path<T>, { type: MEANWHILE, message });
}

/**
 * What is said at a field.
 * @param shown what is on file, as the field shows it
 */
export function errorWords(
  error: { type?: string; message?: string } | undefined,
  shown: (value: string) => string,
): string | undefined {
  if (error?.type !== MEANWHILE) return error?.message;
  return `On file it is ${error.message ? shown(error.message) : 'empty'} by now: yours stays when you save`;
}

/** What is said of a refusal of what was changed meanwhile, once what is new has come into the form. */
export const LOOK_OVER =
  'What they changed stands in the form now, under what you typed: look it over, then save again.';
