'use client';

import type { Fits } from '@/core/planning/wear/forecast';
import type { LifeLeft } from '@/core/planning/wear/rotorLife';
import { figure } from '@/ui/format';
import type { PastWear } from './usePastWear';

const FITS: Record<Fits, { word: string; tone: string }> = {
  fits: { word: 'fits', tone: 'text-go' },
  perhaps: { word: 'may not fit', tone: 'text-bronze' },
  does_not: { word: 'does not fit', tone: 'text-stop' },
};

type Props = { life: LifeLeft; wear: PastWear; fits?: Fits; part: 'rotor' | 'pad'; limit?: string };

/** Longer than this nobody plans, sessions. */
const MOST_SHOWN = 200;

/** Sessions left with their interval, why it shortens, and whether the next event fits. */
export function LifeWords({ life, wear, fits, part, limit }: Props) {
  const sessions = (value: number) =>
    value > MOST_SHOWN ? `over ${MOST_SHOWN}` : figure(value, value < 10 ? 1 : 0);
  if (life.sessions <= 0)
    return (
      <p className="font-semibold text-stop">
        At its limit now{limit ? `, ${limit}` : ''}: no session left in it.
      </p>
    );
  return (
    <p>
      <b className="reading font-semibold">{sessions(life.sessions)}</b> sessions left
      {limit ? ` to ${limit}` : ''}, {sessions(life.low)} to {sessions(life.high)} four times in five
      {part === 'pad' ? '; the last half of a pad is about a third of its life' : ', by a straight line'}.
      {wear.next && fits && (
        <>
          {' '}
          {wear.next.name} ({figure(wear.next.sessions, 0)} sessions){' '}
          <b className={`font-semibold ${FITS[fits].tone}`}>{FITS[fits].word}</b>.
        </>
      )}
    </p>
  );
}
