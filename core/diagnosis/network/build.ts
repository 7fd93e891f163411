import type { CarTraits } from '../../car/traits';
import type { GivenFinding } from '../../readings/given';
import { type FindingId, findingOf } from '../../readings/vocabulary/findings';
import { parentOf } from '../follows';
import { answeredOn, foldedInto, observedChannels } from './channels';
import { type Fault, faultsOf, type Priors } from './faults';
import { type Question, questionOf } from './parents';

/** A question with its answer: the level seen, 0 for the unremarkable state. */
export type Observation = Pick<Question, 'channel' | 'leak' | 'parents'> & {
  level: number;
  given: GivenFinding;
};

export type Network = {
  faults: readonly Fault[];
  observations: Observation[];
};

/** The network of this car with these answers in it. */
export function buildNetwork(car: CarTraits, findings: readonly GivenFinding[], priors?: Priors): Network {
  const faults = faultsOf(car, priors);
  const folds = foldsIn(findings);
  const observations = byPlace(findings).flatMap((same): Observation[] => {
    const [first] = same;
    const { id, place } = first!;
    if (folds.has(first!)) {
      const { channel, level } = answeredOn(foldedInto(id, folds.get(first!)!), first!.state);
      return [answered(questionOf(channel, place, faults), level, first!)];
    }
    // It is part of the question folded into it.
    if ([...folds.values()].some(({ finding, state }) => finding === id && state === first!.state)) return [];
    return observedChannels(
      id,
      same.map(({ state }) => state),
    ).map(({ channel, level, state }) =>
      answered(questionOf(channel, place, faults), level, same.find((each) => each.state === state)!),
    );
  });
  return { faults, observations };
}

function answered({ channel, leak, parents }: Question, level: number, given: GivenFinding): Observation {
  return { channel, leak, parents, level, given };
}

/** Answers to one question at one place together, in the order they come in. */
function byPlace(findings: readonly GivenFinding[]): GivenFinding[][] {
  const groups = new Map<string, GivenFinding[]>();
  for (const finding of findings) {
    const key = `${finding.id} ${finding.place ?? ''}`;
    groups.set(key, [...(groups.get(key) ?? []), finding]);
  }
  return [...groups.values()];
}

/** The answers that fold into another one given, and which that is. */
function foldsIn(
  findings: readonly GivenFinding[],
): Map<GivenFinding, { finding: FindingId; state: string }> {
  const folds = new Map<GivenFinding, { finding: FindingId; state: string }>();
  for (const given of findings) {
    const { after } = findingOf(given.id);
    if (!after?.folds) continue;
    const parent = parentOf(after, findings);
    if (parent) folds.set(given, { finding: parent.id, state: parent.state });
  }
  return folds;
}
