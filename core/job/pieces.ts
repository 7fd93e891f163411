import { AXLES, axleOf, cornersOf, type Place } from '../car/corner';
import type { HoldId } from '../diagnosis/holds/holds';
import type { GivenFinding } from '../readings/given';
import type { FindingId } from '../readings/vocabulary/findings';
import type { ProofRow } from './sheet';

/** One piece of what ends a hold, and how it stands. */
export type Evidence = {
  finding: FindingId;
  place?: Place;
  /** The states that count. */
  wants: readonly string[];
  /** It was measured before: only a reading speaks for it now. */
  measured: boolean;
  state?: string;
  at?: string;
  status: 'missing' | 'wrong' | 'implied' | 'stale' | 'good';
};

/** A hold on a job: when it was put on, what ends it, and who signed for that, if anybody has. */
export type JobHold = {
  id: HoldId | 'left_apart';
  label: string;
  until: string;
  because: GivenFinding[];
  since: string;
  evidence: Evidence[];
  /** The work it comes from, when it is not an answer. */
  workId?: string;
  proof?: ProofRow;
};

/** Whether all the evidence is there: then it only wants signing. */
export function isComplete({ evidence }: Pick<JobHold, 'evidence'>): boolean {
  return evidence.length > 0 && evidence.every(({ status }) => status === 'good');
}

/** The pieces of several holds, each once: of the car first, then by axle. Wanted by two, it stands as the stricter sees it. */
export function evidenceTogether(holds: readonly { evidence: readonly Evidence[] }[]): Evidence[] {
  const pieces = new Map<string, Evidence>();
  for (const piece of holds.flatMap(({ evidence }) => evidence)) {
    const slot = pieceSlot(piece);
    if ((pieces.get(slot)?.status ?? 'good') === 'good') pieces.set(slot, piece);
  }
  return [...pieces.values()].sort(
    (one, other) => axleOrder(one.place) - axleOrder(other.place) || one.finding.localeCompare(other.finding),
  );
}

/** A piece of evidence as what can have one answer. */
export function pieceSlot({ finding, place }: Pick<Evidence, 'finding' | 'place'>): string {
  return `${finding} ${place ?? ''}`;
}

function axleOrder(place: Place | undefined): number {
  return place === undefined ? 0 : 1 + AXLES.indexOf(axleOf(cornersOf(place)[0]!));
}
