import { type Answer, atOrBelow } from './problem';

/** How one fault, when present, acts on one open answer: it stays below the level, or reaches it. */
export type Touch = { bit: number; below: number; reaches: number; atMost: number };

export type Step = {
  group: number;
  /** Answers that open before this group, in the order of the bits they take. */
  opens: { answer: number; below: number; reaches: number }[];
  faults: { fault: number; touches: Touch[] }[];
  /** Bits that close after it, highest first: no later fault can explain them, so they must be explained now. */
  closes: number[];
};

export type Plan = { steps: Step[]; width: number };

/**
 * The order in which groups are summed, so that as few abnormal answers as possible are open at once.
 * Only groups that can bring about an abnormal answer take part; greedy, smallest growth first.
 * @param abnormal answers with a level above 0
 * @param groups candidate groups of fault indexes
 */
export function planSum(abnormal: readonly Answer[], groups: readonly (readonly number[])[]): Plan {
  const answersOfGroup = groups.map((members) =>
    abnormal.flatMap((answer, index) =>
      answer.parents.some((parent) => members.includes(parent.fault)) ? [index] : [],
    ),
  );
  const left = new Set([...groups.keys()].filter((group) => answersOfGroup[group]!.length > 0));
  const waiting = abnormal.map(
    (_, index) => [...left].filter((group) => answersOfGroup[group]!.includes(index)).length,
  );
  const open: number[] = [];
  const steps: Step[] = [];
  let width = 0;

  while (left.size > 0) {
    const group = pickNarrowest(left, answersOfGroup, waiting, open);
    left.delete(group);
    const opens = answersOfGroup[group]!.filter((answer) => !open.includes(answer));
    open.push(...opens);
    width = Math.max(width, open.length);
    const faults = groups[group]!.map((fault) => ({ fault, touches: touchesOf(fault, abnormal, open) }));
    for (const answer of answersOfGroup[group]!) waiting[answer]! -= 1;
    const closes = open.flatMap((answer, bit) => (waiting[answer] === 0 ? [bit] : [])).reverse();
    for (const bit of closes) open.splice(bit, 1);
    steps.push({ group, opens: opens.map((answer) => openingOf(answer, abnormal[answer]!)), faults, closes });
  }
  return { steps, width };
}

function pickNarrowest(
  left: Set<number>,
  answersOfGroup: number[][],
  waiting: number[],
  open: number[],
): number {
  let best = -1;
  let bestCost = Number.POSITIVE_INFINITY;
  for (const group of left) {
    let opens = 0;
    let closes = 0;
    for (const answer of answersOfGroup[group]!) {
      if (!open.includes(answer)) opens += 1;
      if (waiting[answer] === 1) closes += 1;
    }
    const cost = opens * 2 - closes;
    if (cost < bestCost) {
      bestCost = cost;
      best = group;
    }
  }
  return best;
}

function openingOf(answer: number, { leak, level }: Answer): Step['opens'][number] {
  const below = atOrBelow(leak, level - 1);
  return { answer, below, reaches: atOrBelow(leak, level) - below };
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
