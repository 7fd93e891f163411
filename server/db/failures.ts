import { Failure, type FailureCode, refused, stale } from '../failure';
import { log } from '../log';

/** Connection troubles, as Postgres.js names them. */
const AWAY = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ENOTFOUND',
  'ETIMEDOUT',
  'CONNECT_TIMEOUT',
  'CONNECTION_CLOSED',
  'CONNECTION_ENDED',
  'CONNECTION_DESTROYED',
]);

type Told = { code: FailureCode; message: string };

const DOES_NOT_ANSWER = 'The database does not answer. Nothing was saved; it will be tried again.';

/** What PostgreSQL's own codes come to, by the beginning of the code; the longest that fits counts. */
const BY_SQLSTATE: Readonly<Record<string, Told>> = {
  '08': { code: 'unavailable', message: DOES_NOT_ANSWER },
  '57P': { code: 'unavailable', message: DOES_NOT_ANSWER },
  '57014': { code: 'unavailable', message: 'That took too long and was given up. It will be tried again.' },
  '40': { code: 'unavailable', message: 'Two entries met. Nothing was saved; it will be tried again.' },
  '53': {
    code: 'unavailable',
    message: 'The database is out of room to work in. Nothing was saved; it will be tried again.',
  },
  '53100': {
    code: 'unavailable',
    message: 'The disk is full. Nothing was saved; it will be tried again when there is room.',
  },
  '58': {
    code: 'unavailable',
    message: 'The disk does not take what is written to it. Nothing was saved; it will be tried again.',
  },
};

/** The error as the application's own failure, where it is one that can be told plainly. */
export function toFailure(error: unknown): Failure | undefined {
  if (error instanceof Failure) return error;
  const {
    code = '',
    message = '',
    constraint_name: constraint,
  } = error as {
    code?: string;
    message?: string;
    constraint_name?: string;
  };
  if (AWAY.has(code)) return logged({ code: 'unavailable', message: DOES_NOT_ANSWER }, code, message);
  const known = Object.keys(BY_SQLSTATE)
    .filter((start) => code.startsWith(start))
    .sort((left, right) => right.length - left.length)[0];
  if (known) return logged(BY_SQLSTATE[known]!, code, message);
  // Somebody wrote the same row at the same moment.
  if (code === '23505') return stale('That', null);
  // The last fence: what the schemas let through and the database does not keep.
  if (/^(22|23)[0-9A-Z]{3}$/.test(code)) {
    log.error({ code, constraint, message }, 'the database refused what was accepted');
    return refused([
      {
        code: 'refused',
        path: constraint ?? 'body',
        value: 'what was sent',
        accepted: 'what the record keeps',
      },
    ]);
  }
  return undefined;
}

function logged({ code, message }: Told, cause: string, words: string): Failure {
  log.error({ code: cause, message: words }, 'the database failed');
  return new Failure(code, message);
}
