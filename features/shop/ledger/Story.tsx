'use client';

import { causeLabel } from '@/core/diagnosis/labels';
import type { Judgement } from '@/core/job/judgement';
import { outcomeLabel } from '@/core/job/outcomes';
import type { JobHold } from '@/core/job/pieces';
import type { ProofCheck } from '@/core/job/proof';
import type { AnswerRow, JobSheet } from '@/core/job/sheet';
import { corrections } from '@/core/job/slips';
import { standingAnswers } from '@/core/job/standing';
import type { Measured } from '@/core/planning/wear/measured';
import { readingLabel } from '@/core/readings/measures';
import { findingOf } from '@/core/readings/vocabulary/findings';
import { answerWords, stateWord } from '@/core/readings/vocabulary/words';
import type { Authors } from '@/server/jobs/authors';
import type { JobLeft } from '@/server/ledger/left';
import { Button, buttonClass } from '@/ui/Button';
import { CornerPlan } from '@/ui/CornerPlan';
import { moment, percent, shortDate } from '@/ui/format';
import { Link } from '@/ui/Link';
import { Photos } from '../../car/photo/Photos';
import { readingWords } from '../../measure/readingWords';
import { Driven } from '../../record/Driven';
import { jobCorners } from '../../record/plan/corners';
import { TrialLine } from '../../record/trial/TrialLine';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';
import { AuthorsLine } from './AuthorsLine';
import { strayAuthor } from './authors';
import { Chapter } from './Chapter';
import { StoryFigures } from './StoryFigures';
import { SignLines, StoryLeft } from './StoryLeft';
import { StoryWork } from './StoryWork';

type Props = {
  sheet: JobSheet;
  holds: JobHold[];
  proof: ProofCheck[];
  derived: Judgement['derived'];
  left: JobLeft;
  measured: Measured;
  authors: Authors;
};

/** A closed job from complaint to proof. */
export function Story({ sheet, holds, proof, derived, measured, left, authors }: Props) {
  const { job, car } = sheet;
  const shop = useShop();
  const units = useUnits();
  const at = (iso: string) => moment(iso, shop, new Date(shop.now));
  const told = standingAnswers(sheet.answers, 'before');
  const ofStage = (...stages: string[]) =>
    told.filter((row) => stages.includes(findingOf(row.finding).stage));
  const corrected = corrections(sheet.answers);
  const readings = sheet.readings.filter(
    (row) => row.phase === 'before' && (row.input !== null || row.unreadable),
  );
  const photos = sheet.photos.filter(({ jobId }) => jobId === job.id);
  return (
    <main id="main" className="mx-auto max-w-5xl p-4 desk:p-6">
      <div className="mb-4 flex flex-wrap items-start gap-3">
        <div>
          <p className="hidden text-lg font-semibold print:block">{shop.name}</p>
          <p className="reading text-soft">
            No. {job.number} · {shortDate(job.openedAt, shop)} to {shortDate(job.closedAt!, shop)}
          </p>
          <h1 className="text-3xl">{job.complaint || `Job ${job.number}`}</h1>
          <p>
            <Link href={`/car/${car.id}`} className="underline underline-offset-4">
              {car.name}
            </Link>
          </p>
        </div>
        <span className="ml-auto flex flex-wrap gap-2 print:hidden">
          <a href={`/api/jobs/${job.id}/case`} className={buttonClass()} download>
            Export
          </a>
          <Button onClick={() => window.print()}>Print</Button>
          <Link href={`/job/${job.id}/verdict`} className={buttonClass()}>
            Its stages
          </Link>
        </span>
      </div>

      <section className="grid gap-4 border-y-2 border-ink bg-card px-4 py-3 sm:grid-cols-[9rem_1fr]">
        <div className="blueplate hidden p-1 sm:block print:block">
          <CornerPlan
            compact
            corners={jobCorners(sheet, [], derived.before, measured)}
            driveSide={car.driveSide ?? 'left'}
            className="w-full"
          />
        </div>
        <div>
          <p className="text-2xl font-bold">
            {outcomeLabel(job.outcome!)}: {job.confirmed.map(causeLabel).join(', ') || 'no cause confirmed'}
          </p>
          {job.summary !== '' && <p className="mt-1 whitespace-pre-line">{job.summary}</p>}
          <p className="mt-1 text-soft">
            Closed by {job.closedBy}, {at(job.closedAt!)}.
            {authors.closedBy && authors.closedBy !== job.closedBy && ` Entered by ${authors.closedBy}.`}
          </p>
        </div>
      </section>

      <Chapter title="Complaint">
        {job.whenWhere !== '' && <p>{job.whenWhere}</p>}
        {job.history !== '' && <p>{job.history}</p>}
        <Answers rows={ofStage('complaint', 'history')} authors={authors} />
        <AuthorsLine ids={[job.id, ...idsOf(ofStage('complaint', 'history'))]} authors={authors} />
      </Chapter>
      <Chapter title="Checks">
        <Answers rows={ofStage('check')} authors={authors} />
        {readings.map((row) => (
          <p key={row.id}>
            {[readingLabel(row.kind), row.corner].filter(Boolean).join(' ')}:{' '}
            <span className="reading">{readingWords(row, units)}</span>
            {derived.before
              .filter((each) => each.readingId === row.id)
              .map(
                (each) =>
                  `; ${findingOf(each.id).label.toLowerCase()}: ${stateWord(each.id, each.state).toLowerCase()}`,
              )}
          </p>
        ))}
        <AuthorsLine ids={idsOf([...ofStage('check'), ...readings])} authors={authors} />
      </Chapter>
      {holds.length > 0 && (
        <Chapter title="Holds">
          {holds.map((hold) => (
            <p key={hold.id}>
              <b className="font-semibold">{hold.label}.</b>{' '}
              {hold.proof ? endedWords(hold, at(hold.proof.provedAt)) : 'Not proved.'}
            </p>
          ))}
        </Chapter>
      )}
      <Chapter title="Verdict">
        {sheet.verdicts.map((verdict) => (
          <p key={verdict.id}>
            <span className="text-soft">{at(verdict.madeAt)}:</span>{' '}
            {verdict.leading
              .slice(0, 3)
              .map((cause) => `${causeLabel(cause.id)} ${percent(cause.probability)}`)
              .join(', ')}
            {verdict.decided && (
              <>
                . Worked on: <b className="font-semibold">{causeLabel(verdict.decided)}</b>
              </>
            )}
            .{' '}
            <span className="text-soft">
              Knowledge {verdict.knowledge}, engine {verdict.engine}.
              {authors.rows[verdict.id] && ` ${authors.rows[verdict.id]}.`}
            </span>
          </p>
        ))}
      </Chapter>
      <StoryWork sheet={sheet} authors={authors} />
      <StoryFigures before={derived.before} after={derived.after} />
      <Chapter title="Proof">
        <table className="w-full max-w-3xl">
          <thead>
            <tr className="narrow border-b border-ink text-left text-small">
              <th scope="col">Check</th>
              <th scope="col">Before</th>
              <th scope="col">After</th>
            </tr>
          </thead>
          <tbody>
            {proof
              .filter((check) => check.after !== undefined)
              .map((check) => (
                <tr key={check.finding + (check.place ?? '')} className="border-b border-rule">
                  <th scope="row" className="py-1 text-left font-normal">
                    {findingOf(check.finding).label} {check.place}
                  </th>
                  <td>{check.before ? stateWord(check.finding, check.before) : '—'}</td>
                  <td className="font-semibold">{stateWord(check.finding, check.after!)}</td>
                </tr>
              ))}
          </tbody>
        </table>
        <AuthorsLine ids={idsOf(sheet.answers.filter(({ phase }) => phase === 'after'))} authors={authors} />
        {sheet.proofDrives.map((drive) => (
          <Driven key={drive.id} drive={drive} />
        ))}
        {sheet.trials.map((trial) => (
          <TrialLine key={trial.id} trial={trial} />
        ))}
      </Chapter>
      {photos.length > 0 && (
        <Chapter title="Photographs">
          <Photos carId={car.id} photos={photos} />
        </Chapter>
      )}
      <StoryLeft {...left} bedInTold={job.bedInTold} />
      {corrected.length > 0 && (
        <Chapter title="Corrections">
          {corrected.map((row) => {
            const old = sheet.answers.find((each) => each.id === row.replaces);
            return (
              <p key={row.id}>
                {at(row.recordedAt)}: {findingOf(row.finding).label.toLowerCase()} {row.place} from{' '}
                {wordOr(old)} to {wordOr(row)}
                {row.why !== '' && ` (${row.why.toLowerCase()})`}.
              </p>
            );
          })}
        </Chapter>
      )}
      <SignLines />
    </main>
  );
}

function endedWords({ evidence, proof }: JobHold, when: string): string {
  const { byWord, how, provedBy } = proof!;
  const proved = evidence.map(({ finding, place, state }) => answerWords(finding, place, state));
  const what = [...(byWord ? ['by word'] : proved), how].filter((each) => each !== '').join(', ');
  return `Ended ${when} by ${provedBy}: ${what}.`;
}

function wordOr(row: AnswerRow | undefined): string {
  return !row || row.state === null ? 'no answer' : stateWord(row.finding, row.state).toLowerCase();
}

function idsOf(rows: readonly { id: string }[]): string[] {
  return rows.map(({ id }) => id);
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
