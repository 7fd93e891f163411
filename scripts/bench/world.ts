import type { Corner } from '../../core/car/corner';
import type { CarTraits } from '../../core/car/traits';
import { type Fault, faultsOf } from '../../core/diagnosis/network/faults';
import type { GivenFinding } from '../../core/readings/given';
import { familyOf } from '../../core/readings/vocabulary/families';
import { FINDINGS, type Finding, type FindingId, findingOf } from '../../core/readings/vocabulary/findings';
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
  ): GivenFinding =>
    drawAnswer(faults, present, finding, place, noise, ({ cause }, chance) =>
      Math.min(MOST, chance * factor(`${cause} ${finding}`)),
    );
  return {
    faults,
    roots,
    /** How often a root turns up here. */
    weightOf: (root: Fault) => root.prior * factor(`prior ${root.cause}`),
    present: (of: readonly Fault[], noise: () => number) => broughtAbout(faults, of, noise),
    answer,
    /** What the driver says: every complaint that is there, one in twenty forgotten; empty when there is none. */
    complaints(present: ReadonlySet<number>, noise: () => number): GivenFinding[] {
      const told = (FINDINGS as readonly Finding[])
        .filter(({ stage }) => stage === 'complaint')
        .map(({ id }) => answer(present, id, undefined, noise))
        .filter(({ id, state }) => state !== findingOf(id).states[0] && noise() > 0.05);
      return told.some(({ id }) => familyOf(id)) ? told : [];
    },
  };
}

export type World = ReturnType<typeof perturbedWorld>;
