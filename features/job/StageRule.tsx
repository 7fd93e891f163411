'use client';

import { STAGES, type Stage } from '@/core/job/stage';
import { cn } from '@/ui/cn';
import { moment } from '@/ui/format';
import { Link } from '@/ui/Link';
import { useSettledJob } from '../record/JobProvider';
import { useShop } from '../shell/ShopContext';
import { OthersLine } from './OthersLine';

const LABELS: Record<Stage, string> = {
  complaint: 'Complaint',
  checks: 'Checks',
  verdict: 'Verdict',
  work: 'Work',
  proof: 'Proof',
};

/** Whose job it is, and the five stages on a steel rule; a phone in a run has no room for them. */
export function StageRule({ stage, deskOnly = false }: { stage: Stage; deskOnly?: boolean }) {
  const { sheet, judgement, closed } = useSettledJob();
  const { job, car } = sheet;
  const shop = useShop();
  return (
    <section
      aria-label="Job and stages"
      className={cn(
        'border-b-2 border-ink bg-card desk:grid desk:grid-cols-[17rem_1fr] xl:grid-cols-[19rem_1fr] min-[1700px]:grid-cols-[22rem_1fr] print:hidden',
        deskOnly && 'hidden',
      )}
    >
      <div className="px-4 pt-2.5 desk:px-5 desk:pb-2">
        <h1 className="truncate text-xl">
          <Link href={`/car/${car.id}`} className="hover:underline">
            {car.name}
          </Link>
        </h1>
        <p
          className="truncate text-soft desk:line-clamp-2 desk:whitespace-normal desk:leading-tight"
          title={job.complaint}
        >
          {job.complaint || 'No complaint yet'} ·{' '}
          {closed
            ? `closed ${moment(job.closedAt!, shop, new Date(shop.now))}`
            : `opened ${moment(job.openedAt, shop, new Date(shop.now))}`}
        </p>
        <OthersLine labels={LABELS} />
      </div>
      <nav aria-label="Stages" className="flex">
        {STAGES.map((each) => (
          <Link
            key={each}
            href={`/job/${job.id}/${each}`}
            ahead
            aria-current={each === stage ? 'step' : undefined}
            className={cn(
              'narrow graduated relative min-w-0 flex-1 border-l-2 border-ink px-1.5 pb-4 pt-2 sm:px-3 focus-visible:-outline-offset-2 desk:pb-5',
              each === stage
                ? 'bg-straw-wash before:absolute before:inset-x-0 before:top-0 before:h-1 before:bg-straw'
                : 'hover:bg-straw-wash',
            )}
            style={each === stage ? { backgroundColor: 'var(--straw-wash)' } : undefined}
          >
            <b className="block text-small font-semibold sm:text-[1.0625rem]">{LABELS[each]}</b>
            <span className="block truncate text-small text-soft">{judgement.notes[each]}</span>
          </Link>
        ))}
      </nav>
    </section>
  );
}
