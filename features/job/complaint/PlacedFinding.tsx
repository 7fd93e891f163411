'use client';

import { useState } from 'react';
import { asSentence } from '@/core/base/sentence';
import { AXLES, CORNERS, type Place, speaksFor } from '@/core/car/corner';
import { isOfOnePlace } from '@/core/diagnosis/usable';
import { type FindingId, findingOf } from '@/core/readings/vocabulary/findings';
import { cn } from '@/ui/cn';
import { FindingRow } from '../../record/FindingRow';
import { useSettledJob } from '../../record/JobProvider';

type Where = { value: Place | undefined; label: string };

/** Where a complaint may be told of, widest first: the driver knows the wheel, or only the end of the car, or neither. */
const ENDS: readonly Where[] = [
  { value: undefined, label: 'Not known where' },
  ...AXLES.map((axle) => ({ value: axle, label: asSentence(axle) })),
];
const WHEELS: readonly Where[] = CORNERS.map((corner) => ({ value: corner, label: corner }));

/** A complaint that may belong to a wheel or to one end of the car, or what was done at one end. */
export function PlacedFinding({ finding, marked }: { finding: FindingId; marked: boolean }) {
  const { stateOf, answer, closed } = useSettledJob();
  const stateAt = (place: Place | undefined) => stateOf('before', finding, place);
  const answered = [...CORNERS, ...AXLES].filter((place) => stateAt(place) !== '');
  const [chosen, setChosen] = useState<Where>();
  const place = chosen ? chosen.value : answered[0];

  /** Whoever names the wheel of what was said already says it once: the answer goes there. */
  const choose = (where: Where) => {
    setChosen(where);
    if (closed || where.value === undefined || stateAt(where.value) !== '') return;
    const wider = ENDS.find(
      ({ value }) =>
        value !== where.value &&
        speaksFor(value, where.value) &&
        stateAt(value) !== '' &&
        isOfOnePlace(finding, stateAt(value)),
    );
    if (!wider) return;
    answer('before', finding, where.value, stateAt(wider.value));
    answer('before', finding, wider.value, null);
  };

  return (
    <FindingRow finding={finding} place={place} id={`ask-${finding}`} marked={marked}>
      <fieldset className="mt-1.5 flex flex-wrap items-center gap-1">
        <legend className="sr-only">{findingOf(finding).label}: where</legend>
        {(findingOf(finding).place === 'axle' ? [ENDS] : [ENDS, WHEELS]).map((row) => (
          <div key={row[0]!.label} className="flex gap-1">
            {row.map((where) => (
              <label
                key={where.label}
                className={cn(
                  'flex min-h-11 min-w-11 cursor-pointer items-center justify-center border px-3 has-focus-visible:outline-3',
                  place === where.value ? 'border-ink bg-straw-wash font-semibold' : 'border-rule',
                  stateAt(where.value) !== '' && where.value && 'underline decoration-2 underline-offset-4',
                )}
              >
                <input
                  type="radio"
                  className="sr-only"
                  name={`where-${finding}`}
                  checked={place === where.value}
                  onChange={() => choose(where)}
                />
                {where.label}
              </label>
            ))}
          </div>
        ))}
      </fieldset>
    </FindingRow>
  );
}
