'use client';

import type { Corner } from '@/core/car/corner';
import type { FindingId } from '@/core/diagnosis/vocabulary/findings';
import { stateWord } from '@/core/diagnosis/vocabulary/words';
import { useDesk } from '../desk/Desk';

/** What a reading makes of this check, and who wins when the hand said otherwise. */
export function DerivedNote({ finding, corner }: { finding: FindingId; corner?: Corner }) {
  const { judgement, stateOf } = useDesk();
  const derived = judgement.derived.before.find(
    (each) => each.id === finding && (each.place ?? undefined) === corner,
  );
  if (!derived) return null;
  const byHand = stateOf('before', finding, corner);
  return (
    <p className="mt-1 text-[0.9375rem]">
      The {derived.from} reading says <b>{stateWord(finding, derived.state).toLowerCase()}</b>.
      {byHand !== '' && byHand !== derived.state && ' The answer given by hand stands instead.'}
    </p>
  );
}
