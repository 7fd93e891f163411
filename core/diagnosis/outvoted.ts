import { inSentence, listed } from '../base/sentence';
import type { GivenFinding } from '../readings/given';
import { findingOf } from '../readings/vocabulary/findings';
import { saidWords } from '../readings/vocabulary/words';
import type { CauseId } from './causes';
import type { Contradiction } from './contradictions';
import type { Explanations } from './engine/explanations';
import { independentGroups } from './engine/independent';
import { evidenceOver } from './engine/passes';
import type { Plan } from './engine/plan';
import { faultsOf } from './engine/posterior';
import { roomFor } from './engine/room';
import { causeLabel } from './labels';
import type { Network, Observation } from './network/build';
import type { Posed } from './network/problem';

/** An answer that the others make less likely than this is named. */
const SURPRISE = 0.02;
/** What the explanations at hand make of an answer is close enough to leave the exact sum to those under this. */
const SUSPECT = 0.06;
/** So many answers that it clashes with are named. */
const NAMED = 2;

/**
 * Unremarkable answers that the rest makes less likely than one in fifty: outvoted by what speaks for a fault that would
 * show there. Each is named with what it clashes with and how to look again; none is dropped.
 *
 * P(answer | rest) = P(all) / P(rest), exact; told first by its harmonic mean over the explanations,
 * P(rest) / P(all) = E[1 / P(answer | explanation)].
 * @param plan the order in which all of them were summed: an unremarkable answer has no part in it
 */
export function outvotedIn(
  network: Network,
  { problem, causes }: Posed,
  plan: Plan,
  evidence: number,
  explanations: Explanations,
): Contradiction[] {
  const stays = roomFor(explanations.hangsOn.length);
  return network.observations.flatMap((observation, index) => {
    if (observation.level > 0 || roughChance(observation, explanations, stays) > SUSPECT) return [];
    const rest = { ...problem, answers: problem.answers.filter((_, at) => at !== index) };
    if (evidence / evidenceOver(rest, plan) >= SURPRISE) return [];
    const chances = independentGroups(problem, faultsOf(rest, plan));
    const cause = expectedBy(observation, [...causes], chances);
    return cause ? [told(observation.given, cause, network)] : [];
  });
}

/**
 * P(answer | the rest), roughly.
 * @param stays room to work in, by fault
 */
function roughChance(
  { leak, parents }: Observation,
  { list, hangsOn, share }: Explanations,
  stays: Float64Array,
): number {
  stays.fill(1);
  for (const { fault, cumulative } of parents) {
    const on = hangsOn[fault]!;
    if (on >= 0) stays[on]! *= 1 - share[fault]! * (1 - cumulative[0]!);
  }
  let inverse = 0;
  for (const { faults, probability } of list) {
    let chance = leak[0]!;
    for (const fault of faults) chance *= stays[fault]!;
    inverse += probability / chance;
  }
  return inverse > 0 ? 1 / inverse : 1;
}

/** The cause that the rest speaks for and that would most likely have shown here. */
function expectedBy(
  { parents }: Observation,
  causes: readonly (readonly [CauseId, readonly number[]])[],
  chances: Float64Array,
): CauseId | undefined {
  const shows = new Map(parents.map(({ fault, cumulative }) => [fault, 1 - cumulative[0]!]));
  let best: CauseId | undefined;
  let most = 0;
  causes.forEach(([cause, members], group) => {
    const reach = members.reduce((top, fault) => Math.max(top, shows.get(fault) ?? 0), 0);
    const weight = chances[group]! * reach;
    if (weight <= most) return;
    most = weight;
    best = cause;
  });
  return best;
}

function told(given: GivenFinding, cause: CauseId, network: Network): Contradiction {
  const speaking = network.observations
    .filter(({ level }) => level > 0)
    .map((each) => ({
      given: each.given,
      reach: each.parents.reduce(
        (top, { fault, cumulative }) =>
          network.faults[fault]!.cause === cause ? Math.max(top, 1 - cumulative[0]!) : top,
        0,
      ),
    }))
    .filter(({ reach }) => reach > 0)
    .sort((left, right) => right.reach - left.reach)
    .slice(0, NAMED)
    .map((each) => each.given);
  const [how] = (findingOf(given.id).how ?? '').split(/(?<=[.!?]) /);
  const again = how ? `Look again: ${how}` : 'Ask again.';
  return {
    findings: [given, ...speaking],
    say: `${said(given)}, yet ${listed(speaking.map(said)) || 'the rest'} ${speaking.length === 1 ? 'speaks' : 'speak'} for “${inSentence(causeLabel(cause))}”. ${again}`,
  };
}

const said = ({ id, state, place }: GivenFinding) => saidWords(id, place, state);
