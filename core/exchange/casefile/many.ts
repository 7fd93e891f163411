import type { Issue, Outcome } from '../../base/issues/issue';
import { readJsonText } from '../../base/issues/json';
import { type OpenCase, openCase } from './open';

/** Ten years of a large shop, and more. */
const MOST_CASES = 50_000;
/** One case has some hundred values; as many cases as may come make a few million. */
const WHOLE = { depth: 24, values: 5_000_000 };
/** Issues collected over all cases before the rest is left for the next try. */
const MOST_ISSUES = 50;

/**
 * Reads cases: one case file, a list of them, or one a line (NDJSON). Either all of them or what is wrong, the first
 * fifty things of it.
 */
export function openCases(text: string): Outcome<OpenCase[]> {
  const listed = readEntries(text);
  if (!listed.ok) return listed;
  const inputs = listed.value;
  if (inputs.length > MOST_CASES)
    return refuse('cases', `${inputs.length} cases`, `at most ${MOST_CASES} at once`);
  const opened: OpenCase[] = [];
  const issues: Issue[] = [];
  for (const [index, input] of inputs.entries()) {
    const outcome = openCase(input);
    if (outcome.ok) opened.push(outcome.value);
    else issues.push(...outcome.issues.map((issue) => (inputs.length === 1 ? issue : inCase(index, issue))));
    if (issues.length >= MOST_ISSUES) break;
  }
  return issues.length > 0
    ? { ok: false, issues: issues.slice(0, MOST_ISSUES) }
    : { ok: true, value: opened };
}

function inCase(index: number, issue: Issue): Issue {
  return { ...issue, path: `cases[${index}]${issue.path === '' ? '' : `.${issue.path}`}` };
}

/**
 * The values of a text, still unchecked: the whole text is one, or a list of them, or each line is one (NDJSON); a line with one
 * bracket in it begins a value laid out over many.
 */
export function readEntries(text: string): Outcome<unknown[]> {
  const whole = readJsonText(text, 'body', WHOLE);
  if (whole.ok) return { ok: true, value: Array.isArray(whole.value) ? whole.value : [whole.value] };
  const lines = text.split('\n').filter((line) => line.trim() !== '');
  if (lines.length < 2 || lines[0]!.trim().length === 1) return whole;
  if (lines.length > MOST_CASES)
    return refuse('body', `${lines.length} lines`, `at most ${MOST_CASES} at once`);
  const values: unknown[] = [];
  for (const [index, line] of lines.entries()) {
    const outcome = readJsonText(line, `line ${index + 1}`, WHOLE);
    if (!outcome.ok) return outcome;
    values.push(outcome.value);
  }
  return { ok: true, value: values };
}

function refuse(path: string, value: string, accepted: string): Outcome<never> {
  return { ok: false, issues: [{ code: 'refused', path, value, accepted }] };
}
