'use client';

import { useEffect } from 'react';
import { placeFrom } from '@/core/diagnosis/verdict';
import type { Suggestion } from '@/core/diagnosis/words/words';
import { applies } from '@/core/readings/applies';
import type { GivenFinding } from '@/core/readings/given';
import { afterPress, statesIn } from '@/core/readings/vocabulary/several';
import { useJob } from '../../record/JobProvider';
import { isTyping } from '../../shell/useShortcuts';
import { useUnits } from '../../shell/useUnits';
import { conditionsSaid, meant, sensible } from './heardWords';
import { type Read, useHeard } from './useHeard';

/** So many answers at once are worth a key of their own. */
const ALL_FROM = 3;

type Props = {
  text: string;
  /** What was read of it before the page came: what is below it does not move when it is read here. */
  first?: Read;
  given: readonly GivenFinding[];
};

/**
 * What the driver's words suggest, read as they are typed: keys to press, each with the words it came from. Only what
 * this car has, and what makes sense after what was answered or said beside it.
 */
export function Heard({ text, first, given }: Props) {
  const units = useUnits();
  const { sheet, stateOf, answer, closed } = useJob();
  const read = useHeard(text, first);
  const open = sensible(read?.heard.suggestions ?? [], given).filter(
    (said) =>
      applies(said.finding, sheet.car, placeFrom(said)) &&
      !statesIn(stateOf('before', said.finding, placeFrom(said))).includes(said.state),
  );
  const take = (said: Suggestion) => {
    const place = placeFrom(said);
    answer(
      'before',
      said.finding,
      place,
      afterPress(said.finding, stateOf('before', said.finding, place), said.state),
    );
  };
  useFirstByKey(closed ? undefined : open[0], take);
  if (!read || closed) return null;
  const { conditions } = read.heard;
  if (open.length === 0) return null;
  const when = conditionsSaid(conditions, units);
  return (
    <section aria-label="Heard in the words" className="mt-2">
      <p className="text-small text-soft">
        In those words{when && ` (${when})`}: press what is meant
        {open.length >= ALL_FROM && (
          <>
            {', or '}
            <button
              type="button"
              onClick={() => open.forEach(take)}
              className="min-h-11 font-semibold text-ink underline underline-offset-4"
            >
              all {open.length}
            </button>
          </>
        )}
      </p>
      <ul className="mt-1 flex flex-wrap gap-2">
        {open.map((each) => (
          <li key={meant(each)}>
            <button
              type="button"
              data-stop=""
              onClick={() => take(each)}
              className="min-h-12 border-2 border-dashed border-ink px-3 py-1 text-left hover:bg-straw-wash"
            >
              <b className="font-semibold">{meant(each)}</b>{' '}
              <span className="text-soft">“{read.text.slice(each.from, each.to)}”</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The key h takes the first of what was heard. */
function useFirstByKey(first: Suggestion | undefined, take: (heard: Suggestion) => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== 'h' || !first || isTyping(event)) return;
      event.preventDefault();
      take(first);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}
