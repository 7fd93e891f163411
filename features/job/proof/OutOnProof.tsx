'use client';

import { useEffect, useRef } from 'react';
import { pieceSlot } from '@/core/job/pieces';
import type { ProofCheck } from '@/core/job/proof';
import { findingOf } from '@/core/readings/vocabulary/findings';
import { Button } from '@/ui/Button';
import { room } from '../../measure/room';
import { Driven } from '../../record/Driven';
import { useJob } from '../../record/JobProvider';
import { later } from '../../shell/later';
import { ProofRow } from './ProofRow';

// Neither is wanted before the checks at rest above are done.
const parts = () => import('./outParts');
const SendOut = later(() => parts().then((module) => module.SendOut), room('min-h-102 sm:min-h-77'));
const Away = later(() => parts().then((module) => module.Away), room('min-h-96 sm:min-h-64'));

/** The second half of a proof: driven as the complaint was, back, and what was complained of asked again. */
export function OutOnProof() {
  const { sheet, judgement, closed } = useJob();
  const { out } = judgement;
  const { state } = out;
  const again = judgement.proof.filter((check) => check.out);
  const part = useRef<HTMLElement>(null);
  const was = useRef(state);
  // What was pressed goes with its state: the focus stays in this part of the page, at what comes next.
  useEffect(() => {
    if (was.current !== state) part.current?.focus();
    was.current = state;
  }, [state]);
  if (state === 'not_asked' || (closed && sheet.proofDrives.length === 0)) return null;
  return (
    <section
      ref={part}
      tabIndex={-1}
      aria-label="Out on proof"
      className="mt-6 border-t-2 border-ink pt-3 focus:outline-none"
    >
      <h3 className="text-xl">Out on proof</h3>
      {state === 'wanted' && !closed && <SendOut driven={sheet.proofDrives.length > 0} />}
      {out.state === 'out' && <Away drive={out.drive} />}
      {sheet.proofDrives
        .filter((each) => each.back)
        .map((each) => (
          <Driven key={each.id} drive={each} counts={out.state === 'back' && each.id === out.drive.id} />
        ))}
      {state === 'back' && (
        <>
          <AllGone again={again} />
          <ul className="mt-2 border-t border-rule">
            {again.map((check) => (
              <ProofRow key={pieceSlot(check)} check={check} />
            ))}
          </ul>
          {!closed && again.some(({ change }) => change === 'still_wrong') && <SendOut driven />}
        </>
      )}
    </section>
  );
}

/** One press where everything stayed away. */
function AllGone({ again }: { again: readonly ProofCheck[] }) {
  const { answer, confirm, stateOf, closed } = useJob();
  const open = again.filter(({ change }) => change === 'not_yet');
  if (closed || open.length < 2) return null;
  const gone = () => {
    for (const { finding, place, before } of open) {
      const state = findingOf(finding).states[0];
      if (stateOf('after', finding, place) === state) confirm(finding, place, state);
      else if (before !== undefined) answer('after', finding, place, state);
    }
  };
  return (
    <Button className="mt-2" onClick={gone}>
      None of it came back
    </Button>
  );
}
