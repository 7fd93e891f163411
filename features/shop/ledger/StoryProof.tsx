'use client';

import { inSentence, toItsEnd } from '@/core/base/sentence';
import { causeLabel } from '@/core/diagnosis/labels';
import type { JobHold } from '@/core/job/pieces';
import type { ProofCheck } from '@/core/job/proof';
import type { AnswerRow, JobSheet } from '@/core/job/sheet';
import { corrections } from '@/core/job/slips';
import { findingOf } from '@/core/readings/vocabulary/findings';
import { answerWords, stateInSentence, stateWord } from '@/core/readings/vocabulary/words';
import type { Authors } from '@/server/jobs/authors';
import { percent } from '@/ui/format';
import { Driven } from '../../record/Driven';
import { TrialLine } from '../../record/trial/TrialLine';
import { AuthorsLine } from './AuthorsLine';
import { idsOf } from './authors';
import { Chapter } from './Chapter';
import { useMoment } from './useMoment';

type Props = { sheet: JobSheet; authors: Authors };

/** What held the car, and what ended each hold. */
export function StoryHolds({ holds }: { holds: readonly JobHold[] }) {
  const at = useMoment();
  if (holds.length === 0) return null;
  return (
    <Chapter title="Holds">
      {holds.map((hold) => (
        <p key={hold.id}>
          <b className="font-semibold">{hold.label}.</b>{' '}
          {hold.proof ? endedWords(hold, at(hold.proof.provedAt)) : 'Not proved.'}
        </p>
      ))}
    </Chapter>
  );
}

/** Each verdict that was written down, with what was worked on. */
export function StoryVerdicts({ sheet, authors }: Props) {
  const at = useMoment();
  return (
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
  );
}

/** Before against after, drives and trials. */
export function StoryProof({ sheet, proof, authors }: Props & { proof: readonly ProofCheck[] }) {
  return (
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
  );
}

/** What was written down otherwise before. */
export function StoryCorrections({ sheet }: Pick<Props, 'sheet'>) {
  const at = useMoment();
  const corrected = corrections(sheet.answers);
  if (corrected.length === 0) return null;
  return (
    <Chapter title="Corrections">
      {corrected.map((row) => {
        const old = sheet.answers.find((each) => each.id === row.replaces);
        return (
          <p key={row.id}>
            {at(row.recordedAt)}: {inSentence(findingOf(row.finding).label)} {row.place} from {wordOr(old)} to{' '}
            {wordOr(row)}
            {row.why !== '' && ` (${inSentence(row.why)})`}.
          </p>
        );
      })}
    </Chapter>
  );
}

function endedWords({ evidence, proof }: JobHold, when: string): string {
  const { byWord, how, provedBy } = proof!;
  const proved = evidence.map(({ finding, place, state }) => answerWords(finding, place, state));
  const what = [...(byWord ? ['by word'] : proved), how].filter((each) => each !== '').join(', ');
  return toItsEnd(`Ended ${when} by ${provedBy}: ${what}`);
}

function wordOr(row: AnswerRow | undefined): string {
  return !row || row.state === null ? 'no answer' : stateInSentence(row.finding, row.state);
}
