import { CORNERS, type Corner } from '../car/corner';
import type { CarTraits } from '../car/traits';
import { cornerKeysOf, rankChecks } from './checks';
import { answeredTwice, contradictionsIn } from './contradictions';
import { type Explanations, explain } from './engine/explanations';
import { deskFor } from './engine/information';
import { leftOut } from './engine/leftOut';
import { type Posterior, posteriorOf, wayThrough } from './engine/posterior';
import type { Problem } from './engine/problem';
import { roughWeightsOf, weightsOf } from './engine/weights';
import type { GivenFinding } from './given';
import type { AtHand } from './hand';
import { holdsOf } from './holds/holds';
import { KNOWLEDGE, KNOWLEDGE_VERSION } from './knowledge/all';
import { buildNetwork, type Network } from './network/build';
import type { Priors } from './network/faults';
import { type CauseVerdict, placeFields, type Verdict } from './verdict';
import type { CauseId } from './vocabulary/causes';
import { FINDINGS } from './vocabulary/findings';

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
};

/**
 * The verdict on a car: every cause with its probability and the evidence for and against, the combinations that
 * explain it best, holds, contradictions, and the next checks by expected information per minute.
 * Pure: the same answers, in any order, give the same verdict to the bit.
 */
export function diagnose({ car = {}, findings, atHand, priors }: Question): Verdict {
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
  );
  const cornerKeys = cornerKeysOf(network.faults, posterior.faults);
  const context = { faults: network.faults, findings: used, desk, leaders, atHand, cornerKeys };
  return {
    causes: ranked,
    unlisted: posterior.faults[network.faults.length]!,
    combinations: combinationsOf(network, explanations),
    holds: holdsOf(findings, car),
    nextChecks: rankChecks(context, ['check']),
    nextQuestions: rankChecks(context, ['complaint', 'history']),
    contradictions: contradictionsIn(findings),
    exact,
    captured: explanations.captured,
    ...(exact ? {} : { leftOut: leftOut(problem, explanations) }),
    engine: ENGINE_VERSION,
    knowledge: KNOWLEDGE_VERSION,
  };
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
  const network = buildNetwork(car, used, priors);
  const { problem, causes } = problemOf(network);
  const way = wayThrough(problem);
  const exact = way.plan.width <= EXACT_WIDTH;
  const guess = exact ? undefined : explain(problem, problem.priors, DEEP_BREADTH, singleFault(problem));
  const posterior = guess ? posteriorFrom(problem, guess) : posteriorOf(problem, way);
  // Every abnormal answer is taken in twice, once in each direction.
  const abnormal = problem.answers.filter((answer) => answer.level > 0).length;
  return { used, network, problem, causes, exact, guess, posterior, cost: way.plan.cost * 2 * abnormal };
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

/** The engine's view: "something not listed" is the last fault, the corners of a cause are one group. */
function problemOf(network: Network): { problem: Problem; causes: Map<CauseId, number[]> } {
  const wide = network.faults.length;
  const causes = new Map<CauseId, number[]>();
  network.faults.forEach((fault, index) => {
    causes.set(fault.cause, [...(causes.get(fault.cause) ?? []), index]);
  });
  return {
    causes,
    problem: {
      priors: Float64Array.from([...network.faults.map((fault) => fault.prior), network.unlistedPrior]),
      groups: [...causes.values(), [wide]],
      answers: network.observations.map(({ level, leak, parents, unlisted }) => ({
        level,
        leak,
        parents: unlisted.every((value) => value === 1)
          ? parents
          : [...parents, { fault: wide, cumulative: unlisted }],
      })),
      wide,
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
      probability: posterior.groups[group]!,
      ...cornersFor(causes.get(cause)!, network, posterior),
      priorBits: weights.prior[group]!,
      evidence: evidenceFor(group, told),
    };
  }).sort((left, right) => right.probability - left.probability || (left.id < right.id ? -1 : 1));
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

/** A corner is named when it holds clearly more than half of what the cause has. */
const CORNER_SHARE = 0.6;

function cornersFor(
  members: readonly number[],
  network: Network,
  posterior: Posterior,
): Pick<CauseVerdict, 'corner' | 'corners'> {
  if (network.faults[members[0]!]!.corner === undefined) return {};
  const corners: Partial<Record<Corner, number>> = {};
  for (const member of members) corners[network.faults[member]!.corner!] = posterior.faults[member]!;
  const sum = CORNERS.reduce((total, corner) => total + (corners[corner] ?? 0), 0);
  const best = CORNERS.reduce((left, right) => ((corners[right] ?? 0) > (corners[left] ?? 0) ? right : left));
  return { ...((corners[best] ?? 0) > sum * CORNER_SHARE ? { corner: best } : {}), corners };
}

function combinationsOf(network: Network, explanations: Explanations): Verdict['combinations'] {
  return explanations.list
    .filter(({ faults }) => faults.length > 0 && faults.every((fault) => fault < network.faults.length))
    .slice(0, 6)
    .map(({ faults, probability }) => ({
      causes: [...new Set(faults.map((fault) => network.faults[fault]!.cause))],
      faults: faults.map((fault) => {
        const { cause, corner } = network.faults[fault]!;
        return corner === undefined ? { id: cause } : { id: cause, corner };
      }),
      probability,
    }));
}
