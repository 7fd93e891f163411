'use client';

import { useState } from 'react';
import { inSentence } from '@/core/base/sentence';
import type { BenchId } from '@/core/car/benchState';
import { BENCH_FOR, DECISIONS, PARTS_WORDS } from '@/core/diagnosis/decision/works';
import { tellingChecks, whyOf } from '@/core/diagnosis/knowledge/why';
import { causeLabel, causeMeaning } from '@/core/diagnosis/labels';
import { confusableWith } from '@/core/diagnosis/sensitivity/confusable';
import { type CauseVerdict, type Evidence, placeFrom } from '@/core/diagnosis/verdict';
import { PROCEDURE_FOR } from '@/core/planning/procedureFor';
import { wholeMinutes } from '@/core/planning/works';
import { type FindingId, findingOf } from '@/core/readings/vocabulary/findings';
import { stateWord } from '@/core/readings/vocabulary/words';
import type { LikeJobs } from '@/server/learn/queries';
import { Button } from '@/ui/Button';
import { figure, percent } from '@/ui/format';
import { Link } from '@/ui/Link';
import { Opens } from '@/ui/Opens';
import { checkAnchor } from '../../checks/anchor';
import { wantCheck } from '../../checks/wanted';
import { useJob } from '../../record/JobProvider';
import { later } from '../../shell/later';

const WhatIfSheet = later(() => import('./WhatIfSheet').then((module) => module.WhatIfSheet));

type Props = { cause: CauseVerdict; first: boolean; like: LikeJobs; onWork?: () => void };

/** Behind a cause: the evidence in shop words with its weight beside, what it is taken for, what would be done. */
export function CauseDetail({ cause, first, like, onWork }: Props) {
  const { sheet } = useJob();
  const answered = new Set<FindingId>(sheet.answers.map((row) => row.finding));
  const forIt = cause.evidence
    .filter((evidence) => evidence.bits > 0.05)
    .sort((left, right) => right.bits - left.bits);
  const against = cause.evidence
    .filter((evidence) => evidence.bits < -0.05)
    .sort((left, right) => left.bits - right.bits);
  const telling = tellingChecks(cause.id, (finding) => !answered.has(finding));
  const [asked, setAsked] = useState<Evidence | null>(null);
  const heaviest = Math.max(1, ...cause.evidence.map((evidence) => Math.abs(evidence.bits)));
  return (
    <div className="pb-4 sm:pl-[3.75rem]">
      <p className="text-soft">{causeMeaning(cause.id)}.</p>
      <div className="mt-2 grid gap-x-6 gap-y-3 xl:grid-cols-2">
        <Evidences
          title="Speaks for it"
          rows={forIt}
          cause={cause}
          heaviest={heaviest}
          empty="Nothing yet."
          onAsk={setAsked}
        />
        <Evidences
          title="Speaks against it"
          rows={against}
          cause={cause}
          heaviest={heaviest}
          empty="Nothing yet."
          onAsk={setAsked}
        />
      </div>
      <Confusables cause={cause} open={(finding) => !answered.has(finding)} />
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
        head={<span className="text-small underline underline-offset-4">The arithmetic</span>}
      >
        <p className="reading text-small">
          {figure(cause.priorBits, 1)} before any answer
          {[...forIt, ...against]
            .map((evidence) => ` ${evidence.bits >= 0 ? '+' : '−'} ${figure(Math.abs(evidence.bits), 1)}`)
            .join('')}{' '}
          = {figure(Math.log2(cause.probability / (1 - cause.probability)), 1)} bits of odds:{' '}
          {percent(cause.probability)}
        </p>
      </Opens>
      <DecisionLine cause={cause} like={like} />
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
function Confusables({ cause, open }: { cause: CauseVerdict; open: (finding: FindingId) => boolean }) {
  const { sheet, judgement } = useJob();
  const others = confusableWith(cause.id, judgement.verdict.causes, open);
  if (others.length === 0) return null;
  return (
    <div className="mt-3">
      <b className="font-semibold">Easily taken for</b>
      <ul>
        {others.map(({ cause: other, check }) => (
          <li key={other}>
            {causeLabel(other).toLowerCase()}
            {check && (
              <>
                :{' '}
                <Link
                  href={`/job/${sheet.job.id}/checks#${checkAnchor(check.finding)}`}
                  onClick={() => wantCheck(check.finding, cause.corner)}
                  className="underline underline-offset-4"
                >
                  {findingOf(check.finding).label.toLowerCase()}
                </Link>{' '}
                tells them apart in {check.minutes} min:{' '}
                {stateWord(check.finding, check.ifThis).toLowerCase()} is this one,{' '}
                {stateWord(check.finding, check.ifOther).toLowerCase()} the other
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
function DecisionLine({ cause, like }: { cause: CauseVerdict; like: LikeJobs }) {
  const { sheet } = useJob();
  const { work, parts, ifWrong, tests } = DECISIONS[cause.id];
  const bench = BENCH_FOR[cause.id];
  const minutes = wholeMinutes(PROCEDURE_FOR[cause.id][0]);
  const here = like.causes.find((each) => each.cause === cause.id)?.jobs ?? 0;
  return (
    <div className="mt-3 border-l-[6px] border-ink pl-3">
      <p>
        <b className="font-semibold">What to do:</b> {inSentence(work)}, about{' '}
        <span className="reading">{minutes}</span> min, {PARTS_WORDS[parts]}.
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
  cause,
  heaviest,
  empty,
  onAsk,
}: {
  title: string;
  rows: Evidence[];
  cause: CauseVerdict;
  heaviest: number;
  empty: string;
  onAsk: (evidence: Evidence) => void;
}) {
  return (
    <section>
      <h3 className="narrow border-b border-ink font-semibold">{title}</h3>
      {rows.length === 0 && <p className="text-soft">{empty}</p>}
      <ul>
        {rows.map((evidence) => (
          <li key={`${evidence.finding} ${evidence.corner ?? ''}`} className="py-1">
            <p className="flex items-baseline justify-between gap-3">
              <button
                type="button"
                title="What if it were otherwise?"
                onClick={() => onAsk(evidence)}
                className="min-h-11 text-left underline decoration-dotted underline-offset-4 hover:bg-straw-wash"
              >
                {[findingOf(evidence.finding).label, evidence.corner].filter(Boolean).join(' ')}:{' '}
                <b className="font-semibold">{stateWord(evidence.finding, evidence.state).toLowerCase()}</b>
              </button>
              <span
                aria-hidden="true"
                className="h-2 shrink-0 bg-ink"
                style={{ width: `${(Math.abs(evidence.bits) / heaviest) * 4}rem` }}
              />
            </p>
            <p className="text-small text-soft">
              {whyOf(cause.id, evidence.finding, evidence.state) ?? 'Explained better by something else.'}
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}
