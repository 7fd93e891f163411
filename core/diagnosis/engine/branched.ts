import { foldNormal } from './fold';
import { type Posterior, posteriorOf } from './posterior';
import type { Problem } from './problem';
import { type Bounded, boundedOf, type Ground, groundOf } from './region';

/** How far from the exact chances any may be told, where that can be reached. */
const WITHIN = 0.01;
/** Of that, what may come from regions too light to be summed. */
const DROPPED = 1e-3;
/** So many regions at most: half a second, or a whole one on a slow machine. */
const MOST_REGIONS = 400;
/** Regions times answers squared: past some fifty answers no number of regions that anybody waits for leaves little open. */
const WORK = 480_000;

export type Approached = {
  posterior: Posterior;
  /** No chance is further than this from the exact one. */
  within: number;
};

/**
 * The posterior where too many abnormal answers are open at once to sum over their sets. All combinations are split into
 * regions, at one fault after another, always the region that leaves most open; what each weighs is bounded from above
 * and below, until together they leave less than one in a hundred open.
 *
 * How far it may be off. Each region comes with a sum in which every combination weighs at least what it does in truth.
 * Let U be the weight of all these sums, G what the bounds leave open, D what was dropped. Whatever is asked of the
 * combinations, its true weight W lies between what the kept sums have of it less G and that plus D, and the weight of
 * all lies between U - G and U: so no chance is off by more than (G + D) / (U - G).
 */
export function approached(whole: Problem): Approached {
  const { priors } = foldNormal(whole, whole.answers);
  const problem = { ...whole, priors, answers: whole.answers.filter(({ level }) => level > 0) };
  const regions = split(
    groundOf(problem),
    Math.min(MOST_REGIONS, Math.ceil(WORK / problem.answers.length ** 2)),
  );
  const heaviest = Math.max(...regions.map(({ most }) => most));
  const weighed = regions
    .map((region) => ({ region, weight: Math.exp(region.most - heaviest) }))
    .sort((left, right) => right.weight - left.weight);
  const all = weighed.reduce((sum, { weight }) => sum + weight, 0);
  const open = regions.reduce((sum, region) => sum + Math.exp(openIn(region) - heaviest), 0);
  let kept = 0;
  const parts = weighed.filter(({ weight }) => {
    if (kept >= (1 - DROPPED) * all) return false;
    kept += weight;
    return true;
  });
  return {
    posterior: mixed(parts.map(({ region, weight }) => ({ over: region.over, share: weight / kept }))),
    within: open < all ? Math.min(1, (open + all - kept) / (all - open)) : 1,
  };
}

/** What the bounds of a region leave open, as a logarithm. */
function openIn({ most, least }: Bounded): number {
  return most === Number.NEGATIVE_INFINITY ? most : most + Math.log(-Math.expm1(least - most));
}

/** All combinations in regions that leave little enough open, or as many regions as there may be. */
function split(ground: Ground, count: number): Bounded[] {
  const regions = [boundedOf(ground, { present: [], absent: [] })];
  const open = regions.map(openIn);
  while (regions.length < count) {
    const heaviest = Math.max(...regions.map(({ most }) => most));
    const all = regions.reduce((sum, { most }) => sum + Math.exp(most - heaviest), 0);
    const left = open.reduce((sum, log) => sum + Math.exp(log - heaviest), 0);
    if (left + DROPPED * all <= (WITHIN / (1 + WITHIN)) * all) break;
    const widest = open.reduce((best, log, at) => (log > open[best]! ? at : best), 0);
    const { present, absent, splitAt, raised } = regions[widest]!;
    if (splitAt === undefined) break;
    const parts = [
      boundedOf(ground, { present: [...present, splitAt], absent }, raised),
      boundedOf(ground, { present, absent: [...absent, splitAt] }, raised),
    ];
    regions.splice(widest, 1, ...parts);
    open.splice(widest, 1, ...parts.map(openIn));
  }
  return regions;
}

/** The chances in sums of which each has its share. */
function mixed(parts: readonly { over: Problem; share: number }[]): Posterior {
  const [first, ...others] = parts.map(({ over, share }) => ({ share, ...posteriorOf(over) }));
  const mix = (of: 'faults' | 'groups' | 'unions') =>
    others.reduce(
      (sum, part) => sum.map((value, at) => value + part.share * part[of][at]!),
      first![of].map((value) => first!.share * value),
    );
  // Of so many answers the evidence itself is below what a double can hold.
  return { evidence: Number.NaN, faults: mix('faults'), groups: mix('groups'), unions: mix('unions') };
}
