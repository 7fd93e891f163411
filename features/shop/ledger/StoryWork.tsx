'use client';

import { inSentence } from '@/core/base/sentence';
import { knownOf } from '@/core/job/known';
import type { JobSheet } from '@/core/job/sheet';
import { fluidSoFar } from '@/core/planning/bleed/soFar';
import { askedBy, cameOutOf } from '@/core/planning/bleed/taught';
import type { WorkRow } from '@/core/planning/run/rows';
import { planOf, runOf } from '@/core/planning/run/run';
import { doneTogether } from '@/core/planning/run/spans';
import { minutesTaken } from '@/core/planning/run/took';
import { troublesOf } from '@/core/planning/run/troubles';
import { pourWords } from '@/core/planning/shelf/pour';
import type { Authors } from '@/server/jobs/authors';
import { recordWords } from '../../record/recordWords';
import { useUnits } from '../../shell/useUnits';
import { AuthorsLine } from './AuthorsLine';
import { Chapter } from './Chapter';

/** What was done: each work with its figure before, its fluid, its steps with what was written down, and its troubles. */
export function StoryWork({ sheet, authors }: { sheet: JobSheet; authors: Authors }) {
  const together = doneTogether(sheet.works, sheet.ticks);
  return (
    <Chapter title="Work">
      {sheet.works.map((work) => (
        <Work key={work.id} work={work} sheet={sheet} together={together.has(work.id)} />
      ))}
      <AuthorsLine ids={[...sheet.works, ...sheet.ticks].map(({ id }) => id)} authors={authors} />
      {sheet.works.length === 0 && <p className="text-soft">None recorded.</p>}
    </Chapter>
  );
}

function Work({ work, sheet, together }: { work: WorkRow; sheet: JobSheet; together: boolean }) {
  const units = useUnits();
  const run = runOf(work, sheet.ticks);
  const { bleed } = planOf(work);
  const taken = minutesTaken(work, sheet.ticks);
  const done = run.steps.filter((step) => run.last.get(step.id)?.done);
  const troubles = troublesOf(run);
  return (
    <div className="mb-2">
      <p>
        <b className="font-semibold">{work.title}</b>
        {work.before !== '' && `, before: ${work.before}`}
        {together && ', done together with another'}
        {taken && done.length > 0 && `, ${taken.minutes} min`}
        {run.leftBecause && `, left undone: ${run.leftBecause}`}
        {bleed && done.length > 0 && (
          <>
            , <span className="reading">{Math.round(fluidSoFar(run, bleed).usedMl)} ml</span> of {bleed.fluid}
            {work.fluid?.taken && ` (${pourWords(work.fluid.pours)})`}
          </>
        )}
      </p>
      <ol className="list-decimal pl-6">
        {done.map((step) => {
          const { record, note } = run.last.get(step.id)!;
          const words = recordWords(step, record, note, units);
          return (
            <li key={step.id}>
              {step.title}
              {words !== '' && <span className="text-soft">: {words}</span>}
            </li>
          );
        })}
      </ol>
      {askedBy(cameOutOf(run), knownOf(sheet).opened).map((words) => (
        <p key={words}>{words}</p>
      ))}
      {troubles.length > 0 && (
        <p>
          On the way:{' '}
          {troubles
            .map(({ step, trouble, endedBy }) => {
              const then = endedBy?.done
                ? recordWords(step, endedBy.record, endedBy.note, units)
                : endedBy?.note;
              return `${inSentence(trouble.label)} at “${step.title}”${then ? ` (${then})` : ''}`;
            })
            .join('; ')}
          .
        </p>
      )}
    </div>
  );
}
