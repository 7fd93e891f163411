import { leftAtTop } from './anyOf';
import type { Explanations } from './explanations';
import { copyOf, roomFor } from './room';

/** A question not yet asked, as the engine sees it. */
export type OpenQuestion = {
  leak: Float64Array;
  parents: { fault: number; cumulative: Float64Array }[];
  /** It is known that the unremarkable level is not the answer: it tells how something is that is so. */
  beyond?: boolean;
  /** From this level on its levels are no scale: an answer there says that it is none of the others. */
  nominalFrom?: number;
};

/** What hangs on whether any fault of a group is there, minutes. */
export type Matter = { faults: readonly number[]; minutes: number };

export type Forecast = {
  /** Expected information about the faults, bits. */
  bits: number;
  /** P(each level) as things stand. */
  levels: Float64Array;
  /** For each level, P(leader present | that answer). */
  after: Float64Array[];
};

/** Groups of faults of which P(any) is followed: bit i of an explanation, or of a fault in none, on when group i has a part in it. */
type Watched = { inSets: Uint32Array; outside: Uint32Array; totals: Float64Array; following: Following };

/** P(group and level) while one question is looked at, and of each group what that question does not touch. */
type Following = { joint: Float64Array; left: Float64Array };

/** The explanations laid out so that a question only visits the ones it bears on. */
export type ForecastIndex = {
  explanations: Explanations;
  /** P(explanation). */
  chances: Float64Array;
  marginals: Float64Array;
  /** By fault, which explanations hold it. */
  holding: readonly (readonly number[] | undefined)[];
  leaders: Watched;
  matters: Watched;
  /** What hangs on each matter, minutes. */
  minutes: Float64Array;
  /** Room for one question's rows, an explanation each, and which question last used each row. */
  rows: Float64Array;
  usedBy: Int32Array;
  asked: number;
  /** The question whose rows these are: what it saves and what it tells are mostly wanted one after the other. */
  last?: { question: OpenQuestion; laid: LaidOut };
};

/** As many groups as have a bit. */
export const MOST_WATCHED = 31;

/** Levels a question can have at most. */
const MOST_LEVELS = 8;

/** A fault that no explanation holds, and that is less likely than this, is not followed by itself. */
const LEAST_OUTSIDE = 5e-4;

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
  const chances = Float64Array.from(list, ({ probability }) => probability);
  const holding: (number[] | undefined)[] = new Array(marginals.length).fill(undefined);
  list.forEach(({ faults }, index) => {
    for (const fault of faults) {
      const sets = holding[fault];
      if (sets) sets.push(index);
      else holding[fault] = [index];
    }
  });
  const isOutside = (fault: number) => explanations.hangsOn[fault]! < 0 && marginals[fault]! >= LEAST_OUTSIDE;
  const inSets = totalling(holding, chances);
  // As seldom as they are, those outside hardly ever come together.
  const totalOf = (faults: readonly number[]) =>
    Math.min(
      1,
      faults.reduce((sum, fault) => (isOutside(fault) ? sum + marginals[fault]! : sum), inSets(faults)),
    );
  const topOf = leftAtTop(explanations.above);
  const counted = matters
    .map(({ faults: all, minutes }) => {
      const faults = topOf(all);
      const total = totalOf(faults);
      return { faults, minutes, open: minutes * total * (1 - total) };
    })
    .filter(({ open }) => open > 0)
    .sort((one, other) => other.open - one.open)
    .slice(0, MOST_WATCHED);
  return {
    ...{ explanations, chances, marginals, holding },
    leaders: watched(leaders.map(topOf), { holding, chances, isOutside, totalOf }),
    matters: watched(
      counted.map(({ faults }) => faults),
      { holding, chances, isOutside, totalOf },
    ),
    minutes: Float64Array.from(counted, ({ minutes }) => minutes),
    rows: roomFor(list.length * MOST_LEVELS),
    usedBy: new Int32Array(list.length),
    asked: 0,
  };
}

/** P(any of some faults), by the explanations that hold one; each is counted once a call. */
function totalling(holding: ForecastIndex['holding'], chances: Float64Array) {
  const countedAt = new Int32Array(chances.length);
  let call = 0;
  return (faults: readonly number[]): number => {
    call += 1;
    let total = 0;
    for (const fault of faults)
      for (const index of holding[fault] ?? NONE) {
        if (countedAt[index] === call) continue;
        countedAt[index] = call;
        total += chances[index]!;
      }
    return total;
  };
}

function watched(
  groups: readonly (readonly number[])[],
  {
    holding,
    chances,
    isOutside,
    totalOf,
  }: Pick<ForecastIndex, 'holding' | 'chances'> & {
    isOutside: (fault: number) => boolean;
    totalOf: (faults: readonly number[]) => number;
  },
): Watched {
  const inSets = new Uint32Array(chances.length);
  const outside = new Uint32Array(holding.length);
  groups.forEach((faults, group) => {
    for (const fault of faults) {
      for (const index of holding[fault] ?? NONE) inSets[index]! |= 1 << group;
      if (isOutside(fault)) outside[fault]! |= 1 << group;
    }
  });
  return {
    inSets,
    outside,
    totals: Float64Array.from(groups, totalOf),
    following: {
      joint: roomFor(groups.length * MOST_LEVELS),
      left: roomFor(groups.length),
    },
  };
}

const NONE: readonly number[] = [];

/**
 * What an answer is expected to tell: I(answer; faults) = H(answer) − E[H(answer | faults)], the expectation taken over
 * the explanations. P(at or below a level | faults) is a product over the faults present that can bring it about, so
 * explanations without one of those share the leak and are counted together; faults outside the explanations enter as
 * likely as they are. What it is expected to save is `savingOf`; what each answer would make of the leaders stands beside it.
 */
export function forecast(question: OpenQuestion, prepared: ForecastIndex): Forecast {
  const laid = layOut(question, prepared);
  const { leak, touched } = laid;
  const { levels, untouched } = levelsOf(leak, touched, prepared);
  const leaders = follow(prepared.leaders, question, laid, prepared);
  let conditional = untouched * surpriseOf(leak, 0, leak.length);
  for (const index of touched)
    conditional += prepared.chances[index]! * surpriseOf(prepared.rows, index * MOST_LEVELS, leak.length);
  const after: Float64Array[] = [];
  for (let level = 0; level < levels.length; level++) {
    const chances = roomFor(prepared.leaders.totals.length);
    const chance = levels[level]!;
    for (let leader = 0; chance > 0 && leader < chances.length; leader++)
      chances[leader] = Math.min(1, jointAt(leaders, leader, level, leak) / chance);
    after.push(chances);
  }
  return { bits: Math.max(0, surpriseOf(levels, 0, levels.length) - conditional), levels, after };
}

/**
 * The minutes an answer is expected to save. Whoever goes by the chances does a work for nothing, or leaves it undone,
 * with P(1 − P) each time; an answer takes the expected variance of P off that. So it saves Σ minutes · Var(P | answer)
 * over all that hangs on the faults (the Brier score's resolution, Murphy 1973, priced in minutes).
 */
export function savingOf(question: OpenQuestion, prepared: ForecastIndex): number {
  const laid = layOut(question, prepared);
  const { leak, touched } = laid;
  const { levels } = levelsOf(leak, touched, prepared);
  const matters = follow(prepared.matters, question, laid, prepared);
  const { totals } = prepared.matters;
  let saves = 0;
  for (let matter = 0; matter < totals.length; matter++) {
    let squares = 0;
    for (let level = 0; level < levels.length; level++)
      if (levels[level]! > 0) squares += jointAt(matters, matter, level, leak) ** 2 / levels[level]!;
    saves += prepared.minutes[matter]! * Math.max(0, squares - totals[matter]! ** 2);
  }
  return saves;
}

/** A question's leak, P(each level) and as it was put together, and the explanations that have a row of their own. */
type LaidOut = { leak: Float64Array; atOrBelow: Float64Array; touched: readonly number[] };

/**
 * Lays a question's rows out over the explanations it bears on, and its leak over the rest: P(each level).
 * They are put together as P(at or below each level), of which the last is 1.
 */
function layOut(question: OpenQuestion, prepared: ForecastIndex): LaidOut {
  const { last } = prepared;
  if (last?.question === question) return last.laid;
  const leak = leakWithRest(question, prepared);
  const touched = touchedRows(question, prepared, leak);
  const atOrBelow = copyOf(leak);
  const count = leak.length;
  const { beyond, nominalFrom = count } = question;
  settle(leak, 0, count, nominalFrom, beyond);
  for (const index of touched) settle(prepared.rows, index * MOST_LEVELS, count, nominalFrom, beyond);
  const laid = { leak, atOrBelow, touched };
  prepared.last = { question, laid };
  return laid;
}

/** P(each level) out of a row as it was put together, in place. */
function settle(rows: Float64Array, row: number, count: number, nominalFrom: number, beyond = false): void {
  apart(rows, row, count, nominalFrom);
  if (beyond) condition(rows, row, count);
}

/**
 * P(each level) out of P(at or below each level). Levels that are no scale were put together as P(that one or below
 * them all); where faults would show as several of them they share what is left, as likely as each is.
 */
function apart(rows: Float64Array, row: number, count: number, nominalFrom: number): void {
  const below = nominalFrom < count ? rows[row + nominalFrom - 1]! : 0;
  let sum = 0;
  for (let level = nominalFrom; level < count; level++) sum += rows[row + level]! -= below;
  const share = sum > 0 ? (1 - below) / sum : 0;
  for (let level = nominalFrom; level < count; level++) rows[row + level]! *= share;
  for (let level = nominalFrom - 1; level > 0; level--) rows[row + level]! -= rows[row + level - 1]!;
}

/** The factor of a fault in a row: P(at or below a level | it), or P(that level or below all that are no scale | it). */
function factorAt(cumulative: Float64Array, level: number, nominalFrom: number): number {
  if (level < nominalFrom) return cumulative[level]!;
  return cumulative[nominalFrom - 1]! + cumulative[level]! - cumulative[level - 1]!;
}

/** P(each level) over all explanations, and how likely those are that the question does not touch. */
function levelsOf(
  leak: Float64Array,
  touched: readonly number[],
  { chances, rows }: ForecastIndex,
): { levels: Float64Array; untouched: number } {
  const count = leak.length;
  const levels = roomFor(count);
  let untouched = 1;
  for (const index of touched) {
    const probability = chances[index]!;
    const row = index * MOST_LEVELS;
    untouched -= probability;
    for (let level = 0; level < count; level++) levels[level]! += probability * rows[row + level]!;
  }
  untouched = Math.max(0, untouched);
  for (let level = 0; level < count; level++) levels[level]! += untouched * leak[level]!;
  return { levels, untouched };
}

/**
 * P(group and level), put together explanation by explanation; those the question does not touch share the leak, but for
 * the faults that are in none: each of these shows by itself.
 */
function follow(
  { inSets, outside, totals, following }: Watched,
  question: OpenQuestion,
  { atOrBelow, touched }: LaidOut,
  { chances, marginals, rows }: ForecastIndex,
): Following {
  const { joint, left } = following;
  const count = atOrBelow.length;
  joint.fill(0);
  left.set(totals);
  for (const index of touched)
    addTo(following, inSets[index]!, chances[index]!, rows, index * MOST_LEVELS, count);
  for (const { fault, cumulative } of question.parents) {
    const mask = outside[fault]!;
    if (mask === 0) continue;
    const row = withFault(question, atOrBelow, cumulative, marginals[fault]!);
    addTo(following, mask, marginals[fault]!, row, 0, count);
  }
  return following;
}

/** Adds what has a row to P(group and level) of each group in a mask, and takes it off what shares the leak. */
function addTo(
  { joint, left }: Following,
  groups: number,
  probability: number,
  rows: Float64Array,
  row: number,
  count: number,
): void {
  for (let mask = groups; mask !== 0; mask &= mask - 1) {
    const group = lowestBit(mask);
    const to = group * MOST_LEVELS;
    left[group]! -= probability;
    for (let level = 0; level < count; level++) joint[to + level]! += probability * rows[row + level]!;
  }
}

/** P(each level) where a fault is there that the leak has in it at its own chance. */
function withFault(
  { nominalFrom = Number.POSITIVE_INFINITY, beyond }: OpenQuestion,
  atOrBelow: Float64Array,
  cumulative: Float64Array,
  marginal: number,
): Float64Array {
  const count = atOrBelow.length;
  const row = roomFor(count);
  for (let level = 0; level < count; level++) {
    const factor = factorAt(cumulative, level, nominalFrom);
    row[level] = (atOrBelow[level]! * factor) / (1 - marginal * (1 - factor));
  }
  settle(row, 0, count, Math.min(count, nominalFrom), beyond);
  return row;
}

function jointAt({ joint, left }: Following, group: number, level: number, leak: Float64Array): number {
  return joint[group * MOST_LEVELS + level]! + Math.max(0, left[group]!) * leak[level]!;
}

function lowestBit(mask: number): number {
  return 31 - Math.clz32(mask & -mask);
}

/** Leaves the unremarkable level out of a row: the rest share its chance. */
function condition(rows: Float64Array, row: number, count: number): void {
  const rest = 1 - rows[row]!;
  rows[row] = 0;
  for (let level = 1; level < count; level++)
    rows[row + level] = rest > 0 ? rows[row + level]! / rest : 1 / (count - 1);
}

/** The entropy of a row's level chances, bits. */
function surpriseOf(rows: Float64Array, row: number, count: number): number {
  let entropy = 0;
  for (let at = row; at < row + count; at++) {
    const chance = rows[at]!;
    if (chance > 0) entropy -= chance * Math.log2(chance);
  }
  return entropy;
}

/** P(at or below each level) by the leak, with the faults outside the explanations folded in at their own probability. */
function leakWithRest(question: OpenQuestion, { explanations, marginals }: ForecastIndex): Float64Array {
  const leak = copyOf(question.leak);
  const { nominalFrom = leak.length } = question;
  for (let level = leak.length - 1; level >= nominalFrom; level--)
    leak[level] = factorAt(leak, level, nominalFrom);
  for (const { fault, cumulative } of question.parents) {
    if (explanations.hangsOn[fault]! >= 0) continue;
    const marginal = marginals[fault]!;
    for (let level = 0; level < leak.length; level++)
      leak[level]! *= 1 - marginal * (1 - factorAt(cumulative, level, nominalFrom));
  }
  return leak;
}

/** Writes P(at or below each level) for every explanation with a fault the question depends on; says which those are. */
function touchedRows(question: OpenQuestion, prepared: ForecastIndex, leak: Float64Array): number[] {
  const { explanations, holding, rows, usedBy } = prepared;
  const touched: number[] = [];
  const count = leak.length;
  const { nominalFrom = count } = question;
  prepared.asked += 1;
  const factors = new Float64Array(count);
  for (const { fault, cumulative } of question.parents) {
    const on = explanations.hangsOn[fault]!;
    if (on < 0) continue;
    // What only hangs on the fault is there as often as it comes with it.
    const share = explanations.share[fault]!;
    for (let level = 0; level < count; level++)
      factors[level] = 1 - share * (1 - factorAt(cumulative, level, nominalFrom));
    for (const index of holding[on] ?? NONE) {
      const row = index * MOST_LEVELS;
      if (usedBy[index] !== prepared.asked) {
        usedBy[index] = prepared.asked;
        touched.push(index);
        for (let level = 0; level < count; level++) rows[row + level] = leak[level]!;
      }
      for (let level = 0; level < count; level++) rows[row + level]! *= factors[level]!;
    }
  }
  return touched;
}
