import type { Place } from '../car/corner';
import { assistOf } from '../car/traits';
import { traitsOf } from '../car/traitsOf';
import type { GivenFinding } from '../readings/given';
import { slotOf } from '../readings/merged';
import { type FindingId, findingOf } from '../readings/vocabulary/findings';
import { isAbnormal, statesIn, togetherSaid } from '../readings/vocabulary/several';
import { type AfterAnswer, afterAnswers } from './after';
import { findingsOf } from './current';
import { oncePerSheet } from './oncePerSheet';
import { complaintsSince, isComplaint } from './outProof';

/** A check to repeat after the work, with what it was before. */
export type ProofCheck = {
  finding: FindingId;
  place?: Place;
  before?: string;
  after?: string;
  /** Where the answer after the work comes from, and whether it is worth anything yet. */
  from?: AfterAnswer['from'];
  /** Given before the system was touched again. */
  stale?: true;
  /** Asked of every car that had work done; the rest because they were wrong before. */
  always: boolean;
  /** A complaint: only a drive can say whether it is gone. */
  out?: true;
  change: 'not_yet' | 'came_right' | 'still_wrong' | 'went_wrong' | 'was_right' | 'right_now';
};

/** A firm pedal that holds, and no leak, before the car moves. */
const ALWAYS: readonly FindingId[] = ['pedal_now', 'pedal_hold', 'reservoir_level', 'leak'];

/** What to check again: the pedal always, everything that a check found wrong, and after a drive what was complained of. */
export const proofChecks = oncePerSheet((sheet): readonly ProofCheck[] => {
  const before = saidTogether(findingsOf(sheet, 'before').findings);
  // What was given by hand stands last, over what was measured at the same place.
  const after = new Map(
    [...afterAnswers(sheet)]
      .sort((left, right) => Number(right.from === 'measured') - Number(left.from === 'measured'))
      .map((each) => [slotOf(each), each]),
  );
  const always = assistOf(traitsOf(sheet.car)) === 'none' ? ALWAYS : [...ALWAYS, 'assist_start' as const];
  const wrong = [...before.values()].filter(
    ({ id, state }) =>
      (findingOf(id).stage === 'check' || isComplaint(id)) &&
      isAbnormal(id, state) &&
      findingOf(id).repeats !== false,
  );
  const since = complaintsSince(sheet);
  const asked: GivenFinding[] = [...always.map((id) => ({ id, state: '' })), ...wrong, ...after.values()];
  const slots = new Map(asked.map((finding) => [slotOf(finding), finding]));
  return [...slots].map(([slot, { id, place }]): ProofCheck => {
    const was = before.get(slot)?.state;
    const is = after.get(slot);
    const out = isComplaint(id);
    const stale = is && (is.stale || (out && since !== undefined && is.at < since));
    const unproved = is && (stale || (is.from === 'implied' && !isAbnormal(id, is.state)));
    return {
      finding: id,
      place,
      before: was,
      after: is?.state,
      ...(is ? { from: is.from } : {}),
      ...(stale ? { stale } : {}),
      ...(out ? { out } : {}),
      always: always.includes(id) && place === undefined,
      change: unproved ? 'not_yet' : changeOf(id, was, is?.state),
    };
  });
});

/** One answer a question and place, with all that was said there. */
function saidTogether(findings: readonly GivenFinding[]): Map<string, GivenFinding> {
  const slots = new Map<string, GivenFinding>();
  for (const finding of findings) {
    const { id, state } = finding;
    const before = slots.get(slotOf(finding));
    slots.set(
      slotOf(finding),
      before ? { ...before, state: togetherSaid(id, [...statesIn(before.state), state]) } : finding,
    );
  }
  return slots;
}

function changeOf(
  id: FindingId,
  before: string | undefined,
  after: string | undefined,
): ProofCheck['change'] {
  if (after === undefined) return 'not_yet';
  const wrongNow = isAbnormal(id, after);
  if (before === undefined) return wrongNow ? 'went_wrong' : 'right_now';
  if (isAbnormal(id, before)) return wrongNow ? 'still_wrong' : 'came_right';
  return wrongNow ? 'went_wrong' : 'was_right';
}
