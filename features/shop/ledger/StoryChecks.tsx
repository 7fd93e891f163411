'use client';

import type { Judgement } from '@/core/job/judgement';
import type { AnswerRow, JobSheet } from '@/core/job/sheet';
import { standingAnswers } from '@/core/job/standing';
import { readingLabel } from '@/core/readings/measureOf';
import { findingOf } from '@/core/readings/vocabulary/findings';
import { answerWords, stateWord } from '@/core/readings/vocabulary/words';
import type { Authors } from '@/server/jobs/authors';
import { readingWords } from '../../measure/readingWords';
import { useUnits } from '../../shell/useUnits';
import { AuthorsLine } from './AuthorsLine';
import { idsOf, strayAuthor } from './authors';
import { Chapter } from './Chapter';

type Props = { sheet: JobSheet; authors: Authors };

function toldAt(sheet: JobSheet, ...stages: string[]): AnswerRow[] {
  return standingAnswers(sheet.answers, 'before').filter((row) =>
    stages.includes(findingOf(row.finding).stage),
  );
}

/** What was told before anything was looked at. */
export function StoryComplaint({ sheet, authors }: Props) {
  const { job } = sheet;
  const told = toldAt(sheet, 'complaint', 'history');
  return (
    <Chapter title="Complaint">
      {job.whenWhere !== '' && <p>{job.whenWhere}</p>}
      {job.history !== '' && <p>{job.history}</p>}
      <Answers rows={told} authors={authors} />
      <AuthorsLine ids={[job.id, ...idsOf(told)]} authors={authors} />
    </Chapter>
  );
}

/** What was looked at and measured before the work, each reading with what it says. */
export function StoryChecks({
  sheet,
  derived,
  figures,
  authors,
}: Props & Pick<Judgement, 'derived' | 'figures'>) {
  const units = useUnits();
  const told = toldAt(sheet, 'check');
  const readings = sheet.readings.filter(
    (row) => row.phase === 'before' && (row.input !== null || row.unreadable),
  );
  return (
    <Chapter title="Checks">
      <Answers rows={told} authors={authors} />
      {readings.map((row) => (
        <p key={row.id}>
          {[readingLabel(row.kind), row.corner].filter(Boolean).join(' ')}:{' '}
          <span className="reading">{readingWords(row, figures[row.id], units)}</span>
          {derived.before
            .filter((each) => each.readingId === row.id)
            .map((each) => `; ${answerWords(each.id, undefined, each.state)}`)}
        </p>
      ))}
      <AuthorsLine ids={idsOf([...told, ...readings])} authors={authors} />
    </Chapter>
  );
}

function Answers({ rows, authors }: { rows: AnswerRow[]; authors: Authors }) {
  if (rows.length === 0) return <p className="text-soft">Nothing recorded.</p>;
  return (
    <ul className="grid gap-x-8 sm:grid-cols-2">
      {rows.map((row) => (
        <li key={row.id} className="flex justify-between gap-3 border-b border-rule py-1">
          <span>
            {findingOf(row.finding).label} {row.place}{' '}
            <Stray id={row.id} ids={idsOf(rows)} authors={authors} />
          </span>
          <b className="shrink-0 font-semibold">{stateWord(row.finding, row.state!)}</b>
        </li>
      ))}
    </ul>
  );
}

function Stray({ id, ids, authors }: { id: string; ids: string[]; authors: Authors }) {
  const name = strayAuthor(id, ids, authors);
  return name === undefined ? null : <span className="text-small text-soft">({name})</span>;
}
