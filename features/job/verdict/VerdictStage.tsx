'use client';

import { useState } from 'react';
import { asSentence, inSentence, listed } from '@/core/base/sentence';
import type { Behind } from '@/core/diagnosis/behind';
import { causeLabel } from '@/core/diagnosis/labels';
import type { Verdict } from '@/core/diagnosis/verdict';
import type { LikeJobs } from '@/server/learn/queries';
import { Button } from '@/ui/Button';
import { percent } from '@/ui/format';
import { HoldsPanel } from '../../checks/HoldsPanel';
import { useJob } from '../../record/JobProvider';
import { useGo } from '../../shell/useGo';
import { CauseRow } from './CauseRow';
import { Overturns } from './Overturns';

const SHOWN = 6;

/** Ranked causes with what speaks for and against each, what stops the car, and the decision. */
export function VerdictStage({ like, first }: { like: LikeJobs; first?: Behind }) {
  const { sheet, judgement, decide, closed } = useJob();
  const go = useGo();
  const [all, setAll] = useState(false);
  const { verdict } = judgement;
  const possible = verdict.causes.filter((cause) => cause.probability > 0);
  const shown = all ? possible : possible.slice(0, SHOWN);
  const decided = sheet.verdicts.at(-1)?.decided ?? null;
  const together = verdict.combinations
    .filter((combination) => combination.faults.length > 1 && combination.probability > 0.03)
    .slice(0, 2);
  const workOn = (cause: string) => {
    decide(cause);
    go(`/job/${sheet.job.id}/work`);
  };
  if (possible.every(({ asked }) => !asked)) {
    return (
      <>
        <h2 className="mb-2 text-2xl">Verdict</h2>
        <p>Nothing has been answered yet, so there is nothing to judge. Begin with the complaint.</p>
      </>
    );
  }
  return (
    <>
      <h2 className="mb-2 text-2xl">
        What it is{' '}
        <span className="ml-1 text-base font-medium text-soft">
          {decided
            ? `decided: ${inSentence(causeLabel(decided))}`
            : 'press one to see what speaks for and against it'}
        </span>
      </h2>
      <HoldsPanel />
      <ol className="border-t-2 border-ink">
        {shown.map((cause, index) => (
          <CauseRow
            key={cause.id}
            cause={cause}
            first={index === 0}
            decided={decided === cause.id}
            like={like}
            cameWith={first}
            onWork={closed ? undefined : () => workOn(cause.id)}
          />
        ))}
        <li className="flex min-h-12 items-center gap-3 border-b border-rule">
          <span className="reading w-16 text-right text-xl font-semibold">{percent(verdict.unlisted)}</span>
          <span>
            Something not listed <span className="text-soft">— never ruled out</span>
          </span>
        </li>
      </ol>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button look="quiet" onClick={() => setAll(!all)}>
          {all ? 'Only the first few' : `All ${possible.length} causes`}
        </Button>
      </div>
      {together.length > 0 && (
        <section className="mt-4">
          <h3 className="text-xl">
            {together.every(({ faults }) => faults.length === 2) ? 'Two at once' : 'Several at once'}
          </h3>
          {together.map(({ faults, probability }) => (
            <p key={faults.map((fault) => fault.id + (fault.corner ?? '')).join()}>
              <span className="reading mr-2 font-semibold">{percent(probability)}</span>
              {asSentence(listed(faults.map(faultWords)))}
            </p>
          ))}
        </section>
      )}
      <Overturns />
      <p className="mt-4 text-small text-soft">
        Judged by knowledge {verdict.knowledge}, engine {verdict.engine}
        {verdict.exact
          ? ', over all combinations of causes.'
          : `. Too much is abnormal at once to sum over all combinations: ${howNear(verdict.within ?? 1)}.`}
        {sheet.learned && ` Priors moved by ${sheet.learned.jobs} confirmed jobs of this shop.`}
      </p>
    </>
  );
}

const faultWords = ({ id, corner }: Verdict['combinations'][number]['faults'][number]) =>
  inSentence(`${causeLabel(id)}${corner ? ` ${corner}` : ''}`);

/** How far the chances of a sum that was only bounded may be off. */
function howNear(within: number): string {
  return within > 0.5
    ? 'take the order as a hint, and check the answers'
    : `no chance is further than ${percent(within)} from what that would give`;
}
