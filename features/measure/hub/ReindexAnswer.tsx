'use client';

import { SOURCE_WORDS } from '@/core/car/limits/sources';
import type { ReindexResult } from '@/core/readings/hub/reindex';
import { figure } from '@/ui/format';
import { ReindexPicture } from '@/ui/ReindexPicture';
import { useUnits } from '../../shell/useUnits';

/** Which stud to turn to and what it will read, or why it will not help. */
export function ReindexAnswer({ result, studs }: { result: ReindexResult; studs: number }) {
  const { full } = useUnits();
  const hubLimit = result.limits.find((each) => each.name === 'hubLimitMm')!;
  const limit = result.limits.find((each) => each.name === 'limitMm')!;
  const over = result.states.hub_runout === 'high';
  return (
    <div className="grid gap-2">
      <p>
        Hub face <b className="reading font-semibold">{full(result.hubMm, 'mm', 3)}</b>
        {', '}
        <b className={over ? 'font-semibold text-stop' : 'font-semibold text-go'}>
          {over
            ? `${full(result.hubMm - hubLimit.value, 'mm', 3)} over ${full(hubLimit.value, 'mm', 3)}`
            : `inside ${full(hubLimit.value, 'mm', 3)}`}
        </b>{' '}
        <span className="text-soft">({SOURCE_WORDS[hubLimit.from]})</span>, high at{' '}
        {figure(result.hubHighDeg, 0)}°.
      </p>
      {result.positions ? (
        <div className="grid gap-x-5 sm:grid-cols-[minmax(0,20rem)_1fr]">
          <ReindexPicture
            studs={studs}
            best={result.best!}
            limitMm={limit.value}
            positions={result.positions}
            show={(mm) => full(mm, 'mm', 3)}
            className="w-full max-w-80"
          />
          <div>
            <p className="text-xl font-semibold">{verdictOf(result, studs)}</p>
            <p className="text-soft">
              The rotor’s own runout is {full(result.rotorOwn!.peakToPeakMm, 'mm', 3)}, the hub’s grows to{' '}
              {full(result.hubAtRotorMm!, 'mm', 3)} at the dial. Limit {full(limit.value, 'mm', 3)},{' '}
              {SOURCE_WORDS[limit.from]}.
            </p>
            <ol className="reading mt-2">
              {result.positions.map(({ k, peakToPeakMm }) => (
                <li key={k} className={k === result.best ? 'font-semibold' : ''}>
                  {k === 0 ? 'as it is' : `${k} on`}: {full(peakToPeakMm, 'mm', 3)}
                  {k === result.best ? ' ← lowest' : ''}
                </li>
              ))}
            </ol>
          </div>
        </div>
      ) : (
        <p className="text-soft">Read the mounted rotor too, and this says which stud to turn it to.</p>
      )}
    </div>
  );
}

function verdictOf({ best, insideLimit }: ReindexResult, studs: number): string {
  if (best === 0)
    return insideLimit
      ? 'It sits best as it is, inside the limit.'
      : 'It sits best as it is, and that is not inside: machine it, shim the hub, or replace.';
  const turn = `Turn the rotor ${best} stud${best === 1 ? '' : 's'} on: its stud-1 hole to stud ${(best! % studs) + 1}.`;
  return insideLimit ? turn : `${turn} Better, but not inside: machine, shim or replace as well.`;
}
