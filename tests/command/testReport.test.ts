import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { browserOutcome, outcomeIn, vitestOutcome } from '../../scripts/system/testReport';

const folder = mkdtempSync(join(tmpdir(), 'bavrin-report-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

function written(name: string, report: unknown): string {
  const file = join(folder, name);
  writeFileSync(file, JSON.stringify(report));
  return file;
}

const PASSED = { fullName: 'a thing that holds', status: 'passed' };

describe('what a group of tests came to', () => {
  it('names each test that failed, with the first lines of why, without a terminal’s colours', () => {
    const why = ['\u001b[31mAssertionError\u001b[39m: expected 1 to be 2', '', ...Array(20).fill('at here')];
    const report = {
      success: false,
      numPassedTests: 1,
      numFailedTests: 1,
      testResults: [
        {
          name: 'core/a.test.ts',
          status: 'failed',
          assertionResults: [
            PASSED,
            { fullName: 'a thing that does not', status: 'failed', failureMessages: [why.join('\n')] },
          ],
        },
      ],
    };
    const outcome = outcomeIn(written('failed.json', report), vitestOutcome);
    expect(outcome).toMatchObject({ passed: 1, failed: 1 });
    expect(outcome.failures).toHaveLength(1);
    expect(outcome.failures[0]?.test).toBe('core/a.test.ts: a thing that does not');
    const lines = outcome.failures[0]?.why.split('\n');
    expect(lines?.[0]).toBe('AssertionError: expected 1 to be 2');
    expect(lines).toHaveLength(8);
  });

  it('counts a file that could not begin, and a report that was never written', () => {
    const report = {
      success: false,
      numPassedTests: 3,
      numFailedTests: 0,
      testResults: [
        { name: 'core/b.test.ts', status: 'failed', message: 'Cannot find module', assertionResults: [] },
      ],
    };
    expect(outcomeIn(written('broken.json', report), vitestOutcome)).toEqual({
      passed: 3,
      failed: 1,
      failures: [{ test: 'core/b.test.ts', why: 'Cannot find module' }],
    });
    expect(outcomeIn(join(folder, 'none.json'), vitestOutcome)).toMatchObject({ passed: 0, failed: 1 });
  });

  it('says nothing of what passed', () => {
    const report = {
      success: true,
      numPassedTests: 1,
      numFailedTests: 0,
      testResults: [{ name: 'core/c.test.ts', status: 'passed', assertionResults: [PASSED] }],
    };
    expect(outcomeIn(written('well.json', report), vitestOutcome)).toEqual({
      passed: 1,
      failed: 0,
      failures: [],
    });
  });

  it('finds the browser’s failures in suites within suites; a second try that passed is one', () => {
    const spec = (title: string, ok: boolean, message?: string) => ({
      title,
      file: 'find.spec.ts',
      line: 32,
      ok,
      tests: [{ results: [{ error: message === undefined ? undefined : { message } }, {}] }],
    });
    const report = {
      stats: { expected: 1, unexpected: 1, flaky: 1 },
      suites: [
        { specs: [spec('opens', true)], suites: [{ specs: [spec('shows what was kept', false, 'Waited')] }] },
      ],
    };
    expect(outcomeIn(written('browser.json', report), browserOutcome)).toEqual({
      passed: 1,
      failed: 2,
      failures: [{ test: 'find.spec.ts:32 shows what was kept', why: 'Waited' }],
    });
    const unbegun = {
      ...report,
      stats: { expected: 0, unexpected: 0, flaky: 0 },
      suites: [],
      errors: [{ message: 'No server' }],
    };
    expect(outcomeIn(written('unbegun.json', unbegun), browserOutcome)).toEqual({
      passed: 0,
      failed: 1,
      failures: [{ test: 'browser', why: 'No server' }],
    });
  });
});
