/**
 * One thing wrong with what was given. Bad data is a list of these, never an exception on its own:
 * form, command and route show the same field, value and accepted range.
 */
export type Issue = {
  /** Stable, for programs: wrong_type, out_of_range, unknown_key, unknown_id, missing, refused. */
  code: 'wrong_type' | 'out_of_range' | 'unknown_key' | 'unknown_id' | 'missing' | 'refused';
  /** Field path as a script would write it, e.g. `findings[2].state`. */
  path: string;
  /** What was given, cut short when long. */
  value: string;
  /** What would be accepted, in words. */
  accepted: string;
};

/** Either the value asked for, or everything that is wrong with what was given. */
export type Outcome<T> = { ok: true; value: T } | { ok: false; issues: Issue[] };

/** The one sentence a person reads. */
export function describeIssue(issue: Issue): string {
  const field = issue.path === '' ? 'The input' : issue.path;
  return issue.code === 'missing'
    ? `${field} is missing: ${issue.accepted}`
    : `${field} is ${issue.value}: ${issue.accepted}`;
}

/** A value as shown in an issue: short, and never a wall of text. */
export function showValue(value: unknown): string {
  const text = value === undefined ? 'missing' : (JSON.stringify(value) ?? String(value));
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
}
