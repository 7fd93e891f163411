import { CORNERS } from '../../car/corner';
import type { CauseId } from '../causes';
import type { Problem } from '../engine/problem';
import { kept } from '../kept';
import type { Network } from './build';
import type { Fault } from './faults';

/** The engine's view of a car and its answers, and which of its groups is which cause. */
export type Posed = {
  problem: Problem;
  /** The faults of each cause, however they came about: the first groups of the problem, in this order. */
  causes: ReadonlyMap<CauseId, readonly number[]>;
};

/** Poses a network to the engine. What nobody listed stands apart by complaint; all of it is the only union. */
export function problemOf({ faults, observations }: Network): Posed {
  const { members, unlisted, ownWay, ...columns } = columnsOf(faults);
  const asked = new Uint8Array(faults.length);
  for (const { parents } of observations) for (const { fault } of parents) asked[fault] = 1;
  // What another may have brought about is told once something of its own was asked; until then it would be a guess.
  const isTold = (fault: number) => ownWay[fault] === 1 || asked[fault] === 1;
  const causes = new Map<CauseId, readonly number[]>();
  for (const [cause, all] of members) {
    const told = all.every(isTold) ? all : all.filter(isTold);
    if (told.length > 0) causes.set(cause, told);
  }
  return {
    causes,
    problem: {
      ...columns,
      groups: [...causes.values(), ...unlisted.map((fault) => [fault])],
      unions: [unlisted],
      answers: observations,
    },
  };
}

type Columns = Pick<Problem, 'priors' | 'above' | 'places'> & {
  /** All faults of each cause that are told of. */
  members: ReadonlyMap<CauseId, readonly number[]>;
  unlisted: readonly number[];
  /** 1 where no other cause brings it about: it comes by itself, or with its like across the axle. */
  ownWay: Uint8Array;
};
const columns = new WeakMap<readonly Fault[], Columns>();

/** The faults as the engine reads them, once for each car. */
function columnsOf(faults: readonly Fault[]): Columns {
  return kept(columns, faults, () => {
    const members = new Map<CauseId, number[]>();
    const unlisted: number[] = [];
    faults.forEach((fault, index) => {
      if (!isListed(fault)) unlisted.push(index);
      else if (!carriesOnly(fault)) kept(members, fault.cause, (): number[] => []).push(index);
    });
    return {
      priors: Float64Array.from(faults, (fault) => fault.prior),
      above: Int32Array.from(faults, (fault) => fault.above),
      places: Uint8Array.from(faults, ({ corner }) => (corner ? CORNERS.indexOf(corner) + 1 : 0)),
      ownWay: Uint8Array.from(faults, (fault) => (isListed(fault) && fault.isBrought ? 0 : 1)),
      ...{ members, unlisted },
    };
  });
}

export type ListedFault = Extract<Fault, { cause: CauseId }>;

export const isListed = (fault: Fault): fault is ListedFault => fault.cause !== undefined;

/** Part of the fault above it, for the findings that show together; not one of its own. */
export const carriesOnly = ({ shows }: ListedFault) => shows === 'together';
