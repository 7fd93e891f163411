import { type Answer, atOrBelow } from './problem';

/** How one fault, when present, acts on one open answer: it stays below the level, or reaches it. */
export type Touch = { bit: number; below: number; reaches: number; atMost: number };

export type Step = {
  group: number;
  /** Answers that open before this group, in the order of the bits they take. */
  opens: number[];
  faults: { fault: number; touches: Touch[] }[];
  /** Bits that close after it, highest first: no later fault can explain them, so they must be explained now. */
  closes: number[];
};

/** `cost`: weights looked at in one pass, for holding a sum to a budget. */
export type Plan = { steps: Step[]; width: number; cost: number };

/**
 * The order in which groups are summed, so that as few abnormal answers as possible are open at once.
 * Only groups that can bring about an abnormal answer take part; greedy, smallest growth first.
 * @param abnormal answers with a level above 0
 * @param groups candidate groups of fault indexes
 */
export function planSum(abnormal: readonly Answer[], groups: readonly (readonly number[])[]): Plan {
  const { answersOfGroup, left, waiting } = bearingOn(abnormal, groups);
  const isOpen = new Uint8Array(abnormal.length);
  const open: number[] = [];
  const steps: Step[] = [];
  let width = 0;
  let cost = 0;

  while (left.length > 0) {
    const group = takeNarrowest(left, answersOfGroup, waiting, isOpen);
    const touched = answersOfGroup[group]!;
    const opens = touched.filter((answer) => isOpen[answer] === 0);
    for (const answer of opens) {
      isOpen[answer] = 1;
      open.push(answer);
    }
    width = Math.max(width, open.length);
    const faults = groups[group]!.map((fault) => ({ fault, touches: touchesOf(fault, abnormal, open) }));
    for (const { touches } of faults) cost += (touches.length + 1) * 2 ** open.length;
    for (const answer of touched) waiting[answer]! -= 1;
    const closes: number[] = [];
    for (let bit = open.length - 1; bit >= 0; bit--) if (waiting[open[bit]!] === 0) closes.push(bit);
    for (const bit of closes) open.splice(bit, 1);
    steps.push({ group, opens, faults, closes });
  }
  return { steps, width, cost };
}

/** Which answers each group bears on, the groups that bear on any, and how many groups each answer waits for. */
function bearingOn(abnormal: readonly Answer[], groups: readonly (readonly number[])[]) {
  const groupOf: number[] = [];
  groups.forEach((members, group) => {
    for (const fault of members) groupOf[fault] = group;
  });
  const answersOfGroup: number[][] = groups.map(() => []);
  const waiting = new Int32Array(abnormal.length);
  abnormal.forEach((answer, index) => {
    for (const { fault } of answer.parents) {
      const group = groupOf[fault];
      if (group === undefined || answersOfGroup[group]!.at(-1) === index) continue;
      if (answersOfGroup[group]!.includes(index)) continue;
      answersOfGroup[group]!.push(index);
      waiting[index]! += 1;
    }
  });
  const left = [...groups.keys()].filter((group) => answersOfGroup[group]!.length > 0);
  return { answersOfGroup, left, waiting };
}

/** Takes out the group that opens least and closes most. */
function takeNarrowest(
  left: number[],
  answersOfGroup: readonly number[][],
  waiting: Int32Array,
  isOpen: Uint8Array,
): number {
  let best = 0;
  let bestCost = Number.POSITIVE_INFINITY;
  for (let at = 0; at < left.length; at++) {
    let cost = 0;
    for (const answer of answersOfGroup[left[at]!]!)
      cost += (isOpen[answer] ? 0 : 2) - (waiting[answer] === 1 ? 1 : 0);
    if (cost < bestCost) {
      bestCost = cost;
      best = at;
    }
  }
  return left.splice(best, 1)[0]!;
}

function touchesOf(fault: number, abnormal: readonly Answer[], open: readonly number[]): Touch[] {
  return open.flatMap((answer, bit) => {
    const { level, parents } = abnormal[answer]!;
    const parent = parents.find((candidate) => candidate.fault === fault);
    if (!parent) return [];
    const below = atOrBelow(parent.cumulative, level - 1);
    const atMost = atOrBelow(parent.cumulative, level);
    return [{ bit, below, reaches: atMost - below, atMost }];
  });
}
