'use client';

import { useUnits } from '../../shell/useUnits';
import { conditionsSaid, meant, sensible } from './heardWords';
import { useHeard } from './useHeard';

/** What is understood while the line is typed that opens a job; none of it is an answer before the job is there and it is pressed. */
export function HeardSoFar({ text }: { text: string }) {
  const units = useUnits();
  const read = useHeard(text);
  if (!read) return null;
  const open = sensible(read.heard.suggestions);
  if (open.length === 0) return null;
  const said = conditionsSaid(read.heard.conditions, units);
  return (
    <section aria-label="Heard so far" className="mt-2">
      <p className="text-small text-soft">
        Heard so far{said && ` (${said})`}: to be pressed, each with its words, once the job is open
      </p>
      <ul className="mt-1 flex flex-wrap gap-x-4 gap-y-1">
        {open.map((each) => (
          <li key={meant(each)}>
            <b className="font-semibold">{meant(each)}</b>{' '}
            <span className="text-soft">“{read.text.slice(each.from, each.to)}”</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
