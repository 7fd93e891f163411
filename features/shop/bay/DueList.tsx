'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { daysInWords, dayWords } from '@/core/base/dates';
import { daysBetween } from '@/core/base/day';
import type { Bay, DueLine } from '@/server/bay/queries';
import type { FollowUp } from '@/server/cars/queries';
import { Button, buttonClass } from '@/ui/Button';
import { cn } from '@/ui/cn';
import { request } from '../../shell/request';
import { useShop } from '../../shell/ShopContext';
import { undo } from '../../shell/undo';
import { useUnits } from '../../shell/useUnits';

/** What falls due within a month, or already has, car by car: what needs doing on one is done in one go. */
export function DueList({ due }: { due: Bay['due'] }) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const router = useRouter();
  const mark = async (id: string, version: number, done: boolean) => {
    const reply = await request<{ version: number }>('PATCH', `/api/follow-ups/${id}`, { version, done });
    setTrouble(reply.ok ? null : reply.refusal.message);
    router.refresh();
    return reply;
  };
  const finish = async ({ id, version }: FollowUp, what: string) => {
    const reply = await mark(id, version, true);
    if (reply.ok) undo.offer(`Done: ${what}`, () => void mark(id, reply.value.version, false));
  };
  return (
    <section aria-labelledby="due">
      <h2 id="due" className="flex min-h-11 items-end border-b-2 border-ink text-xl">
        Due
      </h2>
      {trouble && (
        <p role="alert" className="text-stop">
          {trouble}
        </p>
      )}
      <ul>
        {due.cars.map((car) => (
          <li key={car.carId} className="border-b border-rule py-2">
            <Link href={`/car/${car.carId}`} className="font-semibold underline underline-offset-4">
              {car.carName}
            </Link>
            <ul>
              {car.lines.map((line) => (
                <DueEntry
                  key={line.followUp?.id ?? line.what}
                  line={line}
                  carId={car.carId}
                  onDone={finish}
                />
              ))}
            </ul>
          </li>
        ))}
        {due.cars.length === 0 && <li className="py-2 text-soft">Nothing within a month.</li>}
      </ul>
      {due.more > 0 && (
        <Link
          href="/?due=all"
          scroll={false}
          className="flex min-h-11 items-center underline underline-offset-4"
        >
          {due.more} more {due.more === 1 ? 'car has' : 'cars have'} something due: show all
        </Link>
      )}
    </section>
  );
}

function DueEntry({
  line,
  carId,
  onDone,
}: {
  line: DueLine;
  carId: string;
  onDone: (entry: FollowUp, what: string) => Promise<void>;
}) {
  const { followUp } = line;
  const units = useUnits();
  const { dateOrder } = useShop();
  return (
    <li>
      <p className="flex items-baseline justify-between gap-3">
        <span>{line.what}</span>
        <DueWord dueOn={line.dueOn} />
      </p>
      {line.why !== '' && (
        <p className="text-small text-soft">{units.words(daysInWords(line.why, dateOrder))}</p>
      )}
      <Link
        href={`/job/new?${new URLSearchParams({ car: carId, says: line.what })}`}
        className={cn(buttonClass('quiet'), '-ml-4')}
      >
        Open a job
      </Link>
      {followUp && (
        <Button look="quiet" onClick={() => void onDone(followUp, line.what)}>
          Done
        </Button>
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
