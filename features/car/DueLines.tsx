'use client';

import { useState } from 'react';
import { daysInWords, dayWords } from '@/core/base/dates';
import { daysBetween } from '@/core/base/day';
import { byWheels } from '@/core/planning/due/ofCar';
import type { FollowUp } from '@/server/cars/queries';
import type { DueLine } from '@/server/due/queries';
import { Button, buttonClass } from '@/ui/Button';
import { cn } from '@/ui/cn';
import { Link } from '@/ui/Link';
import { IfMay } from '../shell/IfMay';
import { request } from '../shell/request';
import { useShop } from '../shell/ShopContext';
import { undo } from '../shell/undo';
import { useRefresh } from '../shell/useRefresh';
import { useUnits } from '../shell/useUnits';

/** What is due on one car; what needs the same wheels off stands together and goes into one job. */
export function DueLines({ carId, lines }: { carId: string; lines: DueLine[] }) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const refreshPage = useRefresh();
  const mark = async (id: string, version: number, done: boolean) => {
    const reply = await request<{ version: number }>('PATCH', `/api/follow-ups/${id}`, { version, done });
    setTrouble(reply.ok ? null : reply.refusal.message);
    refreshPage();
    return reply;
  };
  const finish = async ({ id, version }: FollowUp, what: string) => {
    const reply = await mark(id, version, true);
    if (reply.ok) undo.offer(`Done: ${what}`, () => void mark(id, reply.value.version, false));
  };
  return (
    <>
      {trouble && (
        <p role="alert" className="text-stop">
          {trouble}
        </p>
      )}
      <ul>
        {byWheels(lines).map(({ wheels, lines: together }) =>
          wheels && together.length > 1 ? (
            <li key={wheels} className="my-1 border-l-4 border-blue pl-2">
              <p className="flex flex-wrap items-center justify-between gap-x-3">
                <span className="narrow font-semibold">With the {wheels} wheels off</span>
                <JobLink carId={carId} says={together.map(({ what }) => what).join('; ')}>
                  All in one job
                </JobLink>
              </p>
              <ul>
                {together.map((line) => (
                  <DueEntry key={line.key} line={line} carId={carId} onDone={finish} inGroup />
                ))}
              </ul>
            </li>
          ) : (
            together.map((line) => <DueEntry key={line.key} line={line} carId={carId} onDone={finish} />)
          ),
        )}
      </ul>
    </>
  );
}

function JobLink({ carId, says, children }: { carId: string; says: string; children: string }) {
  return (
    <IfMay right="tell">
      <Link
        href={`/job/new?${new URLSearchParams({ car: carId, says })}`}
        className={cn(buttonClass('quiet'), '-ml-4')}
      >
        {children}
      </Link>
    </IfMay>
  );
}

function DueEntry({
  line,
  carId,
  onDone,
  inGroup = false,
}: {
  line: DueLine;
  carId: string;
  onDone: (entry: FollowUp, what: string) => Promise<void>;
  inGroup?: boolean;
}) {
  const { followUp } = line;
  const units = useUnits();
  const { dateOrder } = useShop();
  return (
    <li className={inGroup ? 'py-1' : undefined}>
      <p className="flex items-baseline justify-between gap-3">
        <span>{line.what}</span>
        <DueWord dueOn={line.dueOn} />
      </p>
      {line.why !== '' && (
        <p className="text-small text-soft">{units.words(daysInWords(line.why, dateOrder))}</p>
      )}
      {!inGroup && (
        <JobLink carId={carId} says={line.what}>
          Open a job
        </JobLink>
      )}
      {followUp && (
        <IfMay right="work">
          <Button look="quiet" onClick={() => void onDone(followUp, line.what)}>
            Done
          </Button>
        </IfMay>
      )}
    </li>
  );
}

function DueWord({ dueOn }: { dueOn: string | null }) {
  const shop = useShop();
  if (dueOn === null) return <span className="shrink-0 text-bronze">not known</span>;
  const days = daysBetween(shop.today, dueOn);
  const word = days < 0 ? `${-days} d over` : days === 0 ? 'today' : `in ${days} d`;
  return (
    <time
      dateTime={dueOn}
      title={dayWords(dueOn, shop.dateOrder)}
      className={`reading shrink-0 font-semibold ${days < 0 ? 'text-stop' : 'text-bronze'}`}
    >
      {word}
    </time>
  );
}
