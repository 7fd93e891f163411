'use client';

import { useEffect, useState } from 'react';
import { inSentence } from '@/core/base/sentence';
import { causeLabel } from '@/core/diagnosis/labels';
import type { WhatIf } from '@/core/diagnosis/sensitivity/whatIf';
import type { GivenFinding } from '@/core/readings/given';
import { findingOf } from '@/core/readings/vocabulary/findings';
import { stateWord } from '@/core/readings/vocabulary/words';
import { cn } from '@/ui/cn';
import { percent } from '@/ui/format';
import { Sheet } from '@/ui/Sheet';
import { useJob } from '../../record/JobProvider';
import { whatIfAway } from '../../record/judge';

/** The ranking without an answer, and with every other one it could have had. */
export function WhatIfSheet({ given, onClose }: { given: GivenFinding; onClose: () => void }) {
  const { sheet } = useJob();
  const [cases, setCases] = useState<WhatIf[]>();
  const { id, state, place } = given;
  useEffect(() => {
    let wanted = true;
    whatIfAway(sheet, { id, state, ...(place ? { place } : {}) }).then(
      (found) => wanted && setCases(found),
      () => undefined,
    );
    return () => {
      wanted = false;
    };
  }, [sheet, id, state, place]);
  return (
    <Sheet
      open
      onOpenChange={(open) => !open && onClose()}
      title={`What if: ${[inSentence(findingOf(id).label), place].filter(Boolean).join(' ')}`}
      about="Nothing is changed: this is what the verdict would be."
    >
      {!cases && <p role="status">Working it out …</p>}
      <div className="grid gap-4 sm:grid-cols-2">
        {cases?.map((each) => (
          <section
            key={each.state ?? 'without'}
            className={cn('border-t-4 pt-1', each.now ? 'border-straw' : 'border-ink')}
          >
            <h3 className="text-lg">
              {each.state === null ? 'Without it' : stateWord(id, each.state)}{' '}
              {each.now && <span className="ml-1 text-base font-medium text-soft">as it stands</span>}
            </h3>
            <ol>
              {each.leaders.map((cause) => (
                <li key={cause.id} className="flex gap-3">
                  <span className="reading w-14 shrink-0 text-right font-semibold">
                    {percent(cause.probability)}
                  </span>
                  <span>
                    {causeLabel(cause.id)} {cause.corner}
                  </span>
                </li>
              ))}
              <li className="flex gap-3 text-soft">
                <span className="reading w-14 shrink-0 text-right">{percent(each.unlisted)}</span> Something
                not listed
              </li>
            </ol>
          </section>
        ))}
      </div>
    </Sheet>
  );
}
