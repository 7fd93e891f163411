import { kept } from '../kept';
import type { Explanations } from './explanations';

/** A question not yet asked, as the engine sees it. */
export type OpenQuestion = {
  leak: Float64Array;
  parents: { fault: number; cumulative: Float64Array }[];
  /** It is known that the unremarkable level is not the answer: it tells how something is that is so. */
  beyond?: boolean;
};

/** What hangs on whether any fault of a group is there, minutes. */
export type Matter = { faults: readonly number[]; minutes: number };

export type Forecast = {
  /** Expected information about the faults, bits. */
  bits: number;
  /** Expected minutes saved on the whole job. */
  saves: number;
  /** P(each level) as things stand. */
  levels: Float64Array;
  /** For each level, P(leader present | that answer). */
  after: Float64Array[];
};

/** Groups of faults of which P(any) is followed: bit i of an explanation on when it holds a fault of group i. */
type Watched = { inSets: Uint32Array; totals: Float64Array };

/** The explanations laid out so that a question only visits the ones it bears on. */
export type ForecastIndex = {
  explanations: Explanations;
  marginals: Float64Array;
  /** Which explanations hold a fault. */
  holding: ReadonlyMap<number, readonly number[]>;
  leaders: Watched;
  matters: Watched;
  /** What hangs on each matter, minutes. */
  minutes: Float64Array;
  /** Room for one question's rows, an explanation each, and which question last used each row. */
  rows: Float64Array;
  usedBy: Int32Array;
  asked: number;
};

/** As many groups as have a bit. */
const MOST_WATCHED = 31;

/** Levels a question can have at most. */
const MOST_LEVELS = 8;

/**
 * Lays the explanations out once for many questions.
 * @param marginals P(fault | answers)
 * @param leaders groups of fault indexes (31 at most) whose probability after each answer is wanted
 * @param matters what hangs on which faults; the 31 on which most is open are counted
 */
export function forecastIndex(
  explanations: Explanations,
  marginals: Float64Array,
  leaders: readonly (readonly number[])[],
  matters: readonly Matter[] = [],
): ForecastIndex {
  const { list } = explanations;
  const holding = new Map<number, number[]>();
  list.forEach(({ faults }, index) => {
    for (const fault of faults) kept(holding, fault, (): number[] => []).push(index);
  });
  const held = (faults: readonly number[]) => new Set(faults.flatMap((fault) => holding.get(fault) ?? []));
  const totalOf = (sets: ReadonlySet<number>) =>
    [...sets].reduce((sum, index) => sum + list[index]!.probability, 0);
  const watched = (groups: readonly ReadonlySet<number>[]): Watched => {
    const inSets = new Uint32Array(list.length);
    groups.forEach((sets, group) => {
      for (const index of sets) inSets[index]! |= 1 << group;
    });
    return { inSets, totals: Float64Array.from(groups, totalOf) };
  };
  const counted = matters
    .map(({ faults, minutes }) => {
      const sets = held(faults);
      const total = totalOf(sets);
      return { sets, minutes, open: minutes * total * (1 - total) };
    })
    .filter(({ open }) => open > 0)
    .sort((one, other) => other.open - one.open)
    .slice(0, MOST_WATCHED);
  return {
    explanations,
    marginals,
    holding,
    leaders: watched(leaders.map(held)),
    matters: watched(counted.map(({ sets }) => sets)),
    minutes: Float64Array.from(counted, ({ minutes }) => minutes),
    rows: new Float64Array(list.length * MOST_LEVELS),
    usedBy: new Int32Array(list.length),
    asked: 0,
  };
}

/**
 * What an answer is expected to tell: I(answer; faults) = H(answer) − E[H(answer | faults)], the expectation taken over
 * the explanations. P(at or below a level | faults) is a product over the faults present that can bring it about, so
 * explanations without one of those share the leak and are counted together; faults outside the explanations enter as
 * likely as they are.
 *
 * And what it is expected to save. Whoever goes by the chances does a work for nothing, or leaves it undone, with
 * P(1 − P) each time; an answer takes the expected variance of P off that. So it saves Σ minutes · Var(P | answer)
 * over all that hangs on the faults (the Brier score's resolution, Murphy 1973, priced in minutes).
 */
export function forecast(question: OpenQuestion, prepared: ForecastIndex): Forecast {
  const leak = leakWithRest(question, prepared);
  const count = leak.length;
  const touched = touchedRows(question, prepared, leak);
  if (question.beyond) {
    condition(leak, 0, count);
    for (const index of touched) condition(prepared.rows, index * MOST_LEVELS, count);
  }
  const levels = new Float64Array(count);
  const leaders = following(prepared.leaders, prepared.rows, count);
  const matters = following(prepared.matters, prepared.rows, count);
  let untouched = 1;
  let conditional = 0;
  for (const index of touched) {
    const { probability } = prepared.explanations.list[index]!;
    untouched -= probability;
    conditional += probability * addLevels(prepared.rows, index * MOST_LEVELS, count, probability, levels);
    leaders.take(index, probability);
    matters.take(index, probability);
  }
  untouched = Math.max(0, untouched);
  conditional += untouched * addLevels(leak, 0, count, untouched, levels);

  let marginal = 0;
  for (const level of levels) marginal -= surprise(level);
  const after = Array.from(levels, (chance, level) =>
    prepared.leaders.totals.map((_, leader) =>
      chance > 0 ? leaders.joint(leader, level, leak) / chance : 0,
    ),
  );
  let saves = 0;
  prepared.matters.totals.forEach((total, matter) => {
    let squares = 0;
    for (let level = 0; level < count; level++) {
      if (levels[level]! > 0) squares += matters.joint(matter, level, leak) ** 2 / levels[level]!;
    }
    saves += prepared.minutes[matter]! * Math.max(0, squares - total * total);
  });
  return { bits: Math.max(0, marginal - conditional), saves, levels, after };
}

/** P(group and level), put together explanation by explanation; those the question does not touch share the leak. */
function following({ inSets, totals }: Watched, rows: Float64Array, count: number) {
  const touched = new Float64Array(totals.length * count);
  const left = totals.slice();
  return {
    take(index: number, probability: number): void {
      for (let mask = inSets[index]!; mask !== 0; mask &= mask - 1) {
        const group = lowestBit(mask);
        left[group]! -= probability;
        for (let level = 0; level < count; level++)
          touched[group * count + level]! += probability * chanceOf(rows, index * MOST_LEVELS, level);
      }
    },
    joint: (group: number, level: number, leak: Float64Array): number =>
      touched[group * count + level]! + Math.max(0, left[group]!) * chanceOf(leak, 0, level),
  };
}

function lowestBit(mask: number): number {
  return 31 - Math.clz32(mask & -mask);
}

/** Leaves the unremarkable level out of a row: the rest share its chance. */
function condition(rows: Float64Array, row: number, count: number): void {
  const below = rows[row]!;
  const rest = 1 - below;
  for (let level = 0; level < count; level++)
    rows[row + level] = rest > 0 ? (rows[row + level]! - below) / rest : level / (count - 1);
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
function leakWithRest(question: OpenQuestion, { explanations, marginals }: ForecastIndex): Float64Array {
  const leak = question.leak.slice();
  for (const { fault, cumulative } of question.parents) {
    if (explanations.hangsOn[fault]! >= 0) continue;
    for (let level = 0; level < leak.length; level++)
      leak[level]! *= 1 - marginals[fault]! * (1 - cumulative[level]!);
  }
  return leak;
}

/** Writes P(at or below each level) for every explanation with a fault the question depends on; says which those are. */
function touchedRows(question: OpenQuestion, prepared: ForecastIndex, leak: Float64Array): number[] {
  const { explanations, holding, rows, usedBy } = prepared;
  const touched: number[] = [];
  const count = leak.length;
  prepared.asked += 1;
  for (const { fault, cumulative } of question.parents) {
    const on = explanations.hangsOn[fault]!;
    if (on < 0) continue;
    const share = explanations.share[fault]!;
    for (const index of holding.get(on) ?? []) {
      const row = index * MOST_LEVELS;
      if (usedBy[index] !== prepared.asked) {
        usedBy[index] = prepared.asked;
        touched.push(index);
        for (let level = 0; level < count; level++) rows[row + level] = leak[level]!;
      }
      // What only hangs on the fault is there as often as it comes with it.
      for (let level = 0; level < count; level++) rows[row + level]! *= 1 - share * (1 - cumulative[level]!);
    }
  }
  return touched;
}
