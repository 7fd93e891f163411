import type { CarTraits } from '../../car/traits';
import type { GivenFinding } from '../given';
import { UNLISTED } from '../knowledge/all';
import { observedChannels } from './channels';
import { type Fault, faultsOf, type Priors } from './faults';
import { type Question, questionOf } from './parents';

/** A question with its answer: the level seen, 0 for the unremarkable state. */
export type Observation = Question & { level: number; given: GivenFinding };

export type Network = {
  faults: readonly Fault[];
  /** Prior of "something not listed". */
  unlistedPrior: number;
  observations: Observation[];
};

/** The network of this car with these answers in it. */
export function buildNetwork(car: CarTraits, findings: readonly GivenFinding[], priors?: Priors): Network {
  const faults = faultsOf(car, priors);
  const observations = findings.flatMap((given) =>
    observedChannels(given.id, given.state).map(({ channel, level }) => ({
      ...questionOf(channel, given.place, faults),
      level,
      given,
    })),
  );
  return { faults, unlistedPrior: UNLISTED.prior, observations };
}
