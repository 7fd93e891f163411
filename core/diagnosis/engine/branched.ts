import { abnormalOnly } from './fold';
import { type Approached, overLikely } from './likely';
import { faultsOf, type Posterior, posteriorOf } from './posterior';
import type { Problem } from './problem';
import { type Bounded, boundedOf, type Ground, groundOf } from './region';

/** How far from the exact chances any may be told, where that can be reached. */
const WITHIN = 0.01;
/** Of that, what may come from regions too light to be summed. */
const DROPPED = 1e-3;
/** Sets less likely than this in a region are told as the sum of their faults, and are off by less than that. */
const UNSEEN = 3e-4;
/** What the regions may leave open. */
const LEFT_OPEN = WITHIN - UNSEEN;
/** So many regions at most: some seconds, twenty on a slow machine. */
const MOST_REGIONS = 1000;
/** Where so many regions leave so much open, all there may be would leave most of it. */
const LOOK = 64;
const HOPELESS = 0.8;
/** Regions times answers to the third: past some fifty answers no number of regions that anybody waits for leaves little open. */
const WORK = 5e7;
/** Proven less near than this, the likely faults alone are nearer. */
const NEAR = 0.05;

/**
 * The posterior where too many abnormal answers are open at once to sum over their sets: over the likely faults alone
 * where that is proven to be near enough, else in regions, as many as that takes. Where neither is near, the likely faults
 * are told of: nothing is proven then, and yet they are nearer than what bounds all of it.
 */
export function approached(whole: Problem): Approached {
  const problem = abnormalOnly(whole);
  const ground = groundOf(problem);
  const bounded = boundedOf(ground, { present: [], absent: [] });
  const likely = overLikely(problem, bounded);
  if (likely && likely.within <= WITHIN) return likely;
  const inRegions = overRegions(problem, ground, bounded);
  return likely && inRegions.within > NEAR ? likely : inRegions;
}

/**
 * The posterior in regions. All combinations are split at one fault after another, always the region that leaves most
 * open; what each weighs is bounded from above and below, until together they leave less than one in a hundred open.
 *
 * How far it may be off. Each region comes with a sum in which every combination weighs at least what it does in truth.
 * Let U be the weight of all these sums, G what the bounds leave open, D what was dropped. Whatever is asked of the
 * combinations, its true weight W lies between what the kept sums have of it less G and that plus D, and the weight of
 * all lies between U - G and U: so no chance is off by more than (G + D) / (U - G).
 */
function overRegions(problem: Problem, ground: Ground, whole: Bounded): Approached {
  const most = Math.min(MOST_REGIONS, Math.max(1, Math.floor(WORK / problem.answers.length ** 3)));
  const regions = split(ground, whole, most);
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
    posterior: mixed(parts.map(({ region, weight }) => ({ ...region, share: weight / kept }))),
    within: open < all ? Math.min(1, (open + all - kept) / (all - open) + UNSEEN) : 1,
  };
}

/** What the bounds of a region leave open, as a logarithm. */
function openIn({ most, least }: Bounded): number {
  return most === Number.NEGATIVE_INFINITY ? most : most + Math.log(-Math.expm1(least - most));
}

/** All combinations in regions that leave little enough open, or as many regions as there may be. */
function split(ground: Ground, whole: Bounded, count: number): Bounded[] {
  const regions = [whole];
  const open = regions.map(openIn);
  while (regions.length < count) {
    const heaviest = Math.max(...regions.map(({ most }) => most));
    const all = regions.reduce((sum, { most }) => sum + Math.exp(most - heaviest), 0);
    const left = open.reduce((sum, log) => sum + Math.exp(log - heaviest), 0);
    if (left + DROPPED * all <= (LEFT_OPEN / (1 + LEFT_OPEN)) * all) break;
    if (regions.length >= LOOK && left > HOPELESS * all) break;
    const widest = open.reduce((best, log, at) => (log > open[best]! ? at : best), 0);
    const parts = splitInTwo(ground, regions[widest]!);
    if (!parts) break;
    regions.splice(widest, 1, ...parts);
    open.splice(widest, 1, ...parts.map(openIn));
  }
  return regions;
}

/** A region in two: with the fault that it is split at, and without; nothing where it is exact. */
function splitInTwo(ground: Ground, region: Bounded): Bounded[] | undefined {
  const { present, absent, splitAt, raised, over, plan } = region;
  if (splitAt === undefined) return undefined;
  // Summed up, what is certain may pass 1 by rounding.
  const chance = Math.min(1, faultsOf(over, plan)[splitAt]!);
  const part = (own: Bounded, state: 0 | 1): Bounded => {
    // The sum that bounds the whole bounds its parts as well: one of their own may be worse, with other answers summed.
    const most = region.most + Math.log(state === 1 ? chance : 1 - chance);
    if (own.most <= most) return own;
    const priors = over.priors.slice();
    priors[splitAt] = state;
    return { ...own, most, least: Math.min(own.least, most), over: { ...over, priors }, plan };
  };
  return [
    part(boundedOf(ground, { present: [...present, splitAt], absent }, raised), 1),
    part(boundedOf(ground, { present, absent: [...absent, splitAt] }, raised), 0),
  ];
}

/** The chances in sums of which each has its share. */
function mixed(parts: readonly (Pick<Bounded, 'over' | 'plan'> & { share: number })[]): Posterior {
  const [first, ...others] = parts.map(({ over, plan, share }) => ({
    share,
    ...posteriorOf(over, plan, UNSEEN),
  }));
  const mix = (of: 'faults' | 'groups' | 'unions') =>
    others.reduce(
      (sum, part) => sum.map((value, at) => value + part.share * part[of][at]!),
      first![of].map((value) => first!.share * value),
    );
  // Of so many answers the evidence itself is below what a double can hold.
  return { evidence: Number.NaN, faults: mix('faults'), groups: mix('groups'), unions: mix('unions') };
}
