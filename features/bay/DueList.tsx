'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { DueLine } from '@/server/bay/queries';
import { Button } from '@/ui/Button';
import { shortDate } from '@/ui/format';
import { request } from '../shell/request';
import { useShop } from '../shell/ShopContext';

const DAY_MS = 86_400_000;

/** What falls due within a month, or already has. */
export function DueList({ due }: { due: readonly DueLine[] }) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const router = useRouter();
  const finish = async (line: DueLine) => {
    const reply = await request('PATCH', `/api/follow-ups/${line.followUp!.id}`, {
      version: line.followUp!.version,
    });
    setTrouble(reply.ok ? null : reply.refusal.message);
    router.refresh();
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
        {due.map((line) => (
          <li key={`${line.carId} ${line.followUp?.id ?? line.what}`} className="border-b border-rule py-2">
            <p className="flex items-baseline justify-between gap-3">
              <b className="font-semibold">{line.what}</b>
              <DueWord dueOn={line.dueOn} />
            </p>
            <p className="text-[0.9375rem] text-soft">
              <Link href={`/car/${line.carId}`} className="underline underline-offset-4">
                {line.carName}
              </Link>
              . {line.why}
            </p>
            {line.followUp && (
              <Button look="quiet" className="-ml-4" onClick={() => void finish(line)}>
                Done
              </Button>
            )}
          </li>
        ))}
        {due.length === 0 && <li className="py-2 text-soft">Nothing within a month.</li>}
      </ul>
    </section>
  );
}

function DueWord({ dueOn }: { dueOn: string | null }) {
  const shop = useShop();
  if (dueOn === null) return <span className="shrink-0 text-bronze">not known</span>;
  const days = Math.round((Date.parse(dueOn) - Date.parse(shop.today)) / DAY_MS);
  const word = days < 0 ? `${-days} d over` : days === 0 ? 'today' : `in ${days} d`;
  return (
    <time
      dateTime={dueOn}
      title={shortDate(dueOn, 'UTC')}
      className={`reading shrink-0 font-semibold ${days < 0 ? 'text-stop' : 'text-bronze'}`}
    >
      {word}
    </time>
  );
}
