'use client';

import { Sheet } from '@/ui/Sheet';
import { GO_KEYS, OTHER_KEYS, STAGE_KEYS } from '../shell/shortcuts';

/** What the keys do, and how a job goes. */
export function HelpSheet({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
  return (
    <Sheet title="Keys, and how a job goes" open={open} onOpenChange={onOpenChange}>
      <p className="mb-4">
        Complaint, checks, verdict, work, proof: in that order, never locked. The rail beside them says what
        it is likely to be and which check is worth its minutes next. A hold ends by its evidence after the
        work, and a name under it.
      </p>
      <div className="grid gap-x-8 desk:grid-cols-2">
        <Keys title="Go to" rows={GO_KEYS.map((row) => [row.keys, row.does])} />
        <Keys title="In a job" rows={STAGE_KEYS.map((row) => [row.key, row.does])} />
      </div>
      <Keys title="Everywhere" rows={OTHER_KEYS.map((row) => [row.keys, row.does])} />
      <p className="mt-4 text-soft">
        The car maker, local law and licensed practice come before this tool. It never calls a car safe: it
        says what was measured, against what, by whom.
      </p>
    </Sheet>
  );
}

function Keys({ title, rows }: { title: string; rows: (readonly [string, string])[] }) {
  return (
    <section className="mb-3">
      <h3 className="mb-1 border-b-2 border-ink text-lg">{title}</h3>
      <dl className="grid grid-cols-[5.5rem_1fr] gap-y-1">
        {rows.map(([keys, does]) => (
          <div key={keys} className="contents">
            <dt className="reading font-semibold">{keys}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
