import type { Corner } from '../../core/car/corner';
import type { CarTraits } from '../../core/car/traits';
import type { GivenFinding } from '../../core/diagnosis/given';
import { channelsOf } from '../../core/diagnosis/network/channels';
import { type Fault, faultsOf } from '../../core/diagnosis/network/faults';
import { questionOf } from '../../core/diagnosis/network/parents';
import { familyOf } from '../../core/diagnosis/vocabulary/families';
import { FINDINGS, type Finding, type FindingId, findingOf } from '../../core/diagnosis/vocabulary/findings';
import { broughtAbout } from '../../tests/support/drawn';

/** The car that the simulated complaints are about. */
export const CAR: CarTraits = {
  booster: true,
  assist: 'vacuum',
  stabilityControl: true,
  rearBrake: 'disc',
  caliper: { front: 'sliding', rear: 'sliding' },
  rotor: { front: 'two_piece', rear: 'one_piece' },
  parkingBrake: 'in_caliper',
};

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
  ): GivenFinding => {
    let state = findingOf(finding).states[0] as string;
    for (const channel of channelsOf(finding)) {
      const { leak, parents } = questionOf(channel, place, faults);
      const draw = noise();
      const level = [...leak].findIndex((value, at) => {
        let below = value;
        for (const { fault, cumulative } of parents)
          if (present.has(fault))
            below *= 1 - Math.min(MOST, (1 - cumulative[at]!) * factor(`${faults[fault]!.cause} ${finding}`));
        return draw <= below;
      });
      if (level > 0) state = channel.states[level]!;
    }
    return { id: finding, state, ...(place ? { place } : {}) };
  };
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
