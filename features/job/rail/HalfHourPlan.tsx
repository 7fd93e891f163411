'use client';

import { type PlannedCheck, planHalfHour } from '@/core/diagnosis/sensitivity/halfHour';
import { timeLeft } from '@/core/job/timeLeft';
import { findingOf } from '@/core/readings/vocabulary/findings';
import { figure } from '@/ui/format';
import { Link } from '@/ui/Link';
import { Opens } from '@/ui/Opens';
import { checkAnchor } from '../../checks/anchor';
import { wantCheck } from '../../checks/wanted';
import { useSettledJob } from '../../record/JobProvider';
import { useNow } from '../../shell/useNow';

const HALF_HOUR = 30;
/** With less than this until the car is wanted no plan helps. */
const LEAST = 3;

const WHY: Record<PlannedCheck['why'], string> = {
  saves_most: '',
  while_there: 'while you are there',
  wheel_is_off: 'the wheel is off',
};

/** The half hour ahead, or what is left of it before the car is wanted: which checks, in which order. */
export function HalfHourPlan() {
  const { sheet, judgement } = useSettledJob();
  const { neededAt, wheelsOff } = sheet.job;
  const budget = Math.min(HALF_HOUR, timeLeft(neededAt, useNow()) ?? HALF_HOUR);
  if (budget < LEAST) return null;
  const plan = planHalfHour(judgement.verdict.nextChecks, budget, wheelsOff);
  if (plan.checks.length < 2) return null;
  return (
    <Opens
      className="border-t border-rule"
      head={
        <span>
          <b className="font-semibold">The next {figure(budget, 0)} minutes</b>{' '}
          <span className="text-soft">
            {plan.checks.length} checks, {figure(plan.minutes, 0)} min
          </span>
        </span>
      }
    >
      <ol aria-label="Plan of the next half hour" className="grid gap-1 pb-2">
        {plan.checks.map((check) => (
          <li key={`${check.id} ${check.corner ?? ''}`} className="flex gap-2.5 text-small">
            <span className="reading w-9 shrink-0 text-right text-soft">{figure(check.startsAt, 0)}</span>
            <span>
              <Link
                href={`/job/${sheet.job.id}/checks#${checkAnchor(check.id)}`}
                onClick={() => wantCheck(check.id, check.corner)}
                className="underline underline-offset-4"
              >
                {findingOf(check.id).label} {check.corner ?? check.axle}
              </Link>{' '}
              <span className="text-soft">
                {figure(check.minutes, 0)} min{WHY[check.why] && `, ${WHY[check.why]}`}
              </span>
            </span>
          </li>
        ))}
      </ol>
    </Opens>
  );
}
