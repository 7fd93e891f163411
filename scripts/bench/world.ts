import type { Corner } from '../../core/car/corner';
import type { CarTraits } from '../../core/car/traits';
import { asksNow } from '../../core/diagnosis/follows';
import { channelsOf } from '../../core/diagnosis/network/channels';
import { type Fault, faultsOf } from '../../core/diagnosis/network/faults';
import { questionOf } from '../../core/diagnosis/network/parents';
import type { GivenFinding } from '../../core/readings/given';
import { FINDINGS, type Finding, type FindingId } from '../../core/readings/vocabulary/findings';
import { broughtAbout, drawAnswer } from '../../tests/support/drawn';
import { COUPE, SALOON } from '../../tests/support/told';

/** The car that the simulated complaints are about. */
export const CAR: CarTraits = { ...SALOON, rotor: COUPE.rotor };

/** Links and priors of the world are off from the tables by a factor between half and twice. */
const OFF = 2;
const MOST = 0.98;

/**
 * A world that is not quite as the knowledge says, so that the engine is not marked by itself: every link and every
 * prior is off by a factor of its own, drawn once.
 */
export function perturbedWorld(random: () => number) {
  const faults = faultsOf(CAR);
  const factors = new Map<string, number>();
  const factor = (key: string) => {
    const before = factors.get(key);
    if (before !== undefined) return before;
    const made = OFF ** (2 * random() - 1);
    factors.set(key, made);
    return made;
  };
  const roots = faults.filter(({ cause, above }) => cause !== undefined && above < 0);
  const answer = (
    present: ReadonlySet<number>,
    finding: FindingId,
    place: Corner | undefined,
    noise: () => number,
    told: readonly GivenFinding[] = [],
  ): GivenFinding =>
    drawAnswer(
      faults,
      present,
      finding,
      place,
      noise,
      ({ cause }, chance) => Math.min(MOST, chance * factor(`${cause} ${finding}`)),
      told,
    );
  return {
    faults,
    roots,
    /** How often a root turns up here. */
    weightOf: (root: Fault) => root.prior * factor(`prior ${root.cause}`),
    present: (of: readonly Fault[], noise: () => number) => broughtAbout(faults, of, noise),
    answer,
    /** What the driver would say to each question about the car, in order: what follows from an answer after it. */
    experience(present: ReadonlySet<number>, noise: () => number): GivenFinding[] {
      const said: GivenFinding[] = [];
      const asked = (FINDINGS as readonly Finding[]).filter(({ stage }) => stage === 'complaint');
      for (const finding of [...asked.filter(({ after }) => !after), ...asked.filter(({ after }) => after)])
        if (asksNow(finding, said)) said.push(answer(present, finding.id, undefined, noise, said));
      return said;
    },
    /** Whether a fault that is there can be behind an answer. */
    canShow(present: ReadonlySet<number>, { id, place }: GivenFinding): boolean {
      return channelsOf(id).some((channel) =>
        questionOf(channel, place, faults).parents.some(({ fault }) => present.has(fault)),
      );
    },
  };
}

export type World = ReturnType<typeof perturbedWorld>;
