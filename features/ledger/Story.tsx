'use client';

import Link from 'next/link';
import type { ReactNode } from 'react';
import { findingOf } from '@/core/diagnosis/vocabulary/findings';
import { causeLabel } from '@/core/diagnosis/vocabulary/labels';
import { stateWord } from '@/core/diagnosis/vocabulary/words';
import type { Derived } from '@/core/job/current';
import type { JobHold } from '@/core/job/holds';
import { outcomeLabel } from '@/core/job/outcomes';
import type { ProofCheck } from '@/core/job/proof';
import type { AnswerRow, JobSheet } from '@/core/job/sheet';
import { standingAnswers } from '@/core/job/standing';
import type { Measured } from '@/core/wear/measured';
import { planOf, runOf, ticksOf } from '@/core/work/run';
import { doneTogether } from '@/core/work/spans';
import { Button, buttonClass } from '@/ui/Button';
import { CornerPlan } from '@/ui/CornerPlan';
import { moment, percent, shortDate } from '@/ui/format';
import { recordWords } from '../job/work/recordWords';
import { readingLabel } from '../measure/readingLabel';
import { readingWords } from '../measure/readingWords';
import { jobCorners } from '../plan/corners';
import { useShop } from '../shell/ShopContext';
import { useUnits } from '../shell/useUnits';

type Props = {
  sheet: JobSheet;
  holds: JobHold[];
  proof: ProofCheck[];
  derived: Derived[];
  measured: Measured;
};

/** A closed job from complaint to proof. */
export function Story({ sheet, holds, proof, derived, measured }: Props) {
  const { job, car } = sheet;
  const shop = useShop();
  const units = useUnits();
  const at = (iso: string) => moment(iso, shop.timeZone, new Date(shop.now));
  const told = standingAnswers(sheet.answers, 'before');
  const ofStage = (...stages: string[]) =>
    told.filter((row) => stages.includes(findingOf(row.finding).stage));
  const together = doneTogether(sheet.works, sheet.ticks);
  const corrected = sheet.answers.filter((row) => row.replaces !== null);
  return (
    <main id="main" className="mx-auto max-w-5xl p-4 desk:p-6">
      <div className="mb-4 flex flex-wrap items-start gap-3">
        <div>
          <p className="reading text-soft">
            No. {job.number} · {shortDate(job.openedAt, shop.timeZone)} to{' '}
            {shortDate(job.closedAt!, shop.timeZone)}
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
        <div className="blueplate hidden p-1 sm:block">
          <CornerPlan
            compact
            corners={jobCorners(sheet, [], derived, measured)}
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
          </p>
        </div>
      </section>

      <Chapter title="Complaint">
        {job.whenWhere !== '' && <p>{job.whenWhere}</p>}
        {job.history !== '' && <p>{job.history}</p>}
        <Answers rows={ofStage('complaint', 'history')} />
      </Chapter>
      <Chapter title="Checks">
        <Answers rows={ofStage('check')} />
        {sheet.readings
          .filter((row) => row.phase === 'before' && (row.input !== null || row.unreadable))
          .map((row) => (
            <p key={row.id}>
              {[readingLabel(row.kind), row.corner].filter(Boolean).join(' ')}:{' '}
              <span className="reading">{readingWords(row, units)}</span>
              {derived
                .filter((each) => each.readingId === row.id)
                .map(
                  (each) =>
                    `; ${findingOf(each.id).label.toLowerCase()}: ${stateWord(each.id, each.state).toLowerCase()}`,
                )}
            </p>
          ))}
      </Chapter>
      {holds.length > 0 && (
        <Chapter title="Holds">
          {holds.map((hold) => (
            <p key={hold.id}>
              <b className="font-semibold">{hold.label}.</b>{' '}
              {hold.proof
                ? `Ended ${at(hold.proof.provedAt)} by ${hold.proof.provedBy}: ${hold.proof.how}.`
                : 'Not proved.'}
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
            </span>
          </p>
        ))}
      </Chapter>
      <Chapter title="Work">
        {sheet.works.map((work) => {
          const ticks = ticksOf(work.id, sheet.ticks);
          return (
            <div key={work.id} className="mb-2">
              <p>
                <b className="font-semibold">{work.title}</b>
                {work.before !== '' && `, before: ${work.before}`}
                {together.has(work.id) && ', done together with another'}
                {runOf(work, sheet.ticks).leftBecause &&
                  `, left undone: ${runOf(work, sheet.ticks).leftBecause}`}
              </p>
              <ol className="list-decimal pl-6">
                {planOf(work)
                  .steps.filter((step) => ticks.get(step.id)?.done)
                  .map((step) => (
                    <li key={step.id}>
                      {step.title}
                      <Written
                        words={recordWords(step, ticks.get(step.id)!.record, ticks.get(step.id)!.note)}
                      />
                    </li>
                  ))}
              </ol>
            </div>
          );
        })}
        {sheet.works.length === 0 && <p className="text-soft">None recorded.</p>}
      </Chapter>
      <Chapter title="Proof">
        <table className="w-full max-w-3xl">
          <thead>
            <tr className="narrow border-b border-ink text-left text-[0.9375rem]">
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
      </Chapter>
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
    </main>
  );
}

function Written({ words }: { words: string }) {
  return words === '' ? null : <span className="text-soft">: {words}</span>;
}

function wordOr(row: AnswerRow | undefined): string {
  return !row || row.state === null ? 'no answer' : stateWord(row.finding, row.state).toLowerCase();
}

function Chapter({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="mt-5">
      <h2 className="mb-1 border-b border-ink text-xl">{title}</h2>
      {children}
    </section>
  );
}

function Answers({ rows }: { rows: AnswerRow[] }) {
  if (rows.length === 0) return <p className="text-soft">Nothing recorded.</p>;
  return (
    <ul className="grid gap-x-8 sm:grid-cols-2">
      {rows.map((row) => (
        <li key={row.id} className="flex justify-between gap-3 border-b border-rule py-1">
          <span>
            {findingOf(row.finding).label} {row.place}
          </span>
          <b className="shrink-0 font-semibold">{stateWord(row.finding, row.state!)}</b>
        </li>
      ))}
    </ul>
  );
}
