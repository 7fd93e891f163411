import { type Answer, atOrBelow, type Problem, standingChances } from './problem';
import { copyOf, roomFor } from './room';

/**
 * A set under growth: bit i on means `considered[i]` is present. Weights are kept as natural logarithms: with two hundred
 * abnormal answers they lie below what a double can hold.
 */
export type Candidate = { mask: number; weight: number };
/** A set that is grown on: how each answer stands with it. */
export type Base = Candidate & { odds: number; below: Float64Array; atMost: Float64Array };
/** A set weighed but not laid out yet: most are never grown on. */
export type Weighed = Candidate & { base: Base; added: Addition };

/** A product of weights is turned into a logarithm before it grows past this. */
const LARGEST = 1e200;

/** Of every fault that sets are not drawn from: the one of those it hangs on, −1 for none, and its chance given that one. */
export type Hanging = { hangsOn: Int32Array; share: Float64Array };

/** P(at or below the level under an abnormal answer) and at most at it, as a share of what it is without a fault. */
type Softened = { below: number; atMost: number };
/** What a fault does to an abnormal answer. */
type Effect = Softened & { index: number };

/**
 * What a set is grown by: a fault, or a fault together with those above it. What the deeper one leaves unexplained by itself may be
 * so unlikely that it would never be grown on.
 */
export type Addition = {
  /** Of the faults added, and of what they are only there with. */
  mask: number;
  needs: number;
  /** Log-odds, with what they can bring about besides absent until that is added itself. */
  odds: number;
  effects: readonly Effect[];
};

/** All that is needed to weigh sets of the considered faults. */
export type Growth = {
  additions: readonly Addition[];
  answers: readonly Answer[];
  /** By answer, what the faults that are not considered do to it. */
  rest: readonly Softened[];
};

/** @param problem its unremarkable answers taken into the chances already */
export function growthOf(
  { above, priors, answers: all }: Problem,
  considered: readonly number[],
  hanging: Hanging,
): Growth {
  const answers = all.filter((answer) => answer.level > 0);
  const { effects, rest } = effectsOn(answers, considered, hanging, standingChances(priors, above));
  const over = considered.map((fault) => considered.indexOf(above[fault]!));
  const alone = considered.map(
    (fault, index): Addition => ({
      mask: 1 << index,
      needs: over[index]! < 0 ? 0 : 1 << over[index]!,
      odds: Math.log(
        considered.reduce(
          (product, each) => (above[each] === fault ? product * (1 - priors[each]!) : product),
          priors[fault]! / (1 - priors[fault]!),
        ),
      ),
      effects: effects[index]!,
    }),
  );
  return {
    additions: alone.flatMap((each, index) => withThoseAbove(each, over[index]!, alone, over)),
    answers,
    rest,
  };
}

/** A fault by itself, with the one above it, and so on to the top of its chain. */
function withThoseAbove(
  fault: Addition,
  first: number,
  alone: readonly Addition[],
  over: readonly number[],
): Addition[] {
  const out = [fault];
  for (let at = first; at >= 0; at = over[at]!) out.push(together(alone[at]!, out.at(-1)!));
  return out;
}

/** Two additions as one, there with what the upper one needs. */
function together(above: Addition, under: Addition): Addition {
  const effects = under.effects.map((effect) => ({ ...effect }));
  for (const { index, ...by } of above.effects) addEffect(effects, index, by);
  return {
    mask: above.mask | under.mask,
    needs: above.needs,
    odds: above.odds + under.odds,
    effects,
  };
}

/** What each considered fault does to the abnormal answers, and what all the others together do. */
function effectsOn(
  answers: readonly Answer[],
  considered: readonly number[],
  { hangsOn, share }: Hanging,
  standing: Float64Array,
): Pick<Growth, 'rest'> & { effects: readonly (readonly Effect[])[] } {
  const place = new Map(considered.map((fault, index) => [fault, index]));
  const effects = considered.map((): Effect[] => []);
  const rest = answers.map(() => ({ below: 1, atMost: 1 }));
  answers.forEach((answer, index) => {
    for (const { fault, cumulative } of answer.parents) {
      const on = hangsOn[fault]!;
      const part = on < 0 ? standing[fault]! : share[fault]!;
      const softened = {
        below: 1 - part * (1 - atOrBelow(cumulative, answer.level - 1)),
        atMost: 1 - part * (1 - atOrBelow(cumulative, answer.level)),
      };
      if (on < 0) scale(rest[index]!, softened);
      else addEffect(effects[place.get(on)!]!, index, softened);
    }
  });
  return { effects, rest };
}

function scale(to: Softened, by: Softened): void {
  to.below *= by.below;
  to.atMost *= by.atMost;
}

function addEffect(effects: Effect[], index: number, by: Softened): void {
  const before = effects.find((effect) => effect.index === index);
  if (before) scale(before, by);
  else effects.push({ index, ...by });
}

/** None of the considered faults: the leaks and the rest alone. */
export function emptySet({ answers, rest }: Growth): Base {
  const below = roomFor(answers.length);
  const atMost = roomFor(answers.length);
  let weight = 0;
  answers.forEach((answer, index) => {
    below[index] = atOrBelow(answer.leak, answer.level - 1) * rest[index]!.below;
    atMost[index] = atOrBelow(answer.leak, answer.level) * rest[index]!.atMost;
    weight += Math.log(atMost[index]! - below[index]!);
  });
  return { mask: 0, odds: 0, weight, below, atMost };
}

/** The weight of a set with an addition: only the answers that this bears on change. */
export function weighWith(base: Base, { odds, effects }: Addition): number {
  if (base.weight === Number.NEGATIVE_INFINITY) return weighWhole(base, odds, effects);
  const { atMost, below } = base;
  let weight = base.weight + odds;
  let factor = 1;
  for (const effect of effects) {
    const { index } = effect;
    factor *=
      (atMost[index]! * effect.atMost - below[index]! * effect.below) / (atMost[index]! - below[index]!);
    // One logarithm for many factors, as long as their product can be held.
    if (factor > LARGEST) {
      weight += Math.log(factor);
      factor = 1;
    }
  }
  return weight + Math.log(factor);
}

/** The same from nothing, where the set before could not be so at all. */
function weighWhole(base: Base, odds: number, effects: readonly Effect[]): number {
  let weight = base.odds + odds;
  const touched = new Map(effects.map((effect) => [effect.index, effect]));
  for (let index = 0; index < base.below.length; index++) {
    const effect = touched.get(index);
    weight += Math.log(
      base.atMost[index]! * (effect?.atMost ?? 1) - base.below[index]! * (effect?.below ?? 1),
    );
  }
  return weight;
}

/** A set laid out to be grown on. */
export function layOut({ base, added: { odds, effects }, mask, weight }: Weighed): Base {
  const below = copyOf(base.below);
  const atMost = copyOf(base.atMost);
  for (const effect of effects) {
    below[effect.index]! *= effect.below;
    atMost[effect.index]! *= effect.atMost;
  }
  return { mask, weight, odds: base.odds + odds, below, atMost };
}
