import type { Issue } from '@/core/base/issues/issue';
import { findFinding } from '@/core/readings/vocabulary/findings';

const FIELDS: Record<string, string> = {
  outcome: 'What the work did',
  summary: 'What was wrong, what was done',
  confirmed: 'Confirmed cause',
  by: 'Closed by',
  bedInTold: 'New friction',
  drive: 'The drive on proof',
};

function fieldWords(path: string): string {
  if (path.startsWith('works.')) return 'Work';
  if (path.startsWith('holds.')) return 'Hold';
  if (path.startsWith('next[')) return 'What is due next';
  if (path.startsWith('fill.')) return 'The new fluid';
  if (path.startsWith('proof.')) return checkWords(path.slice('proof.'.length));
  return FIELDS[path] ?? path.replaceAll('_', ' ');
}

function checkWords(path: string): string {
  const [id = '', place] = path.split('.');
  return [findFinding(id)?.label ?? id, place].filter(Boolean).join(' ');
}

/** What still stands in the way, each with what is accepted. */
export function IssueList({ issues }: { issues: readonly Pick<Issue, 'path' | 'value' | 'accepted'>[] }) {
  return (
    <ul className="list-disc pl-5">
      {issues.map((issue) => (
        <li key={issue.path}>
          {fieldWords(issue.path)} is {issue.value}: {issue.accepted}
        </li>
      ))}
    </ul>
  );
}

type Props = { title: string; issues: readonly Issue[]; loud?: boolean };

/** The same as it is known beforehand; loud once somebody pressed in spite of it. */
export function StandingIssues({ title, issues, loud = false }: Props) {
  return (
    <div
      role={loud ? 'alert' : undefined}
      className={`border-l-[6px] p-3 ${loud ? 'border-stop bg-stop-wash' : 'border-straw bg-straw-wash'}`}
    >
      <b className={loud ? 'text-stop' : undefined}>{title}</b>
      <IssueList issues={issues} />
    </div>
  );
}
