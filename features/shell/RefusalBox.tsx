'use client';

import type { Refusal } from './refusal';

/** Of very many things that are wrong so many are read at once. */
const SHOWN = 50;

/** What is wrong with a file, thing by thing; by its line, where it has lines. */
export function IssueList({ issues = [] }: Pick<Refusal, 'issues'>) {
  return (
    <ul className="my-2 max-h-72 list-disc overflow-y-auto pl-5">
      {issues.slice(0, SHOWN).map((issue) => (
        <li key={`${'line' in issue ? issue.line : ''} ${issue.path} ${issue.value}`}>
          {'line' in issue && <b className="reading">line {String(issue.line)}: </b>}
          {issue.path} is {issue.value}: {issue.accepted}
        </li>
      ))}
    </ul>
  );
}

/** Why nothing of a file was taken. */
export function RefusalBox({ refusal: { message, issues } }: { refusal: Refusal }) {
  return (
    <div role="alert" className="mt-4 border-l-[6px] border-stop bg-stop-wash p-3">
      <p className="font-semibold text-stop">{message} Nothing was taken.</p>
      <IssueList issues={issues} />
    </div>
  );
}
