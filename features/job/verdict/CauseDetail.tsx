'use client';

import { useState } from 'react';
import { inSentence } from '@/core/base/sentence';
import type { BenchId } from '@/core/car/benchState';
import type { Behind, Told } from '@/core/diagnosis/behind';
import { causeLabel } from '@/core/diagnosis/labels';
import { placeFrom } from '@/core/diagnosis/verdict';
import type { JobCause } from '@/core/job/jobVerdict';
import { findingOf } from '@/core/readings/vocabulary/findings';
import { stateInSentence } from '@/core/readings/vocabulary/words';
import type { LikeJobs } from '@/server/learn/queries';
import { Button } from '@/ui/Button';
import { figure, percent } from '@/ui/format';
import { Link } from '@/ui/Link';
import { Opens } from '@/ui/Opens';
import { checkAnchor } from '../../checks/anchor';
import { wantCheck } from '../../checks/wanted';
import { useJob } from '../../record/JobProvider';
import { later } from '../../shell/later';
import { toldApart } from './toldApart';
import { useBehind } from './useBehind';

const WhatIfSheet = later(() => import('./WhatIfSheet').then((module) => module.WhatIfSheet));

type Props = {
  cause: JobCause;
  first: boolean;
  like: LikeJobs;
  cameWith: Behind | undefined;
  onWork: (() => void) | undefined;
};

/** Behind a cause: the evidence in shop words with its weight beside, what it is taken for, what would be done. */
export function CauseDetail({ cause, first, like, cameWith, onWork }: Props) {
  const { sheet } = useJob();
  const behind = useBehind(cause.id, cameWith);
  const [asked, setAsked] = useState<Told | null>(null);
  if (!behind) {
    return (
      <p role="status" className="pb-4 sm:pl-[3.75rem]">
        Working it out …
      </p>
    );
  }
  const { speaksFor, speaksAgainst, telling, priorBits, probability } = behind;
  const told = [...speaksFor, ...speaksAgainst];
  const heaviest = Math.max(1, ...told.map(({ bits }) => Math.abs(bits)));
  return (
    <div className="pb-4 sm:pl-[3.75rem]">
      <p className="text-soft">{behind.meaning}.</p>
      <div className="mt-2 grid gap-x-6 gap-y-3 xl:grid-cols-2">
        <Evidences
          title="Speaks for it"
          rows={speaksFor}
          heaviest={heaviest}
          empty="Nothing yet."
          onAsk={setAsked}
        />
        <Evidences
          title="Speaks against it"
          rows={speaksAgainst}
          heaviest={heaviest}
          empty="Nothing yet."
          onAsk={setAsked}
        />
      </div>
      <Confusables cause={cause} confusable={behind.confusable} />
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
                {inSentence(findingOf(finding).label)}
              </Link>{' '}
              ({stateInSentence(finding, state)} for it,{' '}
              {stateInSentence(finding, findingOf(finding).states[0])} against)
            </span>
          ))}
          .
        </p>
      )}
      <Opens
        className="mt-2 inline-block min-w-48"
        head={<span className="text-small underline underline-offset-4">The arithmetic</span>}
      >
        <p className="reading text-small">
          {figure(priorBits, 1)} before any answer
          {told.map(({ bits }) => ` ${bits >= 0 ? '+' : '−'} ${figure(Math.abs(bits), 1)}`).join('')} ={' '}
          {figure(Math.log2(probability / (1 - probability)), 1)} bits of odds: {percent(probability)}
        </p>
      </Opens>
      <DecisionLine behind={behind} like={like} />
      {asked && (
        <WhatIfSheet
          given={{ id: asked.finding, state: asked.state, place: placeFrom(asked) }}
          onClose={() => setAsked(null)}
        />
      )}
      {onWork && (
        <p className="mt-3">
          <Button look={first ? 'primary' : 'plain'} onClick={onWork}>
            Work on this
          </Button>
        </p>
      )}
    </div>
  );
}

/** What it is most easily taken for, and the check that tells the two apart. */
function Confusables({ cause, confusable }: { cause: JobCause } & Pick<Behind, 'confusable'>) {
  const { sheet } = useJob();
  if (confusable.length === 0) return null;
  return (
    <div className="mt-3">
      <b className="font-semibold">Easily taken for</b>
      <ul>
        {confusable.map(({ cause: other, check }) => (
          <li key={other}>
            {inSentence(causeLabel(other))}
            {check && (
              <>
                :{' '}
                <Link
                  href={`/job/${sheet.job.id}/checks#${checkAnchor(check.finding)}`}
                  onClick={() => wantCheck(check.finding, cause.corner)}
                  className="underline underline-offset-4"
                >
                  {inSentence(findingOf(check.finding).label)}
                </Link>{' '}
                {toldApart(check)}
              </>
            )}
            .
          </li>
        ))}
      </ul>
    </div>
  );
}

/** What a bench says of a cause. */
const BENCH_SAYS: Record<BenchId, string> = {
  fluid: 'Where this fluid boils, on the bench',
  pedal: 'How many millimetres of pedal it explains, on the bench',
  balance: 'What another part would do, on the bench',
  heat: 'Which lap stops it, and which change buys laps, on the bench',
};

/** What is done about it, what that costs, what happens when it was something else; and what this shop has seen. */
function DecisionLine({ behind, like }: { behind: Behind; like: LikeJobs }) {
  const { sheet } = useJob();
  const { id, bench } = behind;
  const { work, parts, minutes, ifWrong, tests } = behind.decision;
  const here = like.causes.find((each) => each.cause === id)?.jobs ?? 0;
  return (
    <div className="mt-3 border-l-[6px] border-ink pl-3">
      <p>
        <b className="font-semibold">What to do:</b> {inSentence(work)}
        {minutes !== undefined && (
          <>
            , about <span className="reading">{minutes}</span> min
          </>
        )}
        , {parts}.
      </p>
      {bench && (
        <p>
          <Link
            href={`/bench/${bench}?car=${sheet.car.id}&job=${sheet.job.id}`}
            className="underline underline-offset-4"
          >
            {BENCH_SAYS[bench]}
          </Link>
        </p>
      )}
      {tests && (
        <p>
          <b className="font-semibold">It tests itself:</b> {inSentence(tests)}.
        </p>
      )}
      <p className="text-soft">If it was something else: {inSentence(ifWrong)}.</p>
      {like.total > 0 && (
        <p className="text-soft">
          In this shop {here} of the last {like.total} job{like.total === 1 ? '' : 's'} that complained alike{' '}
          {here === 1 ? 'was' : 'were'} this.
        </p>
      )}
    </div>
  );
}

function Evidences({
  title,
  rows,
  heaviest,
  empty,
  onAsk,
}: {
  title: string;
  rows: Told[];
  heaviest: number;
  empty: string;
  onAsk: (evidence: Told) => void;
}) {
  return (
    <section>
      <h3 className="narrow border-b border-ink font-semibold">{title}</h3>
      {rows.length === 0 && <p className="text-soft">{empty}</p>}
      <ul>
        {rows.map((evidence) => (
          <li key={`${evidence.finding} ${evidence.corner ?? ''}`}>
            <button
              type="button"
              title="What if it were otherwise?"
              onClick={() => onAsk(evidence)}
              className="min-h-11 w-full py-1.5 text-left hover:bg-straw-wash"
            >
              <span className="flex items-baseline justify-between gap-3">
                <span className="underline decoration-dotted underline-offset-4">
                  {[findingOf(evidence.finding).label, evidence.corner].filter(Boolean).join(' ')}:{' '}
                  <b className="font-semibold">{stateInSentence(evidence.finding, evidence.state)}</b>
                </span>
                <span
                  aria-hidden="true"
                  className="h-2 shrink-0 bg-ink"
                  style={{ width: `${(Math.abs(evidence.bits) / heaviest) * 4}rem` }}
                />
              </span>
              <span className="block text-small text-soft">{evidence.why}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
