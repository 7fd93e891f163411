import { type Axle, axleOf, CORNERS, type Corner, cornersOf, type Place } from '../car/corner';
import type { CarTraits } from '../car/traits';
import { cornerKeysOf, rankChecks } from './checks';
import { answeredTwice, contradictionsIn } from './contradictions';
import { stakeOf, TELLING_APART, type Works } from './decision/stakes';
import { type Explanations, explain } from './engine/explanations';
import { deskFor, type Matter } from './engine/information';
import { leftOut } from './engine/leftOut';
import { type Posterior, planOf, posteriorOf } from './engine/posterior';
import type { Problem } from './engine/problem';
import { roughWeightsOf, SUREST, weightsOf } from './engine/weights';
import type { GivenFinding } from './given';
import type { AtHand } from './hand';
import { holdsOf } from './holds/holds';
import { DEPTH, KNOWLEDGE, KNOWLEDGE_VERSION } from './knowledge/all';
import { buildNetwork, type Network } from './network/build';
import type { Fault, Priors } from './network/faults';
import { outvotedIn } from './outvoted';
import { type CauseVerdict, placeFields, type Verdict } from './verdict';
import type { CauseId } from './vocabulary/causes';
import { FINDINGS, findingOf } from './vocabulary/findings';

const ENGINE_VERSION = '1.1';

/** Abnormal answers open at once up to which the sum is exact; each more doubles the time. */
const EXACT_WIDTH = 14;

/**
 * Weights looked at while the bits are shared out answer by answer; past it they are told roughly. A day's work of
 * answers (25, most of them unremarkable) stays far below; this is some tens of milliseconds.
 */
const WEIGHTS_BUDGET = 1e7;

/** Past the exact width, the heaviest combinations are looked for this far. */
const DEEP_BREADTH = { faults: 30, sets: 800, depth: 14, tail: 0 };

export type Question = {
  car?: CarTraits;
  findings: readonly GivenFinding[];
  atHand?: AtHand;
  /** A shop's own priors by cause. */
  priors?: Priors;
  /** What is done about each cause; unsaid, every work takes as long. */
  works?: Works;
};

/**
 * The verdict on a car: every cause with its probability and the evidence for and against, the combinations that
 * explain it best, holds, contradictions, and the next checks by expected information per minute.
 * Pure: the same answers, in any order, give the same verdict to the bit.
 */
export function diagnose({ car = {}, findings, atHand, priors, works }: Question): Verdict {
  const { used, network, problem, causes, exact, guess, posterior, cost } = solve({ car, findings, priors });
  const explanations = guess ?? explain(problem, posterior.faults);
  const weights =
    exact && cost <= WEIGHTS_BUDGET ? weightsOf(problem, posterior) : roughWeightsOf(problem, posterior);

  const ranked = rank(network, causes, posterior, weights, used);
  const leaders = ranked
    .filter((cause) => cause.probability > 0)
    .slice(0, 5)
    .map((cause) => cause.id);
  const desk = deskFor(
    explanations,
    posterior.faults,
    leaders.map((cause) => causes.get(cause)!),
    mattersOf(causes, works),
  );
  const cornerKeys = cornerKeysOf(network.faults, posterior.faults);
  const clashes = contradictionsIn(findings, car);
  const outvoted = exact ? outvotedIn(network, problem, causes, posterior.evidence, explanations) : [];
  const context = { car, faults: network.faults, findings: used, desk, leaders, atHand, cornerKeys };
  return {
    causes: ranked,
    unlisted: posterior.groups[causes.size]!,
    combinations: combinationsOf(network, explanations),
    holds: holdsOf(findings, car),
    nextChecks: rankChecks(context, ['check']),
    nextQuestions: rankChecks(context, ['complaint', 'history']),
    contradictions: [
      ...clashes,
      // What is named already needs no second word.
      ...outvoted.filter(
        ({ findings: [given] }) => !clashes.some((clash) => clash.findings.includes(given!)),
      ),
    ],
    exact,
    captured: explanations.captured,
    ...(exact ? {} : { leftOut: leftOut(problem, explanations) }),
    engine: ENGINE_VERSION,
    knowledge: KNOWLEDGE_VERSION,
  };
}

/** What hangs on each work, and on which of the causes it is for that is there. */
function mattersOf(causes: ReadonlyMap<CauseId, number[]>, works: Works | undefined): Matter[] {
  const byWork = new Map<string, { causes: number[][]; minutes: number }>();
  for (const [cause, faults] of causes) {
    const { work, minutes } = stakeOf(cause, works);
    const before = byWork.get(work);
    byWork.set(work, {
      causes: [...(before?.causes ?? []), faults],
      minutes: Math.max(minutes, before?.minutes ?? 0),
    });
  }
  return [...byWork.values()].flatMap(({ causes: each, minutes }) => [
    { faults: each.flat(), minutes },
    ...(each.length > 1 ? each.map((faults) => ({ faults, minutes: TELLING_APART })) : []),
  ]);
}

/** Only the cause in front, for a board that shows many cars at once; a tenth of the work of a full verdict. */
export function leadingCause(question: Question): Pick<CauseVerdict, 'id' | 'probability' | 'corner'> {
  const { network, causes, posterior } = solve(question);
  const ids = [...causes.keys()];
  const first = ids.reduce<number>(
    (best, _, group) => (posterior.groups[group]! > posterior.groups[best]! ? group : best),
    0,
  );
  const id = ids[first]!;
  const { corner } = cornersFor(causes.get(id)!, network, posterior);
  return { id, probability: posterior.groups[first]!, ...(corner ? { corner } : {}) };
}

function solve({ car = {}, findings, priors }: Question) {
  const used = usable(findings);
  const network = buildNetwork(carAsAnswered(car, used), used, priors);
  const { problem, causes } = problemOf(network);
  const plan = planOf(problem);
  const exact = plan.width <= EXACT_WIDTH;
  const guess = exact ? undefined : explain(problem, singleFault(problem), DEEP_BREADTH);
  const posterior = guess ? posteriorFrom(problem, guess) : posteriorOf(problem, plan);
  // Every abnormal answer is taken in twice, once in each direction.
  const abnormal = problem.answers.filter((answer) => answer.level > 0).length;
  return { used, network, problem, causes, exact, guess, posterior, cost: plan.cost * 2 * abnormal };
}

/** What an answer takes for granted about a car nobody has described: whoever looked at a float saw one. */
function carAsAnswered(car: CarTraits, findings: readonly GivenFinding[]): CarTraits {
  const said = { ...car };
  for (const { id, place } of findings) {
    const { fits } = findingOf(id);
    if (fits?.brake === 'drum') said.rearBrake ??= 'drum';
    for (const axle of fits?.rotor ? axlesOf(place) : [])
      if (said.rotor?.[axle] === undefined) said.rotor = { ...said.rotor, [axle]: fits!.rotor! };
  }
  return said;
}

function axlesOf(place: Place | undefined): Axle[] {
  return [...new Set(cornersOf(place).map(axleOf))];
}

const FINDING_ORDER = new Map<string, number>(FINDINGS.map((finding, index) => [finding.id, index]));

/** Answers in an order of their own, each once; a question answered two ways at one place is left out. */
function usable(findings: readonly GivenFinding[]): GivenFinding[] {
  const unsettled = new Set(answeredTwice(findings).flatMap((clash) => clash.findings));
  const distinct = new Map(
    findings.filter((finding) => !unsettled.has(finding)).map((finding) => [keyOf(finding), finding]),
  );
  return [...distinct.values()].sort(
    (left, right) =>
      FINDING_ORDER.get(left.id)! - FINDING_ORDER.get(right.id)! || (keyOf(left) < keyOf(right) ? -1 : 1),
  );
}

function keyOf({ id, place, state }: GivenFinding): string {
  return `${id} ${place ?? ''} ${state}`;
}

/** The engine's view: the faults of a cause, however they came about, are one group; what nobody listed is the last. */
function problemOf({ faults, observations }: Network): { problem: Problem; causes: Map<CauseId, number[]> } {
  const causes = new Map<CauseId, number[]>();
  const unlisted: number[] = [];
  const asked = new Uint8Array(faults.length);
  for (const { parents } of observations) for (const { fault } of parents) asked[fault] = 1;
  faults.forEach((fault, index) => {
    const { cause, above } = fault;
    if (isCarrier(fault)) return;
    // What another may have brought about is told once something of its own was asked; until then it would be a guess.
    if (above >= 0 && asked[index] === 0) return;
    if (cause === undefined) unlisted.push(index);
    else {
      const members = causes.get(cause);
      if (members) members.push(index);
      else causes.set(cause, [index]);
    }
  });
  return {
    causes,
    problem: {
      ...columnsOf(faults),
      groups: [...causes.values(), unlisted],
      answers: observations,
    },
  };
}

/** A first idea of which faults matter, each weighed as if it were alone. */
function singleFault(problem: Problem): Float64Array {
  return problem.priors.map((prior, fault) => {
    const weight = problem.answers.reduce((product, answer) => {
      const parent = answer.parents.find((candidate) => candidate.fault === fault);
      if (!parent) return product;
      const chance = (cumulative: (level: number) => number) =>
        cumulative(answer.level) - (answer.level > 0 ? cumulative(answer.level - 1) : 0);
      return (
        (product * chance((level) => answer.leak[level]! * parent.cumulative[level]!)) /
        chance((level) => answer.leak[level]!)
      );
    }, prior);
    return weight / (1 + weight);
  });
}

/** Marginals summed over the heaviest combinations; used past the exact width, and said to be so. */
function posteriorFrom(problem: Problem, { list, considered }: Explanations): Posterior {
  const faults = problem.priors.slice();
  for (const fault of considered) faults[fault] = 0;
  for (const { faults: set, probability } of list) for (const fault of set) faults[fault]! += probability;
  const groups = Float64Array.from(problem.groups, (members) =>
    Math.min(
      1,
      members.reduce((sum, fault) => sum + faults[fault]!, 0),
    ),
  );
  return { evidence: Number.NaN, faults, groups };
}

function rank(
  network: Network,
  causes: Map<CauseId, number[]>,
  posterior: Posterior,
  weights: { prior: Float64Array; bits: Float64Array[] },
  used: readonly GivenFinding[],
): CauseVerdict[] {
  const groupOf = new Map([...causes.keys()].map((cause, group) => [cause, group]));
  const told = used.map((given) => ({
    given,
    place: placeFields(given.place),
    rows: network.observations.flatMap((observation, index) =>
      observation.given === given ? [weights.bits[index]!] : [],
    ),
  }));
  return KNOWLEDGE.map(({ cause }): CauseVerdict => {
    const group = groupOf.get(cause);
    if (group === undefined)
      return { id: cause, probability: 0, priorBits: Number.NEGATIVE_INFINITY, evidence: [] };
    return {
      id: cause,
      probability: Math.min(SUREST, posterior.groups[group]!),
      ...cornersFor(causes.get(cause)!, network, posterior),
      ...broughtBy(causes.get(cause)!, network, posterior),
      priorBits: weights.prior[group]!,
      evidence: evidenceFor(group, told),
    };
  }).sort(
    (left, right) =>
      right.probability - left.probability ||
      DEPTH[left.id] - DEPTH[right.id] ||
      (left.id < right.id ? -1 : 1),
  );
}

type Told = { given: GivenFinding; place: ReturnType<typeof placeFields>; rows: Float64Array[] };

/** What each answer did to a group, those that did nothing left out. */
function evidenceFor(group: number, told: readonly Told[]): CauseVerdict['evidence'] {
  const evidence: CauseVerdict['evidence'] = [];
  for (const { given, place, rows } of told) {
    let bits = 0;
    for (const row of rows) bits += row[group]!;
    if (Math.abs(bits) > 1e-9) evidence.push({ finding: given.id, state: given.state, ...place, bits });
  }
  return evidence;
}

/** What is less likely to have brought a cause about than this is not worth a word. */
const WORTH_NAMING = 0.1;

/** Which causes brought one about, of those that were asked about. */
function broughtBy(
  members: readonly number[],
  { faults }: Network,
  posterior: Posterior,
): Pick<CauseVerdict, 'broughtBy'> {
  const chances = new Map<CauseId, number>();
  for (const member of members) {
    const over = faults[faults[member]!.above]?.cause;
    if (over) chances.set(over, Math.min(1, (chances.get(over) ?? 0) + posterior.faults[member]!));
  }
  const named = [...chances]
    .filter(([, probability]) => probability >= WORTH_NAMING)
    .sort((left, right) => right[1] - left[1])
    .map(([id, probability]) => ({ id, probability }));
  return named.length > 0 ? { broughtBy: named } : {};
}

/** A corner is named when it holds clearly more than half of what the cause has. */
const CORNER_SHARE = 0.6;

function cornersFor(
  members: readonly number[],
  network: Network,
  posterior: Posterior,
): Pick<CauseVerdict, 'corner' | 'corners'> {
  if (network.faults[members[0]!]!.corner === undefined) return {};
  const corners: Partial<Record<Corner, number>> = {};
  for (const member of members) {
    const corner = network.faults[member]!.corner!;
    // What is at one corner is the same thing come about in different ways: seldom two at once.
    corners[corner] = Math.min(1, (corners[corner] ?? 0) + posterior.faults[member]!);
  }
  const sum = CORNERS.reduce((total, corner) => total + (corners[corner] ?? 0), 0);
  const best = CORNERS.reduce((left, right) => ((corners[right] ?? 0) > (corners[left] ?? 0) ? right : left));
  return { ...((corners[best] ?? 0) > sum * CORNER_SHARE ? { corner: best } : {}), corners };
}

/** The faults as the engine reads them, once for each car. */
function columnsOf(faults: readonly Fault[]): Pick<Problem, 'priors' | 'above' | 'places'> {
  const before = columns.get(faults);
  if (before) return before;
  const own = {
    priors: Float64Array.from(faults, (fault) => fault.prior),
    above: Int32Array.from(faults, (fault) => fault.above),
    places: Uint8Array.from(faults, ({ corner }) => (corner ? CORNERS.indexOf(corner) + 1 : 0)),
  };
  columns.set(faults, own);
  return own;
}

const columns = new WeakMap<readonly Fault[], Pick<Problem, 'priors' | 'above' | 'places'>>();

/** Part of the fault above it, not one of its own. */
const isCarrier = (fault: Fault) => fault.cause !== undefined && fault.shows === 'together';

const isListed = (fault: Fault): fault is Extract<Fault, { cause: CauseId }> => fault.cause !== undefined;

function combinationsOf(network: Network, explanations: Explanations): Verdict['combinations'] {
  return explanations.list
    .map(({ faults, probability }) => ({
      faults: faults.map((fault) => network.faults[fault]!),
      probability,
    }))
    .filter(({ faults }) => faults.length > 0 && faults.every(isListed))
    .slice(0, 6)
    .map(({ faults, probability }) => {
      const listed = faults.filter(isListed).filter((fault) => !isCarrier(fault));
      return {
        causes: [...new Set(listed.map(({ cause }) => cause))],
        faults: listed.map(({ cause, corner }) =>
          corner === undefined ? { id: cause } : { id: cause, corner },
        ),
        probability,
      };
    });
}
