import { runOf } from '../planning/run/run';
import { overlap, spansOf } from '../planning/run/spans';
import { slotOf } from '../readings/merged';
import { findingOf } from '../readings/vocabulary/findings';
import { findingsOf } from './current';
import type { ProofCheck } from './proof';
import type { JobSheet } from './sheet';

/** What came right, and the work or works that it can have been. */
export type DidIt = { check: Pick<ProofCheck, 'finding' | 'place'>; works: string[] };

/**
 * Which work cured what: for each check that came right, the works finished between the last time it was found wrong
 * and the first time it was found right. One: that one did it. Several: nobody measured between them, so it cannot be
 * told apart.
 */
export function whatDidIt(sheet: JobSheet, checks: readonly ProofCheck[]): DidIt[] {
  const spans = spansOf(sheet.works, sheet.ticks);
  const ends = spans.filter((span) => isFinished(sheet, span.id));
  const right = checks.filter((check) => check.change === 'came_right');
  if (ends.length === 0 || right.length === 0) return [];
  // What was known after each work, before the next one was finished.
  const known = ends.map((_, index) => statesUntil(sheet, ends[index + 1]?.to));
  return right.map(({ finding, place }) => {
    const slot = slotOf({ id: finding, ...(place && { place }) });
    const normal = findingOf(finding).states[0];
    const states = known.map((each) => each.get(slot));
    const cured = states.indexOf(normal);
    const lastWrong = states.slice(0, Math.max(0, cured)).findLastIndex((state) => state !== undefined);
    const acting = ends.slice(lastWrong + 1, (cured < 0 ? ends.length - 1 : cured) + 1);
    // One that was under way beside them had its share.
    const beside = spans.filter(
      (span) => !acting.includes(span) && acting.some((each) => overlap(span, each)),
    );
    return { check: { finding, place }, works: [...acting, ...beside].map((span) => span.id) };
  });
}

function isFinished(sheet: JobSheet, workId: string): boolean {
  const work = sheet.works.find((each) => each.id === workId)!;
  return runOf(work, sheet.ticks).state === 'finished';
}

/** States of the checks after the work as they stood at a moment; at the end when none is given. */
function statesUntil(sheet: JobSheet, until: string | undefined): Map<string, string> {
  const by = <T extends { recordedAt: string }>(rows: T[]) =>
    until === undefined ? rows : rows.filter((row) => row.recordedAt < until);
  const then = { ...sheet, answers: by(sheet.answers), readings: by(sheet.readings) };
  return new Map(findingsOf(then, 'after').findings.map((finding) => [slotOf(finding), finding.state]));
}
