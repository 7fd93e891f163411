'use client';

import type { LineIssue } from '@/core/exchange/readings/read';
import type { TableSays } from '@/server/readings/takeIn';
import { Button } from '@/ui/Button';
import { figure } from '@/ui/format';
import type { Stage } from './useTakeIn';

type Props = {
  stage: Stage;
  leaveOut: boolean;
  onLeaveOut: (leaveOut: boolean) => void;
  onTake: () => void;
  onEnd: () => void;
};

/** What a table would come to, how far it is, what it came to, or why it was not taken. */
export function TableSaid({ stage, leaveOut, onLeaveOut, onTake, onEnd }: Props) {
  if (stage.is === 'open') return null;
  if (stage.is === 'looking') return <p className="mt-4">Looking it over …</p>;
  if (stage.is === 'taking') return <Taking {...stage} onEnd={onEnd} />;
  if (stage.is === 'refused')
    return (
      <div role="alert" className="mt-4 border-l-[6px] border-stop bg-stop-wash p-3">
        <p className="font-semibold text-stop">{stage.refusal.message} Nothing was taken.</p>
        <Issues issues={(stage.refusal.issues ?? []) as LineIssue[]} />
      </div>
    );
  const { says } = stage;
  if (stage.is === 'taken')
    return (
      <p role="status" className="mt-4 border-l-[6px] border-go p-3 text-lg font-semibold">
        {said(says)} taken in{says.known > 0 && `, ${says.known} of them on file already`}.
      </p>
    );
  const lines = says.refusedLines === 1 ? '1 line' : `${says.refusedLines} lines`;
  return (
    <div className="mt-4">
      <p role="status" className="text-lg font-semibold">
        {said(says)}
        {says.refusedLines > 0 &&
          `; ${lines} cannot be taken as ${says.refusedLines === 1 ? 'it is' : 'they are'}`}
        .
      </p>
      {says.refusedLines > 0 && (
        <>
          <Issues issues={says.issues} />
          <label className="flex min-h-11 items-center gap-3">
            <input
              type="checkbox"
              className="size-5 accent-ink"
              checked={leaveOut}
              onChange={(event) => onLeaveOut(event.target.checked)}
            />
            Leave {lines} out and take the rest
          </label>
        </>
      )}
      <Button
        look="primary"
        className="mt-2"
        disabled={says.readings === 0 || (says.refusedLines > 0 && !leaveOut)}
        onClick={onTake}
      >
        Take {figure(says.readings, 0)} {says.readings === 1 ? 'reading' : 'readings'} in
      </Button>
    </div>
  );
}

function said({ readings, days, cars }: TableSays): string {
  const many = (count: number, what: string) => `${figure(count, 0)} ${what}${count === 1 ? '' : 's'}`;
  return `${many(readings, 'reading')} of ${many(days, 'day')} on ${many(cars, 'car')}`;
}

function Taking({ done, of, onEnd }: { done: number; of: number; onEnd: () => void }) {
  return (
    <div className="mt-4 flex flex-wrap items-center gap-4">
      <progress className="h-4 w-72 accent-ink" max={Math.max(1, of)} value={done} aria-label="Taken in" />
      <span className="reading">
        {figure(done, 0)} of {of === 0 ? '…' : figure(of, 0)}
      </span>
      <Button look="stop" onClick={onEnd}>
        Stop it, and keep nothing of it
      </Button>
    </div>
  );
}

function Issues({ issues }: { issues: readonly LineIssue[] }) {
  return (
    <ul className="my-2 max-h-72 list-disc overflow-y-auto pl-5">
      {issues.map(({ line, path, value, accepted }) => (
        <li key={`${line} ${path} ${value}`}>
          {line !== undefined && <b className="reading">line {line}: </b>}
          {path} is {value}: {accepted}
        </li>
      ))}
    </ul>
  );
}
