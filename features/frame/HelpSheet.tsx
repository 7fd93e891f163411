'use client';

import { Sheet } from '@/ui/Sheet';
import { GO_KEYS, STAGE_KEYS } from '../shell/shortcuts';

/** Keys that are listened to where they work. */
const OTHER_KEYS = [
  { keys: '. ,', does: 'To the next question, to the one before; in a field with Ctrl' },
  { keys: 'Ctrl Enter', does: 'Press the loud key: take the reading, start, close' },
  { keys: 'h', does: 'At the complaint: take the first of what was heard in the words' },
  { keys: 'n', does: 'In a job: to the check worth doing next' },
  { keys: '1 … 9', does: 'On a row of choices, or at a check of a run: press that one' },
  { keys: '← →', does: 'On a row of choices: move along it' },
  { keys: 'Enter', does: 'In a run: this is done, the next step' },
  { keys: 't o', does: 'In a run: start its clock; timed by another clock' },
  { keys: 'f', does: 'Find anything: from a field with Ctrl K' },
  { keys: '/', does: 'In the ledger: to the search' },
  { keys: '?', does: 'This sheet' },
  { keys: 'Esc', does: 'Close what lies over the page; leave a field, so that keys are keys again' },
] as const;

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
      <dl className="grid grid-cols-[6.5rem_1fr] gap-y-1">
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
