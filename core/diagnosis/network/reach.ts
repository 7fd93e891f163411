import { type Axle, axleOf, CORNERS, cornersOf, isAxle, type Place, sideOf } from '../../car/corner';
import { FAMILIES, type Family, familyOf } from '../../readings/vocabulary/families';
import { type FindingId, findingOf } from '../../readings/vocabulary/findings';
import type { CauseId } from '../causes';
import { kept } from '../kept';
import { KNOWLEDGE, linksTo, UNLISTED } from '../knowledge/all';
import type { Link } from '../knowledge/cause';
import { SIGHTS } from '../knowledge/sights';
import type { Fault } from './faults';

/** A fault with how often it alone brings about each state of a channel, the unremarkable one's place left 0. */
export type Reach = { fault: number; strengths: number[] };

/** The faults that can bring about any state of a finding at a place, or of the car as a whole. */
export function reachesOf(
  finding: FindingId,
  states: readonly string[],
  place: Place | undefined,
  faults: readonly Fault[],
  drums: Axle[],
): Reach[] {
  const { byCause, unlisted, kinds } = indexOf(faults);
  const speaking = [...linksTo(finding).keys()].flatMap((cause) => byCause.get(cause) ?? []);
  const ofKind = new Map<string, number[]>();
  return [...speaking.sort((left, right) => left - right), ...unlisted].flatMap((fault): Reach[] => {
    const strengths = kept(ofKind, kinds[fault]!, () =>
      states.map((state, level) => (level === 0 ? 0 : reachOf(faults[fault]!, finding, state, place, drums))),
    );
    return strengths.some((strength) => strength > 0) ? [{ fault, strengths }] : [];
  });
}

type FaultIndex = {
  byCause: Map<CauseId, number[]>;
  unlisted: number[];
  /** By fault, what it shows as: the same cause at the same wheel, come by itself or brought about, shows the same. */
  kinds: string[];
};
const indexes = new WeakMap<readonly Fault[], FaultIndex>();

/** Where the faults of each cause stand, worked out once for each car. */
function indexOf(faults: readonly Fault[]): FaultIndex {
  return kept(indexes, faults, () => {
    const byCause = new Map<CauseId, number[]>();
    const unlisted: number[] = [];
    const kinds = faults.map((fault, index) => {
      const { cause, corner = '' } = fault;
      if (cause === undefined) {
        unlisted.push(index);
        return `${fault.family} ${fault.complaint}`;
      }
      kept(byCause, cause, (): number[] => []).push(index);
      return `${cause} ${corner} ${fault.shows ?? ''} ${fault.isBrought ?? ''}`;
    });
    return { byCause, unlisted, kinds };
  });
}

/** How often a fault alone brings about a state of a finding that is asked at a place, or of the car as a whole. */
function reachOf(
  fault: Fault,
  finding: FindingId,
  state: string,
  place: Place | undefined,
  drums: Axle[],
): number {
  if (!speaksAt(fault, place)) return 0;
  if (fault.cause === undefined)
    return (
      unlistedReach(fault.family, fault.complaint, finding, state) * (isCorner(place) ? UNLISTED.corner : 1)
    );
  const links = linksTo(finding).get(fault.cause) ?? [];
  const bundled = fault.knowledge.together?.findings.includes(finding) === true;
  if (fault.shows !== undefined && bundled !== (fault.shows === 'together')) return 0;
  let strength = 0;
  for (const link of links)
    if (
      link.state === state &&
      holdsFor(link, fault.isBrought) &&
      holdsAt(link, fault.corner ?? place, drums)
    )
      strength += fault.corner === undefined ? ofTheCar(link, place) : link.strength;
  return strength;
}

/** How often a whole-car fault shows at a place: at one end, between what it does at one corner and on the car. */
function ofTheCar({ strength, here = strength }: Link, place: Place | undefined): number {
  if (place === undefined) return strength;
  return isCorner(place) ? here : Math.sqrt(here * strength);
}

/** A corner's fault speaks at its own corner, at its axle, and to the car as a whole; a car's fault everywhere. */
function speaksAt({ corner }: Fault, place: Place | undefined): boolean {
  if (corner === undefined || place === undefined) return true;
  return place === corner || place === axleOf(corner);
}

const isCorner = (place: Place | undefined) => place !== undefined && !isAxle(place);

/** What a cause comes of by itself says nothing of one that another brings about. */
const holdsFor = ({ byItself }: Link, isBrought?: true) => !(byItself && isBrought);

/** Whether a link holds for a fault at this place; nowhere named rules nothing out. */
function holdsAt({ on }: Link, place: Place | undefined, drums: readonly Axle[]): boolean {
  if (on === undefined || place === undefined) return true;
  const axle = axleOf(place);
  if (on === 'disc' || on === 'drum') return drums.includes(axle) === (on === 'drum');
  if (on === 'front' || on === 'rear') return axle === on;
  return !isAxle(place) && sideOf(place) === on;
}

/**
 * What nobody listed brings about one complaint and no other: a second one is a second fault. The checks of its family,
 * and what only describes a complaint, it leaves open: they turn up less often (`UNLISTED.shown`) than
 * they do among the listed faults of the family. A state that looks straight at a listed fault leaves it no room.
 */
function unlistedReach(family: Family, complaint: FindingId, finding: FindingId, state: string): number {
  const { stage, states } = findingOf(finding);
  if (finding === complaint) return UNLISTED.complaint / (states.length - 1);
  if (familyOf(finding) !== undefined) return 0;
  if (stage === 'history' || SIGHTS[finding]?.[state] !== undefined) return 0;
  return amongListed(family, finding, state);
}

const means = new Map<string, number>();

/** The mean strength with which the listed causes of a family bring a state about, each by how common it is. */
function amongListed(family: Family, finding: FindingId, state: string): number {
  return kept(means, `${family} ${finding} ${state}`, () => {
    const complaints = FAMILIES[family] as readonly FindingId[];
    let all = 0;
    let showing = 0;
    for (const { prior, links } of KNOWLEDGE) {
      if (!links.some((link) => complaints.includes(link.finding) && link.strength >= IN_FAMILY)) continue;
      all += prior;
      for (const link of links)
        if (link.finding === finding && link.state === state && link.on === undefined)
          showing += prior * link.strength;
    }
    return all > 0 ? Math.min(UNLISTED.most, (UNLISTED.shown * showing) / all) : 0;
  });
}

/** A cause belongs to a family when it brings one of its complaints about at least this often. */
const IN_FAMILY = 0.2;

/**
 * What is left to no listed fault: the plain base rate, or the false alarms of a direct sight by how sure it is. A
 * complaint's is that of the whole car: told of one wheel, it is that wheel's part of it.
 */
export function leakOf(
  finding: FindingId,
  state: string,
  level: number,
  place: Place | undefined,
  reaches: readonly Reach[],
  faults: readonly Fault[],
): number {
  const sight = SIGHTS[finding]?.[state];
  if (!sight) {
    const { stage, leak } = findingOf(finding);
    const part = stage === 'complaint' ? cornersOf(place).length / CORNERS.length : 1;
    return (leak?.[state] ?? 0) * part;
  }
  let settled = 0;
  let others = 0;
  for (const { fault, strengths } of reaches) {
    const { cause, standing } = faults[fault]!;
    const weight = standing * strengths[level]!;
    if (cause !== undefined && sight.of.includes(cause)) settled += weight;
    else others += weight;
  }
  return Math.max(LEAST_LEAK, (settled * (1 - sight.sure)) / sight.sure - others);
}

/** Nothing is impossible: a state that no fault of this car brings about can still be seen. */
const LEAST_LEAK = 1e-7;
