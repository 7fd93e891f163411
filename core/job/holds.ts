import { traitsOf } from '../car/traitsOf';
import { slotOf } from '../casefile/derive';
import { type Hold, holdsOf } from '../diagnosis/holds/holds';
import { derivedAnswers, findingsOf } from './current';
import type { JobSheet, Phase, ProofRow } from './sheet';
import { standingAnswers } from './standing';

/** A hold on a job: when it was put on, and the proof that ended it, if one has. */
export type JobHold = Hold & { since: string; proof?: ProofRow };

const PHASES: readonly Phase[] = ['before', 'after'];

/**
 * The holds on a job, open ones first. A proof ends a hold that was put on before it; an answer recorded later puts
 * it on again.
 */
export function holdsOn(sheet: JobSheet): JobHold[] {
  const traits = traitsOf(sheet.car);
  const holds = new Map<string, JobHold>();
  for (const phase of PHASES) {
    const when = recordedBySlot(sheet, phase);
    for (const hold of holdsOf(findingsOf(sheet, phase).findings, traits)) {
      const since = latest(hold.because.map((finding) => when.get(slotOf(finding)) ?? sheet.job.openedAt));
      const before = holds.get(hold.id);
      holds.set(
        hold.id,
        before
          ? { ...before, because: [...before.because, ...hold.because], since: latest([before.since, since]) }
          : { ...hold, since },
      );
    }
  }
  const withProofs = [...holds.values()].map((hold): JobHold => {
    const proof = sheet.proofs.filter((each) => each.hold === hold.id && each.provedAt >= hold.since).at(-1);
    return proof ? { ...hold, proof } : hold;
  });
  return withProofs.sort(
    (left, right) => Number(left.proof !== undefined) - Number(right.proof !== undefined),
  );
}

/** Only those that still stop the car. */
export function openHolds(sheet: JobSheet): JobHold[] {
  return holdsOn(sheet).filter((hold) => hold.proof === undefined);
}

function recordedBySlot(sheet: JobSheet, phase: Phase): Map<string, string> {
  const rows = [
    ...derivedAnswers(sheet.readings, phase),
    ...standingAnswers(sheet.answers, phase).map((row) => ({
      id: row.finding,
      state: row.state!,
      ...(row.place === '' ? {} : { place: row.place }),
      recordedAt: row.recordedAt,
    })),
  ];
  return new Map(rows.map((row) => [slotOf(row), row.recordedAt]));
}

function latest(times: readonly string[]): string {
  return [...times].sort().at(-1)!;
}
