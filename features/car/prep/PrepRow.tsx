'use client';

import type { ReactNode } from 'react';
import { daysInWords } from '@/core/base/dates';
import type { PrepLine, PrepVerdict } from '@/core/planning/prep/line';
import { buttonClass } from '@/ui/Button';
import { cn } from '@/ui/cn';
import { figure as digits } from '@/ui/format';
import { Link } from '@/ui/Link';
import { AgainstLimit } from '../../shell/AgainstLimit';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';

const WORDS: Record<PrepVerdict, { word: string; tone: string }> = {
  go: { word: 'go', tone: 'text-go' },
  not: { word: 'not', tone: 'text-stop' },
  buy: { word: 'spare', tone: 'text-bronze' },
  look: { word: 'look', tone: 'text-blue' },
  do: { word: 'do', tone: 'text-soft' },
};

/** One line of a preparation: what it comes to, why, its figure against its limit, and what to press. */
export function PrepRow({ line, carId, jobId }: { line: PrepLine; carId: string; jobId?: string }) {
  const { what, verdict, why, figure, life, minutes } = line;
  const units = useUnits();
  const { dateOrder } = useShop();
  const { word, tone } = WORDS[verdict];
  return (
    <li className="grid grid-cols-[4rem_1fr] gap-x-3 border-b border-rule py-2 sm:grid-cols-[4rem_1fr_14rem_12rem]">
      <b className={cn('narrow text-lg', tone)}>{word}</b>
      <div>
        <span className="font-semibold">{what}</span>
        <p className="text-small text-soft">{units.words(daysInWords(why, dateOrder))}</p>
      </div>
      <div className="col-start-2 text-small sm:col-start-3">
        {figure && (
          <p>
            <AgainstLimit {...figure} />
          </p>
        )}
        {life && (
          <p>
            <b className="reading font-semibold">{digits(Math.floor(life.low), 0)}</b> to{' '}
            <b className="reading font-semibold">
              {life.high > 200 ? 'over 200' : digits(Math.ceil(life.high), 0)}
            </b>{' '}
            sessions left, 80 % sure
          </p>
        )}
      </div>
      <div className="col-start-2 flex items-start justify-between gap-2 sm:col-start-4 sm:justify-end">
        <Action line={line} carId={carId} jobId={jobId} />
        <span className="reading w-16 shrink-0 text-right whitespace-nowrap text-soft">
          {minutes > 0 && `${minutes} min`}
        </span>
      </div>
    </li>
  );
}

/** What is not goes into a job, or is in one; what nobody looked at is measured in the open one. */
function Action({
  line: { what, why, verdict, job },
  carId,
  jobId,
}: {
  line: PrepLine;
  carId: string;
  jobId?: string;
}) {
  if (job) return <ActionLink href={`/job/${job.id}`}>Job {job.number}</ActionLink>;
  if (verdict === 'look' && jobId) return <ActionLink href={`/job/${jobId}/checks`}>Measure</ActionLink>;
  if (verdict !== 'not') return null;
  return (
    <ActionLink href={`/job/new?${new URLSearchParams({ car: carId, says: `${what}: ${why}` })}`}>
      Open a job
    </ActionLink>
  );
}

function ActionLink({ href, children }: { href: string; children: ReactNode }) {
  return (
    <Link href={href} className={cn(buttonClass('quiet'), '-my-2 -ml-4 px-2 whitespace-nowrap sm:ml-0')}>
      {children}
    </Link>
  );
}
