import type { Explanations } from './explanations';

/** A question not yet asked, as the engine sees it. */
export type OpenQuestion = { leak: Float64Array; parents: { fault: number; cumulative: Float64Array }[] };

export type Forecast = {
  /** Expected information about the faults, bits. */
  bits: number;
  /** P(each level) as things stand. */
  levels: Float64Array;
  /** For each level, P(leader present | that answer). */
  after: Float64Array[];
};

/** The explanations laid out so that a question only visits the ones it bears on. */
export type ForecastDesk = {
  explanations: Explanations;
  marginals: Float64Array;
  considered: ReadonlySet<number>;
  /** Which explanations hold a fault. */
  holding: ReadonlyMap<number, readonly number[]>;
  /** Bit i on: the explanation holds a fault of leader i. */
  leadersIn: Uint32Array;
  /** P(leader) over the explanations. */
  leaderTotals: Float64Array;
  /** Room for one question's rows, an explanation each, and which question last used each row. */
  rows: Float64Array;
  usedBy: Int32Array;
  asked: number;
};

/** Levels a question can have at most. */
const MOST_LEVELS = 8;

/**
 * Lays the explanations out once for many questions.
 * @param marginals P(fault | answers)
 * @param leaders groups of fault indexes (31 at most) whose probability after each answer is wanted
 */
export function deskFor(
  explanations: Explanations,
  marginals: Float64Array,
  leaders: readonly (readonly number[])[],
): ForecastDesk {
  const holding = new Map<number, number[]>();
  const leadersIn = new Uint32Array(explanations.list.length);
  const leaderTotals = new Float64Array(leaders.length);
  explanations.list.forEach(({ faults, probability }, index) => {
    for (const fault of faults) {
      const held = holding.get(fault);
      if (held) held.push(index);
      else holding.set(fault, [index]);
    }
    leaders.forEach((group, leader) => {
      if (!group.some((fault) => faults.includes(fault))) return;
      leadersIn[index]! |= 1 << leader;
      leaderTotals[leader]! += probability;
    });
  });
  return {
    explanations,
    marginals,
    considered: new Set(explanations.considered),
    holding,
    leadersIn,
    leaderTotals,
    rows: new Float64Array(explanations.list.length * MOST_LEVELS),
    usedBy: new Int32Array(explanations.list.length),
    asked: 0,
  };
}

/**
 * What an answer is expected to tell: I(answer; faults) = H(answer) − E[H(answer | faults)], the expectation taken over
 * the explanations. P(at or below a level | faults) is a product over the faults present that can bring it about, so
 * explanations without one of those share the leak and are counted together; faults outside the explanations enter as
 * likely as they are.
 */
export function forecast(question: OpenQuestion, desk: ForecastDesk): Forecast {
  const leak = leakWithRest(question, desk);
  const count = leak.length;
  const touched = touchedRows(question, desk, leak);
  const levels = new Float64Array(count);
  const after = Array.from({ length: count }, () => new Float64Array(desk.leaderTotals.length));
  const untouchedLeaders = desk.leaderTotals.slice();
  let untouched = 1;
  let conditional = 0;

  for (const index of touched) {
    const { probability } = desk.explanations.list[index]!;
    const mask = desk.leadersIn[index]!;
    const row = index * MOST_LEVELS;
    untouched -= probability;
    conditional += probability * addLevels(desk.rows, row, count, probability, levels);
    if (mask === 0) continue;
    for (let leader = 0; leader < untouchedLeaders.length; leader++) {
      if ((mask & (1 << leader)) === 0) continue;
      untouchedLeaders[leader]! -= probability;
      for (let level = 0; level < count; level++)
        after[level]![leader]! += probability * chanceOf(desk.rows, row, level);
    }
  }
  untouched = Math.max(0, untouched);
  conditional += untouched * addLevels(leak, 0, count, untouched, levels);

  let marginal = 0;
  for (let level = 0; level < count; level++) {
    marginal -= surprise(levels[level]!);
    const base = chanceOf(leak, 0, level);
    for (let leader = 0; leader < untouchedLeaders.length; leader++) {
      const joint = after[level]![leader]! + Math.max(0, untouchedLeaders[leader]!) * base;
      after[level]![leader] = levels[level]! > 0 ? joint / levels[level]! : 0;
    }
  }
  return { bits: Math.max(0, marginal - conditional), levels, after };
}

/** Adds a share of a row's level chances to the sum and gives the entropy of those chances, bits. */
function addLevels(
  rows: Float64Array,
  row: number,
  count: number,
  share: number,
  levels: Float64Array,
): number {
  let entropy = 0;
  for (let level = 0; level < count; level++) {
    const chance = chanceOf(rows, row, level);
    levels[level]! += share * chance;
    entropy -= surprise(chance);
  }
  return entropy;
}

function chanceOf(rows: Float64Array, row: number, level: number): number {
  return level === 0 ? rows[row]! : rows[row + level]! - rows[row + level - 1]!;
}

function surprise(chance: number): number {
  return chance > 0 ? chance * Math.log2(chance) : 0;
}

/** The leak, with the faults outside the explanations folded in at their own probability. */
function leakWithRest(question: OpenQuestion, { considered, marginals }: ForecastDesk): Float64Array {
  const leak = question.leak.slice();
  for (const { fault, cumulative } of question.parents) {
    if (considered.has(fault)) continue;
    for (let level = 0; level < leak.length; level++)
      leak[level]! *= 1 - marginals[fault]! * (1 - cumulative[level]!);
  }
  return leak;
}

/** Writes P(at or below each level) for every explanation with a fault the question depends on; says which those are. */
function touchedRows(question: OpenQuestion, desk: ForecastDesk, leak: Float64Array): number[] {
  const { considered, holding, rows, usedBy } = desk;
  const touched: number[] = [];
  const count = leak.length;
  desk.asked += 1;
  for (const { fault, cumulative } of question.parents) {
    if (!considered.has(fault)) continue;
    for (const index of holding.get(fault) ?? []) {
      const row = index * MOST_LEVELS;
      if (usedBy[index] !== desk.asked) {
        usedBy[index] = desk.asked;
        touched.push(index);
        for (let level = 0; level < count; level++) rows[row + level] = leak[level]! * cumulative[level]!;
      } else {
        for (let level = 0; level < count; level++) rows[row + level]! *= cumulative[level]!;
      }
    }
  }
  return touched;
}
