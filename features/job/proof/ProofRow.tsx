'use client';

import type { ProofCheck } from '@/core/job/proof';
import { findingOf } from '@/core/readings/vocabulary/findings';
import { stateInSentence } from '@/core/readings/vocabulary/words';
import { Button } from '@/ui/Button';
import { Timer } from '@/ui/Timer';
import { FindingRow } from '../../record/FindingRow';
import { useJob } from '../../record/JobProvider';

const CHANGES: Record<ProofCheck['change'], { word: string; tone: string }> = {
  not_yet: { word: 'not yet', tone: 'text-soft' },
  came_right: { word: 'came right', tone: 'text-go' },
  was_right: { word: 'right, as before', tone: 'text-go' },
  right_now: { word: 'right', tone: 'text-go' },
  still_wrong: { word: 'still wrong', tone: 'text-stop' },
  went_wrong: { word: 'wrong now', tone: 'text-stop' },
};

const FROM: Record<NonNullable<ProofCheck['from']>, string> = {
  asked: 'asked',
  measured: 'measured',
  implied: 'from the run, to be confirmed',
};

function comesFrom({ stale, from, out }: ProofCheck): string {
  if (stale) return out ? 'said before the last drive' : 'said before the system was touched again';
  return from ? FROM[from] : '';
}

/** One check again, after beside before. */
export function ProofRow({ check }: { check: ProofCheck }) {
  const { closed, confirm } = useJob();
  const { finding, place, before, after, change } = check;
  const { minutes } = findingOf(finding);
  return (
    <FindingRow
      finding={finding}
      phase="after"
      place={place}
      about={
        <>
          Before:{' '}
          <b className="font-semibold text-ink">
            {before ? stateInSentence(finding, before) : 'not checked'}
          </b>
          {' · '}
          <b className={`font-semibold ${CHANGES[change].tone}`}>{CHANGES[change].word}</b>
          {after && ` · ${comesFrom(check)}`}
          {minutes !== undefined && ` · ${minutes} min`}
        </>
      }
    >
      {!closed && (check.stale || check.from === 'implied') && (
        <Button className="mt-2" onClick={() => confirm(finding, place, after!)}>
          It is so now
        </Button>
      )}
      {finding === 'pedal_hold' && !closed && (
        <div className="mt-2">
          <Timer seconds={30} label="Time 30 s" />
        </div>
      )}
    </FindingRow>
  );
}
