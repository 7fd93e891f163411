import { CORNERS, type Corner } from '../car/corner';
import type { GivenFinding } from '../readings/given';
import type { CauseId } from './causes';
import type { Explanations } from './engine/explanations';
import type { Posterior } from './engine/posterior';
import { SUREST } from './engine/weights';
import { kept } from './kept';
import { DEPTH, KNOWLEDGE } from './knowledge/all';
import type { Network } from './network/build';
import { carriesOnly, isListed, type Posed } from './network/problem';
import { type CauseVerdict, placeFields, type Verdict } from './verdict';

/** A cause with its chance and where it sits. */
export type Leaning = Pick<CauseVerdict, 'id' | 'probability' | 'corner' | 'corners'>;

/** Which group of the problem each cause is. */
function groupsOf(causes: Posed['causes']): Map<CauseId, number> {
  return new Map([...causes.keys()].map((cause, group) => [cause, group]));
}

/** Every cause with its chance and where it sits; likeliest first. */
export function leaningsOf(
  { causes, problem: { places } }: Posed,
  posterior: Posterior,
  groupOf = groupsOf(causes),
): Leaning[] {
  return KNOWLEDGE.map(({ cause }): Leaning => {
    const members = causes.get(cause);
    if (!members) return { id: cause, probability: 0 };
    const probability = Math.min(SUREST, posterior.groups[groupOf.get(cause)!]!);
    if (places[members[0]!] === 0) return { id: cause, probability };
    const { corner, corners } = cornersOfCause(members, places, posterior);
    return corner ? { id: cause, probability, corner, corners } : { id: cause, probability, corners };
  }).sort(
    (left, right) =>
      sureness(right) - sureness(left) ||
      // Of two that are as sure, the deeper: the work begins with it.
      DEPTH[left.id] - DEPTH[right.id] ||
      (left.id < right.id ? -1 : 1),
  );
}

/** Past this one is as sure as another: neither is told any nearer. */
const AS_SURE = 0.995;

const sureness = ({ probability }: Leaning) => Math.min(AS_SURE, probability);

/** The same, with what brought each about and what speaks for and against it. */
export function rankCauses(
  network: Network,
  posed: Posed,
  posterior: Posterior,
  weights: { prior: Float64Array; bits: Float64Array[] },
  used: readonly GivenFinding[],
): CauseVerdict[] {
  const groupOf = groupsOf(posed.causes);
  const told = toldBy(network, weights.bits, used);
  return leaningsOf(posed, posterior, groupOf).map((leaning): CauseVerdict => {
    const group = groupOf.get(leaning.id);
    if (group === undefined) return { ...leaning, priorBits: Number.NEGATIVE_INFINITY, evidence: [] };
    const verdict = Object.assign(leaning, {
      priorBits: weights.prior[group]!,
      evidence: evidenceFor(group, told),
    });
    const by = broughtBy(posed.causes.get(leaning.id)!, network, posed, posterior);
    return by.length > 0 ? { ...verdict, broughtBy: by } : verdict;
  });
}

/** An answer with its place, and what it did to each group. */
type Told = { given: GivenFinding; place: ReturnType<typeof placeFields>; bits: Float64Array };

/** What the answers did, those that were given put together out of the questions they answered. */
function toldBy(
  { observations }: Network,
  bits: readonly Float64Array[],
  used: readonly GivenFinding[],
): Told[] {
  const rows = new Map<GivenFinding, Float64Array>();
  observations.forEach(({ given }, index) => {
    const before = rows.get(given);
    rows.set(given, before ? before.map((each, group) => each + bits[index]![group]!) : bits[index]!);
  });
  // An answer that is part of one folded into it did nothing by itself.
  return used.flatMap((given) => {
    const row = rows.get(given);
    return row ? [{ given, place: placeFields(given.place), bits: row }] : [];
  });
}

/** What each answer did to a group, those that did nothing left out. */
function evidenceFor(group: number, told: readonly Told[]): CauseVerdict['evidence'] {
  const evidence: CauseVerdict['evidence'] = [];
  for (const each of told) {
    const bits = each.bits[group]!;
    if (Math.abs(bits) <= 1e-9) continue;
    const { id: finding, state } = each.given;
    const { corner, axle } = each.place;
    // Written out: there are some hundreds of them in a verdict, and putting objects together takes twenty times as long.
    if (corner) evidence.push({ finding, state, corner, bits });
    else if (axle) evidence.push({ finding, state, axle, bits });
    else evidence.push({ finding, state, bits });
  }
  return evidence;
}

/** What is less likely to have brought a cause about than this is not worth a word. */
const WORTH_NAMING = 0.1;

/** Which causes brought one about, of those that were asked about. */
function broughtBy(
  members: readonly number[],
  { faults }: Network,
  { problem: { above, places } }: Posed,
  posterior: Posterior,
): NonNullable<CauseVerdict['broughtBy']> {
  if (members.every((member) => above[member]! < 0)) return [];
  const byPlace = new Map<CauseId, Map<number, number>>();
  for (const member of members) {
    const over = faults[faults[member]!.above]?.cause;
    // The same at the wheel across is no reason for it.
    if (over === undefined || over === faults[member]!.cause) continue;
    const at = kept(byPlace, over, () => new Map<number, number>());
    const place = places[member]!;
    at.set(place, Math.min(1, (at.get(place) ?? 0) + posterior.faults[member]!));
  }
  return (
    [...byPlace]
      // What is at several wheels is mostly the doing of one and the same.
      .map(([id, at]) => [id, Math.max(...at.values())] as const)
      .filter(([, probability]) => probability >= WORTH_NAMING)
      .sort((left, right) => right[1] - left[1])
      .map(([id, probability]) => ({ id, probability }))
  );
}

/** A corner is named when it holds clearly more than half of what the cause has. */
const CORNER_SHARE = 0.6;

/** How likely a cause is at each corner, and which one stands out. */
function cornersOfCause(
  members: readonly number[],
  places: Uint8Array,
  posterior: Posterior,
): { corner: Corner | undefined; corners: Partial<Record<Corner, number>> } {
  const corners: Partial<Record<Corner, number>> = {};
  let best: Corner | undefined;
  let most = 0;
  let sum = 0;
  CORNERS.forEach((corner, index) => {
    // What is at one corner is the same thing come about in different ways: seldom two at once.
    let chance: number | undefined;
    for (const member of members)
      if (places[member] === index + 1) chance = Math.min(1, (chance ?? 0) + posterior.faults[member]!);
    if (chance === undefined) return;
    corners[corner] = chance;
    sum += chance;
    if (chance <= most) return;
    most = chance;
    best = corner;
  });
  return { corner: most > sum * CORNER_SHARE ? best : undefined, corners };
}

/** So many combinations are worth showing. */
const COMBINATIONS = 6;

/** The heaviest combinations of listed causes. */
export function combinationsOf({ faults }: Network, { list }: Explanations): Verdict['combinations'] {
  const combinations: Verdict['combinations'] = [];
  for (const { faults: set, probability } of list) {
    if (combinations.length === COMBINATIONS) break;
    if (set.length === 0 || !set.every((fault) => isListed(faults[fault]!))) continue;
    const named = set
      .map((fault) => faults[fault]!)
      .filter(isListed)
      .filter((fault) => !carriesOnly(fault));
    combinations.push({
      causes: [...new Set(named.map(({ cause }) => cause))],
      faults: named.map(({ cause, corner }) =>
        corner === undefined ? { id: cause } : { id: cause, corner },
      ),
      probability,
    });
  }
  return combinations;
}
