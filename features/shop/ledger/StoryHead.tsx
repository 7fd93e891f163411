'use client';

import { causeLabel } from '@/core/diagnosis/labels';
import type { Judgement } from '@/core/job/judgement';
import { outcomeLabel } from '@/core/job/outcomes';
import type { JobSheet } from '@/core/job/sheet';
import type { Measured } from '@/core/planning/wear/measured';
import type { Authors } from '@/server/jobs/authors';
import { Button, buttonClass } from '@/ui/Button';
import { CornerPlan } from '@/ui/CornerPlan';
import { shortDate } from '@/ui/format';
import { Link } from '@/ui/Link';
import { jobCorners } from '../../record/plan/corners';
import { useShop } from '../../shell/ShopContext';
import { useMoment } from './useMoment';

/** Which job it was, of which car, and what can be done with its record. */
export function StoryHead({ sheet: { job, car } }: { sheet: JobSheet }) {
  const shop = useShop();
  return (
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
  );
}

type OutcomeProps = { sheet: JobSheet; derived: Judgement['derived']; measured: Measured; authors: Authors };

/** What came of it, by whom. */
export function StoryOutcome({ sheet, derived, measured, authors }: OutcomeProps) {
  const { job, car } = sheet;
  const at = useMoment();
  return (
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
  );
}
