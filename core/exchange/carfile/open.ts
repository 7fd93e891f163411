import type { Issue, Outcome } from '../../base/issues/issue';
import { parseWith } from '../../base/issues/zod';
import { type OpenCase, openCase } from '../casefile/open';
import { type CarFile, carFileSchema } from './schema';

/** A car's file that has passed every check, its cases opened. */
export type OpenCarFile = { file: CarFile; cases: { id: string; opened: OpenCase }[] };

/** Issues collected before the rest is left for the next try. */
const MOST_ISSUES = 50;

/** Reads a car's file: either all of it, or everything that is wrong. A part worn in a place where another still is, is refused. */
export function openCarFile(input: unknown): Outcome<OpenCarFile> {
  const parsed = parseWith(carFileSchema, input);
  if (!parsed.ok) return parsed;
  const file = parsed.value;
  const issues: Issue[] = wornTwice(file);
  const cases = file.jobs.flatMap(({ id, case: each }, at) => {
    if (issues.length >= MOST_ISSUES) return [];
    const outcome = openCase(each);
    if (outcome.ok) return [{ id, opened: outcome.value }];
    issues.push(...outcome.issues.map((issue) => ({ ...issue, path: `jobs[${at}].case.${issue.path}` })));
    return [];
  });
  return issues.length > 0
    ? { ok: false, issues: issues.slice(0, MOST_ISSUES) }
    : { ok: true, value: { file, cases } };
}

function wornTwice({ parts }: CarFile): Issue[] {
  const worn = new Map<string, number>();
  return parts.flatMap(({ kind, place, what, removedOn }, at): Issue[] => {
    if (removedOn !== null) return [];
    const before = worn.get(`${kind} ${place}`);
    worn.set(`${kind} ${place}`, at);
    return before === undefined
      ? []
      : [
          {
            ...{ code: 'refused', path: `parts[${at}].removedOn`, value: what },
            accepted: `the day it came off: parts[${before}] is worn in that place too`,
          },
        ];
  });
}
