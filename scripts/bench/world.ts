import type { Corner } from '../../core/car/corner';
import type { CarTraits } from '../../core/car/traits';
import type { CauseId } from '../../core/diagnosis/causes';
import { channelsOf } from '../../core/diagnosis/network/channels';
import { type Fault, faultsOf } from '../../core/diagnosis/network/faults';
import { questionOf } from '../../core/diagnosis/network/parents';
import type { GivenFinding } from '../../core/readings/given';
import { FINDINGS, type Finding, type FindingId } from '../../core/readings/vocabulary/findings';
import { broughtAbout, drawAnswer, drawAnswers, seededFor } from '../../tests/support/drawn';
import { COUPE, SALOON } from '../../tests/support/told';

/** The car that the simulated complaints are about. */
export const CAR: CarTraits = { ...SALOON, rotor: COUPE.rotor };

/** Every question about what the driver has felt; where it sits is not asked. */
const COMPLAINTS = (FINDINGS as readonly Finding[])
  .filter(({ stage }) => stage === 'complaint')
  .map(({ id }) => ({ id, place: undefined }));

/** Links and priors of the world are off from the tables by a factor between half and twice. */
const OFF = 2;
const MOST = 0.98;

/**
 * A world that is not quite as the knowledge says, so that the engine is not marked by itself: every link and every
 * prior is off by a factor of its own, drawn once.
 */
export function perturbedWorld(random: () => number) {
  const faults = faultsOf(CAR);
  const seed = Math.floor(random() * 1e9);
  // Whoever looks first, and at what, does not make another world of it.
  const factor = (name: string) => OFF ** (2 * seededFor(seed, name)() - 1);
  const roots = faults.filter(({ cause, above }) => cause !== undefined && above < 0);
  const bend = ({ cause }: Fault, finding: FindingId, chance: number) =>
    Math.min(MOST, chance * factor(`${cause} ${finding}`));
  const answer = (
    present: ReadonlySet<number>,
    finding: FindingId,
    place: Corner | undefined,
    noise: () => number,
    told: readonly GivenFinding[] = [],
  ): GivenFinding => drawAnswer(faults, present, finding, place, noise, bend, told);
  return {
    faults,
    roots,
    /** A cause by itself, at any of the wheels that can have it. */
    rootOf(cause: CauseId, noise: () => number): Fault {
      const at = roots.filter((each) => each.cause === cause);
      return at[Math.floor(noise() * at.length)]!;
    },
    /** How often a root turns up here. */
    weightOf: (root: Fault) => root.prior * factor(`prior ${root.cause}`),
    present: (of: readonly Fault[], noise: () => number) => broughtAbout(faults, of, noise),
    answer,
    /** What the driver would say to each question about the car. */
    experience: (present: ReadonlySet<number>, noise: () => number): GivenFinding[] =>
      drawAnswers(faults, present, COMPLAINTS, noise, bend),
    /** Whether a fault that is there can be behind an answer. */
    canShow(present: ReadonlySet<number>, { id, place }: GivenFinding): boolean {
      return channelsOf(id).some((channel) =>
        questionOf(channel, place, faults).parents.some(({ fault }) => present.has(fault)),
      );
    },
  };
}

export type World = ReturnType<typeof perturbedWorld>;
