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

/** Fields that were typed here and changed on file meanwhile, by their path. */
export function clashesOf(draft: object, last: object, next: object): string[] {
  const [typed, was] = [textsOf(draft as Draft), textsOf(last as Draft)];
  return Object.entries(textsOf(next as Draft))
    .filter(([path, is]) => is !== was[path] && typed[path] !== was[path] && typed[path] !== is)
    .map(([path]) => path);
}

/** Fields that hold something else than these values, by their path. */
export function changedIn(draft: object, base: object): string[] {
  const was = textsOf(base as Draft);
  return Object.entries(textsOf(draft as Draft))
    .filter(([path, typed]) => typed !== (was[path] ?? ''))
    .map(([path]) => path);
}

function textsOf(draft: Draft, under = ''): Record<string, string> {
  return Object.assign(
    {},
    ...Object.entries(draft).map(([field, value]) =>
      typeof value === 'object' ? textsOf(value, `${under}${field}.`) : { [`${under}${field}`]: value },
    ),
  );
}

/** The kind of error of a field that is otherwise on file by now. */
const MEANWHILE = 'meanwhile';

/** Shows a draft over what is on file by now; what was changed in both is said at its field, and given. */
export function showRebased<T extends FieldValues>(
  form: UseFormReturn<T>,
  draft: T,
  last: T,
  next: T,
): string[] {
  // What was said of the whole stays: it may be why this came in.
  form.reset(rebased(draft, last, next), { keepDefaultValues: true, keepErrors: true });
  const clashes = clashesOf(draft, last, next);
  markMeanwhile(form, clashes);
  return clashes;
}

/** Says at these fields that each is otherwise on file by now. */
export function markMeanwhile<T extends FieldValues>(
  form: UseFormReturn<T>,
  fields: readonly string[],
): void {
  for (const field of fields) form.setError(field as Path<T>, { type: MEANWHILE });
}

/**
 * What is said at a field.
 * @param onFile what stands there on file
 * @param shown a value as the field shows it
 */
export function errorWords(
  error: { type?: string; message?: string } | undefined,
  onFile: () => unknown,
  shown: (value: string) => string,
): string | undefined {
  if (error?.type !== MEANWHILE) return error?.message;
  const is = String(onFile() ?? '');
  return `On file it is ${is === '' ? 'empty' : shown(is)} by now: yours stays when you save`;
}

/** What is said of a refusal of what was changed meanwhile, once what is new has come into the form. */
export const LOOK_OVER =
  'What they changed stands in the form now, under what you typed: look it over, then save again.';
