import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { runCalc } from '../core/calc/registry';
import { openCase } from '../core/casefile/open';
import { verdictFile } from '../core/casefile/verdictFile';
import { describeIssue, type Issue, type Outcome } from '../core/issues/issue';

/** A case or calc input larger than this is no input a person made. */
const LARGEST_BYTES = 4 * 1024 * 1024;

const USAGE = 'usage: ./bavrin diagnose FILE, or ./bavrin calc NAME FILE (FILE may be - for standard input)';

/** Answers on standard output with exit 0, or says on standard error what is wrong with exit 2 and nothing else. */
function main([command, ...rest]: string[]): number {
  if (command === 'diagnose' && rest.length === 1) {
    return answer(chain(readJson(rest[0]!), openCase), (opened) => verdictFile(opened));
  }
  if (command === 'calc' && rest.length === 2) {
    return answer(
      chain(readJson(rest[1]!), (input) => runCalc(rest[0]!, input)),
      (result) => result,
    );
  }
  process.stderr.write(`${USAGE}\n`);
  return 2;
}

function answer<T>(outcome: Outcome<T>, show: (value: T) => unknown): number {
  if (!outcome.ok) {
    for (const issue of outcome.issues) process.stderr.write(`${describeIssue(issue)}\n`);
    return 2;
  }
  process.stdout.write(`${JSON.stringify(show(outcome.value), null, 1)}\n`);
  return 0;
}

function chain<A, B>(outcome: Outcome<A>, next: (value: A) => Outcome<B>): Outcome<B> {
  return outcome.ok ? next(outcome.value) : outcome;
}

function readJson(file: string): Outcome<unknown> {
  let text: string;
  try {
    text = readFileSync(file === '-' ? 0 : resolve(process.env.BAVRIN_CWD ?? '.', file), 'utf8');
  } catch (error) {
    return refuse(
      'FILE',
      JSON.stringify(file),
      `it cannot be read (${(error as NodeJS.ErrnoException).code ?? error})`,
    );
  }
  if (text.length > LARGEST_BYTES)
    return refuse('FILE', `${text.length} bytes`, `at most ${LARGEST_BYTES} bytes`);
  try {
    return { ok: true, value: JSON.parse(text) };
  } catch (error) {
    return refuse('FILE', JSON.stringify(file), `it is not JSON (${(error as Error).message})`);
  }
}

function refuse(path: string, value: string, accepted: string): Outcome<never> {
  const issue: Issue = { code: 'refused', path, value, accepted };
  return { ok: false, issues: [issue] };
}

process.exitCode = main(process.argv.slice(2));
