import type { Issue, Outcome } from '../core/base/issues/issue';

/**
 * What can go wrong with a request, each with a code that stays the same.
 * `refused` bad input; `not_found`; `stale` somebody else was first; `too_large`; `foreign` from another site;
 * `signed_out` nobody is signed in; `forbidden` not for this role; `too_often`; `unavailable` the database does not answer.
 */
export type FailureCode =
  | 'refused'
  | 'not_found'
  | 'stale'
  | 'too_large'
  | 'foreign'
  | 'signed_out'
  | 'forbidden'
  | 'too_often'
  | 'unavailable';

const STATUS: Record<FailureCode, number> = {
  refused: 422,
  not_found: 404,
  stale: 409,
  too_large: 413,
  foreign: 403,
  signed_out: 401,
  forbidden: 403,
  too_often: 429,
  unavailable: 503,
};

/** A failure with words for the person and, where it has them, the issues or the version that stands. */
export class Failure extends Error {
  readonly status: number;

  constructor(
    readonly code: FailureCode,
    message: string,
    readonly detail: { issues?: Issue[]; current?: unknown } = {},
  ) {
    super(message);
    this.status = STATUS[code];
  }
}

/** Bad input: every field, value and accepted range. */
export function refused(issues: Issue[]): Failure {
  return new Failure('refused', 'Some of that cannot be right.', { issues });
}

/** The value, or a refusal with every issue. */
export function accept<T>(outcome: Outcome<T>): T {
  if (!outcome.ok) throw refused(outcome.issues);
  return outcome.value;
}

/** Nothing of that id. */
export function notFound(what: string, id: string): Failure {
  return new Failure('not_found', `There is no ${what} ${id.slice(0, 60)}.`);
}

/** Somebody else wrote first; both versions go back. */
export function stale(what: string, current: unknown): Failure {
  return new Failure('stale', `${what} was changed by somebody else in the meantime.`, { current });
}
