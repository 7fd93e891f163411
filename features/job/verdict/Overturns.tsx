'use client';

import { useEffect, useState } from 'react';
import { inSentence } from '@/core/base/sentence';
import { causeLabel } from '@/core/diagnosis/labels';
import type { Overturn } from '@/core/diagnosis/sensitivity/overturn';
import { findingOf } from '@/core/readings/vocabulary/findings';
import { stateInSentence } from '@/core/readings/vocabulary/words';
import { percent } from '@/ui/format';
import { useJob } from '../../record/JobProvider';
import { overturnsAway } from '../../record/judge';

/** What would have to be true for the verdict to be wrong. */
export function Overturns() {
  const { sheet, judgement } = useJob();
  const [found, setFound] = useState<Overturn[]>();
  useEffect(() => {
    let wanted = true;
    overturnsAway(sheet).then(
      (each) => wanted && setFound(each),
      () => undefined,
    );
    return () => {
      wanted = false;
    };
  }, [sheet]);
  const first = judgement.verdict.causes[0];
  if (!found || !first) return null;
  const name = inSentence(causeLabel(first.id));
  return (
    <section className="mt-4" aria-label="What would have to be true for it to be wrong">
      <h3 className="text-xl">For it to be wrong</h3>
      {found.length === 0 ? (
        <p>
          No single answer carries it: two or more would have to be mistaken for anything but {name} to come
          first, or it is something not listed.
        </p>
      ) : (
        <ul>
          {found.map(({ given, leader, probability }) => (
            <li key={`${given.id} ${given.place ?? ''}`}>
              <b className="font-semibold">
                {[findingOf(given.id).label, given.place].filter(Boolean).join(' ')}:{' '}
                {stateInSentence(given.id, given.state)}
              </b>{' '}
              would have to be mistaken; without it {inSentence(causeLabel(leader))} leads at{' '}
              {percent(probability)}.
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
