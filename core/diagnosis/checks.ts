import { type Axle, axleOf, CORNERS, type Corner, type Place } from '../car/corner';
import { carFits, cornerFits } from '../car/fits';
import type { CarTraits } from '../car/traits';
import type { GivenFinding } from '../readings/given';
import { FINDINGS, type Finding, type FindingId } from '../readings/vocabulary/findings';
import type { CauseId } from './causes';
import type { Begun } from './decision/stakes';
import { type Forecast, type ForecastIndex, forecast, savingOf } from './engine/information';
import { asksNow, parentOf } from './follows';
import { type AtHand, minutesFor } from './hand';
import { kept } from './kept';
import { type Channel, channelsOf, foldedInto } from './network/channels';
import type { Fault } from './network/faults';
import { type Question, questionOf } from './network/parents';
import type { CheckOutcome, NextCheck } from './verdict';
import { worthOf } from './worth';

export type CheckContext = {
  car: CarTraits;
  faults: readonly Fault[];
  findings: readonly GivenFinding[];
  prepared: ForecastIndex;
  /** The causes that are watched: what each check would do to them is foretold. */
  leaders: readonly CauseId[];
  atHand?: AtHand;
  /** How likely the work that is needed begins with a check: what it takes now it does not take then. */
  begun: Begun;
  /** Of corners that nothing is known to tell apart, the first: what holds of it holds of the others. */
  cornerLike: Record<Corner, Corner>;
};

/** Which corners are alike, by the faults each can have and how likely they have become. */
export function cornersAlike(
  faults: readonly Fault[],
  places: Uint8Array,
  marginals: Float64Array,
): Record<Corner, Corner> {
  const at: Record<Corner, number[]> = { FL: [], FR: [], RL: [], RR: [] };
  for (let fault = 0; fault < places.length; fault++)
    if (places[fault]! > 0 && marginals[fault]! > UNLIKELY) at[CORNERS[places[fault]! - 1]!].push(fault);
  const alike = (one: Corner, other: Corner) =>
    at[one].length === at[other].length &&
    at[one].every((here, index) => {
      const there = at[other][index]!;
      return (
        faults[there]!.cause === faults[here]!.cause &&
        Math.abs(marginals[there]! - marginals[here]!) <= SAME * marginals[here]!
      );
    });
  const first = (corner: Corner) => CORNERS.find((each) => each === corner || alike(each, corner))!;
  return { FL: 'FL', FR: first('FR'), RL: first('RL'), RR: first('RR') };
}

/** A fault less likely than this tells no corner from another. */
const UNLIKELY = 1e-7;
/** Nor do chances that are nearer to each other than this share. */
const SAME = 1e-6;
/** A check that saves less than this moves nothing that this complaint, or a hold, is about; minutes. */
const LEAST_SAVED = 0.05;
/** A question that faults show in less often than this cannot save that much, whatever hangs on them. */
const LEAST_REACHED = LEAST_SAVED / 500;
/** A corner, or an axle, is named only when it tells clearly more than the others do. */
const STANDS_OUT = 1.15;

/**
 * Every open finding of these stages by the minutes it is expected to save for each minute it costs. What only makes
 * sense after an answer is offered after it, and nothing is that this car does not have.
 */
export function rankChecks(context: CheckContext, stages: readonly Finding['stage'][]): NextCheck[] {
  const answered = answeredIn(context.findings);
  return (FINDINGS as readonly Finding[])
    .filter(
      (finding) =>
        stages.includes(finding.stage) &&
        carFits(context.car, finding.fits) &&
        asksNow(finding, context.findings),
    )
    .flatMap((finding): NextCheck[] => {
      const minutes = minutesFor(finding, context.atHand);
      if (minutes === undefined) return [];
      if (answered(finding.id)) return [];
      const at: Asked | undefined =
        finding.place === 'corner'
          ? bestCorner(finding, context, answered)
          : { saves: savedAt(finding, undefined, context) };
      if (!at) return [];
      const saves = at.saves + minutes * (context.begun[finding.id] ?? 0);
      if (saves < LEAST_SAVED) return [];
      return [{ id: finding.id, ...foretold(finding, at.asked, context), saves, ...at.named, minutes }];
    })
    .sort((left, right) => worthOf(right) - worthOf(left));
}

/** Whether a question was answered at a place, or of the car as a whole. */
type Answered = (finding: FindingId, place?: Place) => boolean;

function answeredIn(findings: readonly GivenFinding[]): Answered {
  const places = new Map<FindingId, (Place | undefined)[]>();
  for (const { id, place } of findings) kept(places, id, () => []).push(place);
  return (finding, place) => places.get(finding)?.includes(place) ?? false;
}

/** Where a check is asked, what it saves there, and what of that is named. */
type Asked = { asked?: Corner; saves: number; named?: Pick<NextCheck, 'corner' | 'axle'> };

/** The corner where a check saves most; it is named only where it stands out, or its axle does. */
function bestCorner(finding: Finding, context: CheckContext, answered: Answered): Asked | undefined {
  const open = CORNERS.filter(
    (corner) => !answered(finding.id, corner) && cornerFits(context.car, corner, finding.fits),
  );
  const alike: Partial<Record<Corner, number>> = {};
  const told = open.map((asked) => {
    const like = context.cornerLike[asked];
    alike[like] ??= savedAt(finding, asked, context);
    return { asked, saves: alike[like] };
  });
  if (told.length === 0) return undefined;
  const best = told.reduce((left, right) => (right.saves > left.saves ? right : left));
  const { asked: corner } = best;
  const clear = (others: typeof told) => others.every((each) => best.saves > each.saves * STANDS_OUT);
  if (clear(told.filter((each) => each.asked !== corner))) return { ...best, named: { corner } };
  const axle: Axle = axleOf(corner);
  return clear(told.filter((each) => axleOf(each.asked) !== axle)) ? { ...best, named: { axle } } : best;
}

/** The questions that a check still puts at a place, those that next to nothing shows in left out. */
function openQuestions(
  finding: Finding,
  corner: Corner | undefined,
  { findings, faults, prepared }: CheckContext,
): Question[] {
  const open: Question[] = [];
  for (const channel of openChannels(finding, findings)) {
    const question = questionOf(channel, corner, faults);
    if (reachedBy(question, prepared.marginals) >= LEAST_REACHED) open.push(question);
  }
  return open;
}

/** The minutes a check saves: most save nothing, and of those nothing more is wanted. */
function savedAt(finding: Finding, corner: Corner | undefined, context: CheckContext): number {
  let saves = 0;
  for (const question of openQuestions(finding, corner, context))
    saves += savingOf(question, context.prepared);
  return saves;
}

/** What a check tells, and what each answer would make of the leaders. */
function foretold(
  finding: Finding,
  corner: Corner | undefined,
  context: CheckContext,
): Pick<NextCheck, 'bits' | 'outcomes' | 'subject'> {
  const asked = openQuestions(finding, corner, context).map((question) => ({
    ...{ channel: question.channel, told: forecast(question, context.prepared) },
  }));
  const subject = mostMoved(
    asked.map(({ told }) => told),
    context.prepared.leaders.totals,
  );
  const outcomes: CheckOutcome[] = [];
  asked.forEach(({ channel, told }, index) => {
    addOutcomes(outcomes, channel, told, context.leaders, subject, index > 0);
  });
  return {
    bits: asked.reduce((sum, { told }) => sum + told.bits, 0),
    outcomes,
    ...(context.leaders.length > 0 ? { subject: context.leaders[subject]! } : {}),
  };
}

/** The leader whose chance the answers are expected to move most: the greatest variance. */
function mostMoved(told: readonly Forecast[], now: Float64Array): number {
  const moved = new Float64Array(now.length);
  for (const { levels, after } of told)
    for (let level = 0; level < levels.length; level++)
      for (let leader = 0; leader < now.length; leader++)
        moved[leader]! += levels[level]! * (after[level]![leader]! - now[leader]!) ** 2;
  return moved.reduce((most, each, leader) => (each > moved[most]! ? leader : most), 0);
}

/** How likely any fault is to show in a question, at most. */
function reachedBy({ shows: { faults, chances } }: Question, marginals: Float64Array): number {
  let sum = 0;
  for (let at = 0; at < faults.length; at++) sum += marginals[faults[at]!]! * chances[at]!;
  return sum;
}

/** The finding's own channels, or the one it makes with the answer that it folds into. */
function openChannels(finding: Finding, findings: readonly GivenFinding[]): readonly Channel[] {
  const { after, id } = finding;
  const parent = after?.folds ? parentOf(after, findings) : undefined;
  return parent ? [foldedInto(id, { finding: parent.id, state: parent.state })] : channelsOf(id);
}

/** What each answer would make of the leaders; answers that hardly ever come are left out. */
function addOutcomes(
  outcomes: CheckOutcome[],
  { states, folded }: Channel,
  told: Forecast,
  leaders: readonly CauseId[],
  subject: number,
  withoutNormal: boolean,
): void {
  if (leaders.length === 0) return;
  for (let level = withoutNormal || folded ? 1 : 0; level < states.length; level++) {
    const chance = told.levels[level]!;
    if (chance < 1e-4) continue;
    const after = told.after[level]!;
    let lead = 0;
    for (let index = 1; index < after.length; index++) if (after[index]! > after[lead]!) lead = index;
    outcomes.push({
      ...{ state: states[level]!, chance, leader: leaders[lead]! },
      ...{ leaderProbability: after[lead]!, subjectProbability: after[subject]! },
    });
  }
}
