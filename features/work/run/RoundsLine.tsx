'use client';

import { roundsOf, SETTLED_MM, stillFalling } from '@/core/planning/bleed/rounds';
import type { Run } from '@/core/planning/run/run';
import { useUnits } from '../../shell/useUnits';

/** The pedal round by round, each as a bar of its travel, and whether another one is worth it. */
export function RoundsLine({ run }: { run: Run }) {
  const units = useUnits();
  const rounds = roundsOf(run);
  if (rounds.length === 0) return null;
  const most = Math.max(...rounds);
  const falling = stillFalling(rounds);
  return (
    <div className="my-3 max-w-xl" role="status">
      <ol aria-label="Pedal after each round">
        {rounds.map((mm, round) => (
          <li key={round} className="grid grid-cols-[5.5rem_1fr_5rem] items-center gap-2">
            <span className="text-soft">Round {round + 1}</span>
            <i aria-hidden="true" className="h-3 bg-ink" style={{ width: `${(100 * mm) / most}%` }} />
            <b className="reading text-right font-semibold">{units.full(mm, 'mm', 0)}</b>
          </li>
        ))}
      </ol>
      {falling !== undefined && (
        <p className="font-semibold">
          {falling
            ? 'Still coming down: another round.'
            : `No more than ${units.full(SETTLED_MM, 'mm', 0)} since the last round: it has stopped.`}
        </p>
      )}
    </div>
  );
}
