import { orderOf } from './order';
import { type Answer, atOrBelow } from './problem';

/** How one fault, when present, acts on one open answer: it stays below the level, or reaches it. */
export type Touch = { bit: number; below: number; reaches: number; atMost: number };

/** A fault with what it does to the open answers, and those under it that do anything. */
export type Branch = { fault: number; touches: Touch[]; under: Branch[] };

export type Step = {
  /** Faults at the top of their chains that are summed together. */
  group: number;
  /** Answers that open before this group, in the order of the bits they take. */
  opens: number[];
  faults: Branch[];
  /** Bits that close after it, highest first: no later fault can explain them, so they must be explained now. */
  closes: number[];
};

/** `cost`: weights looked at in one pass, for holding a sum to a budget. */
export type Plan = { steps: Step[]; width: number; cost: number };

/**
 * The order in which groups are summed, so that as few abnormal answers as possible are open at once.
 * Only groups that can bring about an abnormal answer take part.
 * @param abnormal answers with a level above 0
 * @param groups candidate groups of faults at the top of their chains; what is under them goes with them
 * @param above of each fault, the one that brings it about
 */
export function planSum(
  abnormal: readonly Answer[],
  groups: readonly (readonly number[])[],
  above: Int32Array,
): Plan {
  const bearing = bearingOn(abnormal, groups, above);
  const { answersOfGroup, waiting } = bearing;
  const bitOf = new Int32Array(abnormal.length).fill(-1);
  const open: number[] = [];
  const steps: Step[] = [];
  let width = 0;
  let cost = 0;

  for (const group of orderedGroups(bearing, groups, abnormal.length)) {
    const touched = answersOfGroup[group]!;
    const opens = touched.filter((answer) => bitOf[answer]! < 0);
    for (const answer of opens) bitOf[answer] = open.push(answer) - 1;
    width = Math.max(width, open.length);
    const faults = groups[group]!.map((fault) => branchOf(fault, bearing, bitOf));
    cost += faults.reduce((sum, branch) => sum + sizeOf(branch), 0) * 2 ** open.length;
    for (const answer of touched) waiting[answer]! -= 1;
    const closes: number[] = [];
    for (let bit = open.length - 1; bit >= 0; bit--) if (waiting[open[bit]!] === 0) closes.push(bit);
    for (const bit of closes) {
      bitOf[open[bit]!] = -1;
      open.splice(bit, 1);
    }
    for (let bit = 0; bit < open.length; bit++) bitOf[open[bit]!] = bit;
    steps.push({ group, opens, faults, closes });
  }
  return { steps, width, cost };
}

/**
 * The same order for some of the answers alone, without looking for one anew: each opens and closes where it did, and
 * what bears on none of them is left out.
 * @param answers indexes of those, ascending; in the new plan each is known by its place among them
 * @returns a plan with the cost of the whole, which its own is below
 */
export function planFor(answers: readonly number[], { steps: all, cost }: Plan): Plan {
  const before: number[] = [];
  const open: number[] = [];
  const steps: Step[] = [];
  let width = 0;
  for (const { group, opens, faults, closes } of all) {
    before.push(...opens);
    const opened = opens.map((answer) => answers.indexOf(answer)).filter((answer) => answer >= 0);
    open.push(...opened);
    width = Math.max(width, open.length);
    const bits = before.map((answer) => open.indexOf(answers.indexOf(answer)));
    const closed: number[] = [];
    for (const bit of closes) {
      if (bits[bit]! >= 0) closed.push(bits[bit]!);
      before.splice(bit, 1);
    }
    const acting = faults.map((branch) => branchFor(branch, bits));
    if (acting.some(acts)) steps.push({ group, opens: opened, faults: acting, closes: closed });
    for (const bit of closed) open.splice(bit, 1);
  }
  return { steps, width, cost };
}

/**
 * A branch as it acts on some of the answers, without those under it that do not.
 * @param bits by the bit that each open answer had, the one it has now; −1 for one that is left out
 */
function branchFor({ fault, touches: all, under: every }: Branch, bits: readonly number[]): Branch {
  const touches: Touch[] = [];
  for (const { bit, below, reaches, atMost } of all)
    if (bits[bit]! >= 0) touches.push({ bit: bits[bit]!, below, reaches, atMost });
  const under: Branch[] = [];
  for (const each of every) {
    const branch = branchFor(each, bits);
    if (acts(branch)) under.push(branch);
  }
  return { fault, touches, under };
}

const acts = ({ touches, under }: Branch) => touches.length > 0 || under.length > 0;

/** The groups that bear on any answer, in the order in which they are summed. */
function orderedGroups(
  { answersOfGroup, effects, under }: Bearing,
  groups: readonly (readonly number[])[],
  answers: number,
): number[] {
  const left = [...groups.keys()].filter((group) => answersOfGroup[group]!.length > 0);
  const weigh = (fault: number): number =>
    (under[fault] ?? NOTHING).reduce((sum, each) => sum + weigh(each), (effects[fault]?.length ?? 0) + 1);
  const loads = left.map((group) => ({
    answers: answersOfGroup[group]!,
    size: groups[group]!.reduce((sum, fault) => sum + weigh(fault), 0),
  }));
  return orderOf(loads, answers).map((load) => left[load]!);
}

/** What one fault does to an abnormal answer. */
type Effect = { answer: number; below: number; reaches: number; atMost: number };

/** Lists by fault; most faults have none. */
type Sparse<T> = (T[] | undefined)[];

type Bearing = {
  answersOfGroup: number[][];
  /** How many groups each answer waits for. */
  waiting: Int32Array;
  /** By fault, what it does. */
  effects: Sparse<Effect>;
  /** By fault, those directly under it that do anything, or have such under them. */
  under: Sparse<number>;
};

function bearingOn(
  abnormal: readonly Answer[],
  groups: readonly (readonly number[])[],
  above: Int32Array,
): Bearing {
  const effects: Sparse<Effect> = new Array(above.length);
  const under: Sparse<number> = new Array(above.length);
  const answersOfRoot: Sparse<number> = new Array(above.length);
  abnormal.forEach(({ level, parents }, answer) => {
    for (const { fault, cumulative } of parents) {
      const below = atOrBelow(cumulative, level - 1);
      const atMost = atOrBelow(cumulative, level);
      pushTo(effects, fault, { answer, below, reaches: atMost - below, atMost });
      let root = fault;
      for (; above[root]! >= 0; root = above[root]!) {
        const siblings = under[above[root]!];
        if (!siblings?.includes(root)) pushTo(under, above[root]!, root);
      }
      const answers = answersOfRoot[root];
      if (answers?.at(-1) !== answer) pushTo(answersOfRoot, root, answer);
    }
  });
  const waiting = new Int32Array(abnormal.length);
  const answersOfGroup = groups.map((members) => {
    const answers: number[] = [];
    for (const fault of members)
      for (const answer of answersOfRoot[fault] ?? NOTHING)
        if (!answers.includes(answer)) {
          answers.push(answer);
          waiting[answer]! += 1;
        }
    return answers;
  });
  return { answersOfGroup, waiting, effects, under };
}

function pushTo<T>(lists: Sparse<T>, key: number, value: T): void {
  const list = lists[key];
  if (list) list.push(value);
  else lists[key] = [value];
}

const NOTHING: readonly never[] = [];

function branchOf(fault: number, bearing: Bearing, bitOf: Int32Array): Branch {
  const { effects, under } = bearing;
  return {
    fault,
    touches: (effects[fault] ?? NOTHING).map(({ answer, below, reaches, atMost }) => ({
      bit: bitOf[answer]!,
      below,
      reaches,
      atMost,
    })),
    under: (under[fault] ?? NOTHING).map((each) => branchOf(each, bearing, bitOf)),
  };
}

function sizeOf({ touches, under }: Branch): number {
  return under.reduce((sum, branch) => sum + sizeOf(branch), touches.length + 1);
}
