import type { FieldValues, Path, UseFormReturn } from 'react-hook-form';
import type { Refusal } from './refusal';
import { notTaken } from './request';

type Form<T extends FieldValues> = Pick<UseFormReturn<T>, 'setError'>;

/**
 * Puts each thing that was not taken at its field; what has no field here, or names none, is said of the whole.
 * @param fieldOf the form's name of a field, by the server's; undefined where the form has none
 */
export function markRefused<T extends FieldValues>(
  { setError }: Form<T>,
  { issues = [], message }: Refusal,
  fieldOf: (path: string) => string | undefined = (path) => path,
): void {
  const homeless = issues.filter((issue) => {
    const field = fieldOf(issue.path);
    if (field !== undefined) setError(field as Path<T>, { message: notTaken(issue) }, { shouldFocus: true });
    return field === undefined;
  });
  if (issues.length > 0 && homeless.length === 0) return;
  const said = homeless.map((issue) => `${issue.path}: ${notTaken(issue)}.`);
  setError('root', { message: [message, ...said].join(' ') });
}
