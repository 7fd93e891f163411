import { traitsOf } from '../car/traitsOf';
import { type HoldId, holdsOf } from '../diagnosis/holds/holds';
import { leftApart } from '../planning/run/leftUndone';
import { LEFT_UNDONE, ticksOf } from '../planning/run/run';
import type { GivenFinding } from '../readings/given';
import { mergeFindings, slotOf } from '../readings/merged';
import type { Phase } from '../readings/phase';
import { derivedAnswers, findingsOf } from './current';
import { evidenceFor } from './evidence';
import { oncePerSheet } from './oncePerSheet';
import { isComplete, type JobHold } from './pieces';
import type { JobSheet } from './sheet';
import { lastingAnswers } from './slips';
import { givenFrom, standingAnswers } from './standing';

/** A car that a work was left undone on, with wheels off, a line open or no pedal. */
const LEFT_APART = {
  label: 'Work left undone, the car apart',
  until: 'the work taken up again, or the car whole: wheels on, lines closed, pedal hard',
} as const;

/**
 * Holds that a better answer after the work ends by itself: between the rounds of a bleed the pedal is soft as a matter
 * of course, and no job closes without a firm one.
 */
const PASSING: ReadonlySet<HoldId> = new Set(['pedal_not_firm']);

const PHASES: readonly Phase[] = ['before', 'after'];

/**
 * The holds on a job, open ones first. A hold ends by its evidence, given after it was put on and signed for; words only
 * add. Records older than that keep the proofs they had, by word.
 */
export const holdsOn = oncePerSheet((sheet): readonly JobHold[] => {
  const holds = [...fromAnswers(sheet), ...fromWorks(sheet)].map((hold): JobHold => {
    const proof = sheet.proofs
      .filter((each) => each.hold === hold.id && each.provedAt >= hold.since)
      .findLast((each) => each.byWord || isComplete(hold));
    return proof ? { ...hold, proof } : hold;
  });
  return holds.sort((left, right) => Number(left.proof !== undefined) - Number(right.proof !== undefined));
});

/** Only those that still stop the car. */
export function openHolds(sheet: JobSheet): JobHold[] {
  return holdsOn(sheet).filter((hold) => hold.proof === undefined);
}

function fromAnswers(sheet: JobSheet): JobHold[] {
  const traits = traitsOf(sheet.car);
  const holds = new Map<HoldId, Omit<JobHold, 'evidence'> & { id: HoldId }>();
  for (const phase of PHASES) {
    const { findings, when } = recorded(sheet, phase);
    const standing = phase === 'after' ? holdsOf(findingsOf(sheet, phase).findings, traits) : [];
    for (const hold of holdsOf(findings, traits)) {
      if (phase === 'after' && PASSING.has(hold.id) && !standing.some(({ id }) => id === hold.id)) continue;
      const since = latest(hold.because.map((each) => when.get(saidOf(each)) ?? sheet.job.openedAt));
      const before = holds.get(hold.id);
      holds.set(
        hold.id,
        before
          ? { ...before, because: [...before.because, ...hold.because], since: latest([before.since, since]) }
          : { ...hold, since },
      );
    }
  }
  return [...holds.values()].map((hold) => ({ ...hold, evidence: evidenceFor(sheet, hold, hold.since) }));
}

function fromWorks(sheet: JobSheet): JobHold[] {
  return sheet.works
    .filter((work) => leftApart(work, sheet.ticks))
    .map((work) => ({
      id: 'left_apart',
      ...LEFT_APART,
      because: [],
      since: ticksOf(work.id, sheet.ticks).get(LEFT_UNDONE)!.tickedAt,
      evidence: [],
      workId: work.id,
    }));
}

/**
 * What was said in a phase, and when. After the work a bad answer that stood stays, even where a better one replaced it:
 * that one is the evidence, and is signed for. Before it, an answer that was corrected never was.
 */
function recorded(sheet: JobSheet, phase: Phase): { findings: GivenFinding[]; when: Map<string, string> } {
  const rows =
    phase === 'after' ? lastingAnswers(sheet.answers, phase) : standingAnswers(sheet.answers, phase);
  const measured = derivedAnswers(sheet.readings, phase);
  const { findings } = mergeFindings(rows.flatMap(givenFrom), measured);
  const when = new Map([
    ...measured.map((each) => [saidOf(each), each.recordedAt] as const),
    ...rows.flatMap((row) => givenFrom(row).map((each) => [saidOf(each), row.recordedAt] as const)),
  ]);
  return { findings, when };
}

const saidOf = (given: GivenFinding) => `${slotOf(given)} ${given.state}`;

function latest(times: readonly string[]): string {
  return [...times].sort().at(-1)!;
}
