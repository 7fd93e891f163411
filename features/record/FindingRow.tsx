'use client';

import { memo, type ReactNode } from 'react';
import type { Place } from '@/core/car/corner';
import type { Phase } from '@/core/readings/phase';
import { type FindingId, findingOf } from '@/core/readings/vocabulary/findings';
import { cn } from '@/ui/cn';
import { AlsoHere } from './AlsoHere';
import { FindingKeys } from './FindingKeys';
import { isClosed, useCommands, useOfJob, useSaid } from './JobProvider';

type Props = {
  finding: FindingId;
  phase?: Phase;
  place?: Place;
  about?: ReactNode;
  children?: ReactNode;
  id?: string;
  marked?: boolean;
  /** Whether it can be answered by key; a reading alone speaks for it otherwise. */
  asked?: boolean;
};

/**
 * One question with its states as keys: label and what it means on the left, the keys on the right. A page has many: each
 * is drawn anew when its own answer changes.
 */
export const FindingRow = memo(function FindingRow({
  finding,
  phase = 'before',
  place,
  about,
  children,
  id,
  marked,
  asked = true,
}: Props) {
  const { answer } = useCommands();
  const closed = useOfJob(isClosed);
  const { label, ask } = findingOf(finding);
  const said = useSaid(phase, finding, place);
  // What a reading says stands pressed as well, until somebody says otherwise.
  const measured = useOfJob(
    ({ judgement }) =>
      judgement.derived[phase].find((each) => each.id === finding && each.place === place)?.state,
  );
  return (
    <li
      id={id}
      tabIndex={id ? -1 : undefined}
      className={cn(
        'scroll-mt-2 border-b border-rule py-2 focus-visible:outline-offset-0',
        marked && 'border-l-[6px] border-l-straw pl-3',
      )}
    >
      <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1.5">
        <div className="min-w-52 flex-1">
          <p className="font-semibold">
            {label}
            {place && <span className="ml-1.5 font-bold">{place}</span>}
          </p>
          {said === '' && measured && (
            <p className="text-small font-semibold text-bronze">From the reading</p>
          )}
          <AlsoHere at={place ? `${label}, ${place}` : label} />
          {(about ?? ask) && <p className="text-small text-soft">{about ?? ask}</p>}
        </div>
        {asked && (
          <FindingKeys
            label={place ? `${label}, ${place}` : label}
            finding={finding}
            said={said === '' ? (measured ?? '') : said}
            disabled={closed}
            onAnswer={(state) => answer(phase, finding, place, state)}
          />
        )}
      </div>
      {children}
    </li>
  );
});
