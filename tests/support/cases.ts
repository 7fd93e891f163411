import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../../scripts/system/paths';

/** The published cases, as case files. */
export const CASES: readonly Record<string, unknown>[] = (
  JSON.parse(readFileSync(join(ROOT, 'tests/cases/diagnosis.json'), 'utf8')) as {
    cases: { case: Record<string, unknown> }[];
  }
).cases.map((each) => each.case);
