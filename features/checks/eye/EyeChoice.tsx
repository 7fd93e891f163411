'use client';

import type { Place } from '@/core/car/corner';
import { type FindingId, findingOf } from '@/core/readings/vocabulary/findings';
import { afterPress, statesIn, takesMore } from '@/core/readings/vocabulary/several';
import { stateWord } from '@/core/readings/vocabulary/words';
import { cn } from '@/ui/cn';
import { useJob } from '../../record/JobProvider';
import { PICTURES } from './pictures';

type Props = { finding: FindingId; place?: Place; onAnswer?: () => void };

/** The states of a check as drawings to press, each with the test that tells it from its neighbour. */
export function EyeChoice({ finding, place, onAnswer }: Props) {
  const { stateOf, answer, closed } = useJob();
  const pictures = PICTURES[finding];
  if (!pictures) return null;
  const said = stateOf('before', finding, place);
  const { states, looks } = findingOf(finding);
  return (
    <ul className="grid grid-cols-2 gap-2 sm:grid-cols-3">
      {states.map((state) => {
        const pressed = statesIn(said).includes(state);
        return (
          <li key={state}>
            <button
              type="button"
              aria-pressed={pressed}
              disabled={closed}
              onClick={() => {
                answer('before', finding, place, afterPress(finding, said, state));
                // Where several can hold, the next may be to follow.
                if (!pressed && !takesMore(finding, state)) onAnswer?.();
              }}
              className={cn(
                'flex h-full w-full flex-col items-center gap-1 border-2 bg-card p-2 text-center hover:bg-straw-wash',
                pressed ? 'border-ink bg-straw-wash' : 'border-rule',
              )}
            >
              <svg viewBox="0 0 96 80" aria-hidden="true" className="w-28">
                {pictures[state]}
              </svg>
              <b className="font-semibold">{stateWord(finding, state)}</b>
              <span className="text-small text-soft">{looks?.[state]}</span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}

/** Whether a check has drawings. */
export function hasPictures(finding: FindingId): boolean {
  return PICTURES[finding] !== undefined;
}
