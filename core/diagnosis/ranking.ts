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
export function leaningsOf(network: Network, { causes }: Posed, posterior: Posterior): Leaning[] {
  const groupOf = groupsOf(causes);
  return KNOWLEDGE.map(({ cause }): Leaning => {
    const members = causes.get(cause);
    if (!members) return { id: cause, probability: 0 };
    return {
      id: cause,
      probability: Math.min(SUREST, posterior.groups[groupOf.get(cause)!]!),
      ...cornersOfCause(members, network, posterior),
    };
  }).sort(
    (left, right) =>
      right.probability - left.probability ||
      // Of two that are as sure, the deeper: the work begins with it.
      DEPTH[left.id] - DEPTH[right.id] ||
      (left.id < right.id ? -1 : 1),
  );
}

/** The same, with what brought each about and what speaks for and against it. */
export function rankCauses(
  network: Network,
  posed: Posed,
  posterior: Posterior,
  weights: { prior: Float64Array; bits: Float64Array[] },
  used: readonly GivenFinding[],
): CauseVerdict[] {
  const groupOf = groupsOf(posed.causes);
  const rows = new Map<GivenFinding, Float64Array[]>();
  network.observations.forEach(({ given }, index) => {
    kept(rows, given, (): Float64Array[] => []).push(weights.bits[index]!);
  });
  const told = used.map((given) => ({
    given,
    place: placeFields(given.place),
    rows: rows.get(given) ?? [],
  }));
  return leaningsOf(network, posed, posterior).map((leaning): CauseVerdict => {
    const group = groupOf.get(leaning.id);
    if (group === undefined) return { ...leaning, priorBits: Number.NEGATIVE_INFINITY, evidence: [] };
    return {
      ...leaning,
      ...broughtBy(posed.causes.get(leaning.id)!, network, posterior),
      priorBits: weights.prior[group]!,
      evidence: evidenceFor(group, told),
    };
  });
}

type Told = { given: GivenFinding; place: ReturnType<typeof placeFields>; rows: Float64Array[] };

/** What each answer did to a group, those that did nothing left out. */
function evidenceFor(group: number, told: readonly Told[]): CauseVerdict['evidence'] {
  const evidence: CauseVerdict['evidence'] = [];
  for (const { given, place, rows } of told) {
    let bits = 0;
    for (const row of rows) bits += row[group]!;
    if (Math.abs(bits) > 1e-9) evidence.push({ finding: given.id, state: given.state, ...place, bits });
  }
  return evidence;
}

/** What is less likely to have brought a cause about than this is not worth a word. */
const WORTH_NAMING = 0.1;

/** Which causes brought one about, of those that were asked about. */
function broughtBy(
  members: readonly number[],
  { faults }: Network,
  posterior: Posterior,
): Pick<CauseVerdict, 'broughtBy'> {
  const chances = new Map<CauseId, number>();
  for (const member of members) {
    const over = faults[faults[member]!.above]?.cause;
    if (over) chances.set(over, Math.min(1, (chances.get(over) ?? 0) + posterior.faults[member]!));
  }
  const named = [...chances]
    .filter(([, probability]) => probability >= WORTH_NAMING)
    .sort((left, right) => right[1] - left[1])
    .map(([id, probability]) => ({ id, probability }));
  return named.length > 0 ? { broughtBy: named } : {};
}

/** A corner is named when it holds clearly more than half of what the cause has. */
const CORNER_SHARE = 0.6;

/** How likely a cause is at each corner, and which one stands out. */
function cornersOfCause(
  members: readonly number[],
  network: Network,
  posterior: Posterior,
): Pick<CauseVerdict, 'corner' | 'corners'> {
  if (network.faults[members[0]!]!.corner === undefined) return {};
  const corners: Partial<Record<Corner, number>> = {};
  for (const member of members) {
    const corner = network.faults[member]!.corner!;
    // What is at one corner is the same thing come about in different ways: seldom two at once.
    corners[corner] = Math.min(1, (corners[corner] ?? 0) + posterior.faults[member]!);
  }
  const at = (corner: Corner) => corners[corner] ?? 0;
  const sum = CORNERS.reduce((total, corner) => total + at(corner), 0);
  const best = CORNERS.reduce((left, right) => (at(right) > at(left) ? right : left));
  return { ...(at(best) > sum * CORNER_SHARE ? { corner: best } : {}), corners };
}

/** So many combinations are worth showing. */
const COMBINATIONS = 6;

/** The heaviest combinations of listed causes. */
export function combinationsOf({ faults }: Network, { list }: Explanations): Verdict['combinations'] {
  return list
    .map((each) => ({ ...each, faults: each.faults.map((fault) => faults[fault]!) }))
    .filter((each) => each.faults.length > 0 && each.faults.every(isListed))
    .slice(0, COMBINATIONS)
    .map((each) => {
      const named = each.faults.filter(isListed).filter((fault) => !carriesOnly(fault));
      return {
        causes: [...new Set(named.map(({ cause }) => cause))],
        faults: named.map(({ cause, corner }) =>
          corner === undefined ? { id: cause } : { id: cause, corner },
        ),
        probability: each.probability,
      };
    });
}
