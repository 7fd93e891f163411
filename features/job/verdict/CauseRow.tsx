'use client';

import Link from 'next/link';
import { tellingChecks, whyOf } from '@/core/diagnosis/knowledge/why';
import type { CauseVerdict, Evidence } from '@/core/diagnosis/verdict';
import { findingOf } from '@/core/diagnosis/vocabulary/findings';
import { causeLabel, causeMeaning } from '@/core/diagnosis/vocabulary/labels';
import { stateWord } from '@/core/diagnosis/vocabulary/words';
import { Button } from '@/ui/Button';
import { figure, percent } from '@/ui/format';
import { Opens } from '@/ui/Opens';
import { checkAnchor } from '../checks/anchor';
import { wantCheck } from '../checks/wanted';
import { useDesk } from '../desk/Desk';

type Props = { cause: CauseVerdict; first: boolean; decided: boolean; onWork?: () => void };

/** One cause: how likely, and opened, the evidence in shop words with its weight beside. */
export function CauseRow({ cause, first, decided, onWork }: Props) {
  const { sheet } = useDesk();
  const answered = new Set(sheet.answers.map((row) => row.finding));
  const forIt = cause.evidence
    .filter((evidence) => evidence.bits > 0.05)
    .sort((left, right) => right.bits - left.bits);
  const against = cause.evidence
    .filter((evidence) => evidence.bits < -0.05)
    .sort((left, right) => left.bits - right.bits);
  const telling = tellingChecks(cause.id, (finding) => !answered.has(finding));
  const heaviest = Math.max(1, ...cause.evidence.map((evidence) => Math.abs(evidence.bits)));
  return (
    <li className="border-b border-rule">
      <Opens
        startOpen={first}
        head={
          <span className="flex items-center gap-3 py-1.5">
            <span className="reading w-12 shrink-0 text-right text-xl font-semibold">
              {percent(cause.probability)}
            </span>
            <span className="min-w-0">
              <b className="text-lg font-semibold">
                {causeLabel(cause.id)} {cause.corner}
              </b>
              {decided && <span className="ml-2 border border-ink px-1.5 text-[0.9375rem]">worked on</span>}
            </span>
          </span>
        }
      >
        <div className="pb-4 sm:pl-[3.75rem]">
          <p className="text-soft">{causeMeaning(cause.id)}.</p>
          <div className="mt-2 grid gap-x-6 gap-y-3 xl:grid-cols-2">
            <Evidences
              title="Speaks for it"
              rows={forIt}
              cause={cause}
              heaviest={heaviest}
              empty="Nothing yet."
            />
            <Evidences
              title="Speaks against it"
              rows={against}
              cause={cause}
              heaviest={heaviest}
              empty="Nothing yet."
            />
          </div>
          {telling.length > 0 && (
            <p className="mt-3">
              <b className="font-semibold">What would change it:</b>{' '}
              {telling.map(({ finding, state }, index) => (
                <span key={finding}>
                  {index > 0 && '; '}
                  <Link
                    href={`/job/${sheet.job.id}/checks#${checkAnchor(finding)}`}
                    onClick={() => wantCheck(finding)}
                    className="underline underline-offset-4"
                  >
                    {findingOf(finding).label.toLowerCase()}
                  </Link>{' '}
                  ({stateWord(finding, state).toLowerCase()} for it,{' '}
                  {stateWord(finding, findingOf(finding).states[0]).toLowerCase()} against)
                </span>
              ))}
              .
            </p>
          )}
          <Opens
            className="mt-2 inline-block min-w-48"
            head={<span className="text-[0.9375rem] underline underline-offset-4">The arithmetic</span>}
          >
            <p className="reading text-[0.9375rem]">
              {figure(cause.priorBits, 1)} before any answer
              {[...forIt, ...against]
                .map((evidence) => ` ${evidence.bits >= 0 ? '+' : '−'} ${figure(Math.abs(evidence.bits), 1)}`)
                .join('')}{' '}
              = {figure(Math.log2(cause.probability / (1 - cause.probability)), 1)} bits of odds:{' '}
              {percent(cause.probability)} %
            </p>
          </Opens>
          {onWork && (
            <p className="mt-3">
              <Button look={first ? 'primary' : 'plain'} onClick={onWork}>
                Work on this
              </Button>
            </p>
          )}
        </div>
      </Opens>
    </li>
  );
}

function Evidences({
  title,
  rows,
  cause,
  heaviest,
  empty,
}: {
  title: string;
  rows: Evidence[];
  cause: CauseVerdict;
  heaviest: number;
  empty: string;
}) {
  return (
    <section>
      <h3 className="narrow border-b border-ink font-semibold">{title}</h3>
      {rows.length === 0 && <p className="text-soft">{empty}</p>}
      <ul>
        {rows.map((evidence) => (
          <li key={`${evidence.finding} ${evidence.corner ?? ''}`} className="py-1">
            <p className="flex items-baseline justify-between gap-3">
              <span>
                {[findingOf(evidence.finding).label, evidence.corner].filter(Boolean).join(' ')}:{' '}
                <b className="font-semibold">{stateWord(evidence.finding, evidence.state).toLowerCase()}</b>
              </span>
              <span
                aria-hidden="true"
                className="h-2 shrink-0 bg-ink"
                style={{ width: `${(Math.abs(evidence.bits) / heaviest) * 4}rem` }}
              />
            </p>
            <p className="text-[0.9375rem] text-soft">
              {whyOf(cause.id, evidence.finding, evidence.state) ?? 'Explained better by something else.'}
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}
