'use client';

import type { TableSays } from '@/server/readings/takeIn';
import { Button } from '@/ui/Button';
import { figure } from '@/ui/format';
import { Tick } from '@/ui/Tick';
import { IssueList, RefusalBox } from '../../../shell/RefusalBox';
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
  if (stage.is === 'refused') return <RefusalBox refusal={stage.refusal} />;
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
          <IssueList issues={says.issues} />
          <Tick checked={leaveOut} onChange={onLeaveOut}>
            Leave {lines} out and take the rest
          </Tick>
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
      <progress
        className="h-4 w-72 accent-(--ink)"
        max={Math.max(1, of)}
        value={done}
        aria-label="Taken in"
      />
      <span className="reading">
        {figure(done, 0)} of {of === 0 ? '…' : figure(of, 0)}
      </span>
      <Button look="stop" onClick={onEnd}>
        Stop it, and keep nothing of it
      </Button>
    </div>
  );
}
