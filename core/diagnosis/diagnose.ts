import type { CarTraits } from '../car/traits';
import type { GivenFinding } from '../readings/given';
import { cornersAlike, rankChecks } from './checks';
import { type Contradiction, contradictionsIn } from './contradictions';
import { begunWith, mattersOf, type Works } from './decision/stakes';
import { approached } from './engine/branched';
import { explain } from './engine/explanations';
import { forecastIndex, MOST_WATCHED } from './engine/information';
import { MOST_COST, planOf, posteriorOf } from './engine/posterior';
import { roughWeightsOf, weightsOf } from './engine/weights';
import type { AtHand } from './hand';
import { holdsOf } from './holds/holds';
import { KNOWLEDGE_VERSION } from './knowledge/all';
import { buildNetwork } from './network/build';
import type { Priors } from './network/faults';
import { problemOf } from './network/problem';
import { outvotedIn } from './outvoted';
import { combinationsOf, type Leaning, leaningsOf, rankCauses } from './ranking';
import { carAsAnswered, usableAnswers } from './usable';
import type { Verdict } from './verdict';

const ENGINE_VERSION = '2.6';

/**
 * Weights looked at while the bits are shared out answer by answer; past it they are told roughly. A day's work of
 * answers (25, most of them unremarkable) stays far below; this is some tens of milliseconds.
 */
const WEIGHTS_BUDGET = 1e7;

/** Past the exact sum many faults are there at once: the heaviest combinations are looked for this far. */
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
 * explain it best, holds, contradictions, and the next checks by the minutes they save for each they cost.
 * Pure: the same answers, in any order, give the same verdict to the bit.
 */
export function diagnose({ car = {}, findings, atHand, priors, works }: Question): Verdict {
  const { used, network, posed, plan, exact, posterior, within, cost } = solve({ car, findings, priors });
  const { problem, causes } = posed;
  const explanations = explain(problem, posterior.faults, exact ? undefined : DEEP_BREADTH);
  const weights =
    exact && cost <= WEIGHTS_BUDGET
      ? weightsOf(problem, posterior, plan)
      : roughWeightsOf(problem, posterior);

  const ranked = rankCauses(network, posed, posterior, weights, used);
  const leaders = ranked
    .filter((cause) => cause.probability > 0)
    // All that can be followed: any may come to the front.
    .slice(0, MOST_WATCHED)
    .map((cause) => cause.id);
  const prepared = forecastIndex(
    explanations,
    posterior.faults,
    leaders.map((cause) => causes.get(cause)!),
    mattersOf(causes, works),
  );
  const cornerLike = cornersAlike(network.faults, problem.places, posterior.faults);
  const outvoted = exact ? outvotedIn(network, posed, plan, posterior.evidence, explanations) : [];
  const asked = { car, faults: network.faults, findings: used, atHand, cornerLike };
  const context = { ...asked, prepared, leaders, begun: begunWith(ranked, used) };
  return {
    causes: ranked,
    unlisted: posterior.unions[0]!,
    combinations: combinationsOf(network, explanations),
    holds: holdsOf(findings, car),
    nextChecks: rankChecks(context, ['check']),
    nextQuestions: rankChecks(context, ['complaint', 'history']),
    contradictions: namedOnce(contradictionsIn(findings, car), outvoted),
    exact,
    captured: explanations.captured,
    ...(exact ? {} : { within }),
    engine: ENGINE_VERSION,
    knowledge: KNOWLEDGE_VERSION,
  };
}

/** Clashes, and the answers that the rest makes unlikely: of those, what is named already needs no second word. */
function namedOnce(clashes: readonly Contradiction[], outvoted: readonly Contradiction[]): Contradiction[] {
  const isNamed = ([given]: Contradiction['findings']) =>
    clashes.some((clash) => clash.findings.includes(given!));
  return [...clashes, ...outvoted.filter(({ findings }) => !isNamed(findings))];
}

/** Only the causes by how likely they are, where nothing else of the verdict is wanted: a tenth of the work. */
export function causesAlone(question: Question): { causes: Leaning[]; unlisted: number } {
  const { posed, posterior } = solve(question);
  return { causes: leaningsOf(posed, posterior), unlisted: posterior.unions[0]! };
}

/** The one in front, as a board shows it. */
export function leadingCause(question: Question): Pick<Leaning, 'id' | 'probability' | 'corner'> {
  const { id, probability, corner } = causesAlone(question).causes[0]!;
  return { id, probability, ...(corner ? { corner } : {}) };
}

function solve({ car = {}, findings, priors }: Question) {
  const used = usableAnswers(findings);
  const network = buildNetwork(carAsAnswered(car, used), used, priors);
  const posed = problemOf(network);
  const { problem } = posed;
  const plan = planOf(problem);
  const exact = plan.cost <= MOST_COST;
  const { posterior, within } = exact
    ? { posterior: posteriorOf(problem, plan), within: 0 }
    : approached(problem);
  // Every abnormal answer is taken in twice, once in each direction.
  const abnormal = problem.answers.filter((answer) => answer.level > 0).length;
  return { used, network, posed, plan, exact, posterior, within, cost: plan.cost * 2 * abnormal };
}
