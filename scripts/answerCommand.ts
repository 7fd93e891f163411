import { describeIssue, type Issue, type Outcome } from '../core/base/issues/issue';
import { readJsonText } from '../core/base/issues/json';
import { runCalc } from '../core/exchange/calcs';
import { openCase } from '../core/exchange/casefile/open';
import { verdictFile } from '../core/exchange/casefile/verdictFile';

/** A case or calc input larger than this is no input a person made. */
const LARGEST_BYTES = 4 * 1024 * 1024;

const USAGE = 'usage: ./bavrin diagnose FILE, or ./bavrin calc NAME FILE (FILE may be - for standard input)';

/** What a command comes to: its answer on standard output, or what is wrong on standard error and exit code 2. */
export type Answered = { code: 0 | 2; out: string; err: string };

/**
 * Answers `diagnose` and `calc`.
 * @param read gives the text of a file the person named, or throws as the file system does
 */
export function answerCommand([command, ...rest]: string[], read: (file: string) => string): Answered {
  if (command === 'diagnose' && rest.length === 1) {
    return answer(chain(readInput(rest[0]!, read), openCase), (opened) => verdictFile(opened));
  }
  if (command === 'calc' && rest.length === 2) {
    return answer(
      chain(readInput(rest[1]!, read), (input) => runCalc(rest[0]!, input)),
      (result) => result,
    );
  }
  return { code: 2, out: '', err: `${USAGE}\n` };
}

function answer<T>(outcome: Outcome<T>, show: (value: T) => unknown): Answered {
  if (!outcome.ok)
    return { code: 2, out: '', err: outcome.issues.map((issue) => `${describeIssue(issue)}\n`).join('') };
  return { code: 0, out: `${JSON.stringify(show(outcome.value), null, 1)}\n`, err: '' };
}

function chain<A, B>(outcome: Outcome<A>, next: (value: A) => Outcome<B>): Outcome<B> {
  return outcome.ok ? next(outcome.value) : outcome;
}

function readInput(file: string, read: (file: string) => string): Outcome<unknown> {
  let text: string;
  try {
    text = read(file);
  } catch (error) {
    return refuse(
      'FILE',
      JSON.stringify(file),
      `it cannot be read (${(error as NodeJS.ErrnoException).code ?? error})`,
    );
  }
  if (text.length > LARGEST_BYTES)
    return refuse('FILE', `${text.length} bytes`, `at most ${LARGEST_BYTES} bytes`);
  return readJsonText(text, 'FILE');
}

function refuse(path: string, value: string, accepted: string): Outcome<never> {
  const issue: Issue = { code: 'refused', path, value, accepted };
  return { ok: false, issues: [issue] };
}
