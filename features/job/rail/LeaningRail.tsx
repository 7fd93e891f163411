'use client';

import { usePathname } from 'next/navigation';
import { useState } from 'react';
import { inSentence } from '@/core/base/sentence';
import { causeLabel } from '@/core/diagnosis/labels';
import { withinTime } from '@/core/diagnosis/sensitivity/withinTime';
import type { JobCause } from '@/core/job/jobVerdict';
import { timeLeft } from '@/core/job/timeLeft';
import { saidWords } from '@/core/readings/vocabulary/words';
import { Beam } from '@/ui/Beam';
import { buttonClass } from '@/ui/Button';
import { cn } from '@/ui/cn';
import { figure, percent } from '@/ui/format';
import { Link } from '@/ui/Link';
import { Octagon } from '@/ui/Octagon';
import { useSettledJob } from '../../record/JobProvider';
import { later } from '../../shell/later';
import { useNow } from '../../shell/useNow';
import { AskFirst } from './AskFirst';
import { Next, useNextKey } from './Next';

const HalfHourPlan = later(() => import('./HalfHourPlan').then((module) => module.HalfHourPlan));

/** Beside every stage: what it is likely to be, why, the next check worth its minutes, and what stops the car. */
export function LeaningRail() {
  const { sheet, judgement, closed } = useSettledJob();
  // Opened on one stage it does not lie over the next one.
  const stage = usePathname();
  const [openOn, setOpenOn] = useState<string | null>(null);
  const open = openOn === stage;
  const { verdict, holds } = judgement;
  const openHolds = holds.filter((hold) => !hold.proof);
  const nothing = verdict.causes.every(({ asked }) => !asked);
  const leaders = nothing
    ? []
    : verdict.causes.slice(0, 5).filter((cause, index) => index === 0 || cause.probability >= LEAST_LED);
  const left = timeLeft(sheet.job.neededAt, useNow());
  const [next] = withinTime(verdict.nextChecks, left);
  useNextKey(sheet.job.id, next);
  const first = leaders[0];
  const { enough } = verdict;
  return (
    <aside
      aria-label="Leaning rail"
      className="fixed inset-x-0 bottom-0 z-30 border-t-2 border-ink bg-card desk:static desk:z-auto desk:min-h-0 desk:overflow-y-auto desk:border-l desk:border-t-0 desk:border-rule print:hidden"
    >
      <button
        type="button"
        aria-expanded={open}
        onClick={() => setOpenOn(open ? null : stage)}
        className="flex min-h-14 w-full items-center gap-3 px-4 text-left desk:hidden"
      >
        {openHolds.length > 0 && <Octagon size={24} label="On hold" />}
        {first ? (
          <>
            <span className="reading text-lg font-semibold">{percent(first.probability)}</span>
            <span className="min-w-0 flex-1 truncate font-semibold">
              {causeLabel(first.id)} {first.corner}
            </span>
          </>
        ) : (
          <span className="flex-1 font-semibold">Nothing to go on yet</span>
        )}
        <span className="underline underline-offset-4">{open ? 'Less' : 'More'}</span>
      </button>
      <div
        className={cn(
          'max-h-[60dvh] flex-col gap-4 overflow-y-auto p-4 desk:flex desk:max-h-none desk:p-5',
          open ? 'flex' : 'hidden',
        )}
      >
        {openHolds.map((hold) => (
          <div key={hold.id} className="flex gap-2.5 border-l-[6px] border-stop bg-stop-wash px-3 py-2">
            <Octagon size={24} />
            <p>
              <b className="text-stop">Car stays here: {inSentence(hold.label)}.</b> Ends when proved:{' '}
              {hold.until}.
            </p>
          </div>
        ))}
        <section aria-labelledby="leaning">
          <h2 id="leaning" className="mb-2 text-lg">
            {closed ? 'As it leaned' : 'Leaning towards'}
          </h2>
          {nothing ? (
            <p className="text-soft">Nothing to go on yet. Every answer moves this.</p>
          ) : (
            <ol className="grid gap-2">
              {leaders.map((cause, index) => (
                <Leader key={cause.id} cause={cause} first={index === 0} />
              ))}
              <li>
                <p className="flex items-baseline gap-2.5 text-soft">
                  <span className="reading w-14 text-right text-lg">{percent(verdict.unlisted)}</span>{' '}
                  Something not listed
                </p>
                {sumOf(leaders) > 1 && <p className="text-small text-soft">Several can be true together.</p>}
              </li>
            </ol>
          )}
        </section>
        {!closed && enough && first && sheet.works.length === 0 && (
          <Enough jobId={sheet.job.id} cause={first} isThere={stage.endsWith('/work')} />
        )}
        {!closed && !enough && !nothing && sheet.works.length === 0 && <AskFirst check={next} />}
        {!closed && !enough && next && (
          <Next
            jobId={sheet.job.id}
            next={next}
            wheelsOff={sheet.job.wheelsOff}
            onGo={() => setOpenOn(null)}
          />
        )}
        {!closed && !enough && !next && left !== undefined && verdict.nextChecks.length > 0 && (
          <p className="border-l-[6px] border-straw bg-straw-wash px-3 py-2">
            Wanted in {figure(left, 0)} min: no check left can be finished by then.
          </p>
        )}
        {!closed && !enough && next && <HalfHourPlan />}
        {verdict.contradictions.length > 0 && (
          <section>
            <h2 className="text-lg">Does not fit together</h2>
            {verdict.contradictions.map((clash) => (
              <p key={clash.say}>{clash.say}</p>
            ))}
          </section>
        )}
      </div>
    </aside>
  );
}

/** Behind the first, a cause less likely than this only takes the room of what is to be done next. */
const LEAST_LED = 0.02;

const sumOf = (causes: readonly JobCause[]) => causes.reduce((sum, { probability }) => sum + probability, 0);

function Leader({ cause, first }: { cause: JobCause; first: boolean }) {
  return (
    <li>
      <p className="flex items-baseline gap-2.5">
        <span className="reading w-14 shrink-0 text-right text-lg font-semibold">
          {percent(cause.probability)}
        </span>
        <span className={first ? 'font-bold' : undefined}>
          {causeLabel(cause.id)} {cause.corner && <b>{cause.corner}</b>}
        </span>
      </p>
      <div className="ml-[4.125rem]">
        <Beam share={cause.probability} />
        {first && <p className="mt-1 text-small text-soft">{strongest(cause)}</p>}
      </div>
    </li>
  );
}

/** The three answers that speak loudest for it, in shop words. */
function strongest({ speaksFor }: JobCause): string {
  return speaksFor
    .slice(0, 3)
    .map(({ finding, state, places = [] }) =>
      // One wheel is named with the cause.
      inSentence(saidWords(finding, places.length > 1 ? places : undefined, state)),
    )
    .join(' · ');
}

type EnoughProps = { jobId: string; cause: JobCause; isThere: boolean };

/** Nothing left to check would change what to do: the way to the work, for whoever is not there. */
function Enough({ jobId, cause, isThere }: EnoughProps) {
  return (
    <section aria-label="Enough known" className="border-2 border-ink bg-card p-3.5">
      <h3 className="text-lg">Enough to act on</h3>
      <p className="my-1 text-small text-soft">
        {causeLabel(cause.id)}: no check left is worth its minutes before the work.
      </p>
      {!isThere && (
        <Link href={`/job/${jobId}/work`} className={cn(buttonClass('primary'), 'mt-1.5 w-full')}>
          To the work
        </Link>
      )}
    </section>
  );
}
