import { existsSync, readFileSync } from 'node:fs';
import { stripVTControlCharacters } from 'node:util';

/** One test that failed: where it stands, and the first lines of why. */
export type Failure = { test: string; why: string };

/** What one group of tests came to. */
export type Outcome = { passed: number; failed: number; failures: Failure[] };

type VitestReport = {
  success: boolean;
  numPassedTests: number;
  numFailedTests: number;
  testResults: {
    name: string;
    status: string;
    message?: string;
    assertionResults: { fullName: string; status: string; failureMessages?: string[] }[];
  }[];
};

type BrowserSuite = {
  specs?: {
    title: string;
    file: string;
    line: number;
    ok: boolean;
    tests: { results: { error?: { message?: string } }[] }[];
  }[];
  suites?: BrowserSuite[];
};

type BrowserReport = {
  stats: { expected: number; unexpected: number; flaky: number };
  suites: BrowserSuite[];
  errors?: { message?: string }[];
};

/** Lines of a failure that are worth repeating: the rest stands where it happened. */
const LINES = 8;

/** Reads what a group of tests wrote of itself; a report that is missing is a failure, not silence. */
export function outcomeIn<Report>(file: string, read: (report: Report) => Outcome): Outcome {
  if (!existsSync(file))
    return { passed: 0, failed: 1, failures: [{ test: file, why: 'No report was written.' }] };
  return read(JSON.parse(readFileSync(file, 'utf8')));
}

/** Vitest's report: a file that could not even begin counts as one failure. */
export function vitestOutcome(report: VitestReport): Outcome {
  const tests = report.testResults.flatMap(({ name, assertionResults }) =>
    assertionResults
      .filter(({ status }) => status === 'failed')
      .map(({ fullName, failureMessages }) => ({
        test: `${name}: ${fullName}`,
        why: brief(failureMessages?.[0]),
      })),
  );
  const files = report.testResults
    .filter(({ status, assertionResults }) => status === 'failed' && !assertionResults.some(failed))
    .map(({ name, message }) => ({ test: name, why: brief(message) }));
  return {
    passed: report.numPassedTests,
    failed: report.numFailedTests + (report.success || report.numFailedTests > 0 ? 0 : 1),
    failures: [...tests, ...files],
  };
}

/** Playwright's report; what passed only at a second try counts as failed. */
export function browserOutcome({ stats, suites, errors = [] }: BrowserReport): Outcome {
  return {
    passed: stats.expected,
    // A set-up that failed ran no test at all.
    failed: stats.unexpected + stats.flaky + errors.length,
    failures: [
      ...errors.map(({ message }) => ({ test: 'browser', why: brief(message) })),
      ...suites.flatMap(failuresOf),
    ],
  };
}

function failuresOf({ specs = [], suites = [] }: BrowserSuite): Failure[] {
  const own = specs
    .filter(({ ok }) => !ok)
    .map(({ title, file, line, tests }) => ({
      test: `${file}:${line} ${title}`,
      why: brief(tests.flatMap(({ results }) => results).find(({ error }) => error)?.error?.message),
    }));
  return [...own, ...suites.flatMap(failuresOf)];
}

const failed = ({ status }: { status: string }) => status === 'failed';

/** Colours of a terminal are left out: the lines may be read anywhere. */
const brief = (message = '') =>
  stripVTControlCharacters(message)
    .split('\n')
    .filter((line) => line.trim() !== '')
    .slice(0, LINES)
    .join('\n');
