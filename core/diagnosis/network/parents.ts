import { axleOf, type Place } from '../../car/corner';
import { linksTo, UNLISTED } from '../knowledge/all';
import { LEAKS } from '../knowledge/leaks';
import { findingOf } from '../vocabulary/findings';
import { type Channel, cumulative, leakCumulative } from './channels';
import type { Fault } from './faults';

/** A fault that can bring a channel about, with P(at or below each level | that fault alone). */
export type Parent = { fault: number; cumulative: Float64Array };

/** One question put to the car at one place: its leak, and every fault that can answer it. */
export type Question = {
  channel: Channel;
  place?: Place;
  leak: Float64Array;
  /** P(at or below each level) from "something not listed" alone. */
  unlisted: Float64Array;
  parents: Parent[];
};

/** What has been set up for a car's faults, by channel and place; gone with the faults. */
const kept = new WeakMap<readonly Fault[], Map<Channel, Map<Place | '', Question>>>();

/** Sets up the question for one channel at one place, once for each set of faults. */
export function questionOf(channel: Channel, place: Place | undefined, faults: readonly Fault[]): Question {
  const byChannel = once(kept, faults, () => new Map<Channel, Map<Place | '', Question>>());
  const byPlace = once(byChannel, channel, () => new Map<Place | '', Question>());
  return once(byPlace, place ?? '', () => setUp(channel, place, faults));
}

/** What stands under a key, made the first time it is asked for. */
function once<K, V>(
  map: { get: (key: K) => V | undefined; set: (key: K, value: V) => unknown },
  key: K,
  make: () => V,
): V {
  const before = map.get(key);
  if (before !== undefined) return before;
  const made = make();
  map.set(key, made);
  return made;
}

function setUp(channel: Channel, place: Place | undefined, faults: readonly Fault[]): Question {
  const parents: Parent[] = [];
  const byCause = linksTo(channel.finding);
  faults.forEach((fault, index) => {
    const links = byCause.get(fault.cause)?.filter((link) => channel.states.includes(link.state));
    if (!links || links.length === 0 || !speaksAt(fault, place)) return;
    const strengths = new Map(
      links.map((link) => [
        link.state,
        place !== undefined && fault.corner === undefined ? (link.here ?? link.strength) : link.strength,
      ]),
    );
    parents.push({ fault: index, cumulative: cumulative(channel, (state) => strengths.get(state) ?? 0) });
  });
  return {
    channel,
    ...(place === undefined ? {} : { place }),
    leak: leakCumulative(channel),
    unlisted: cumulative(channel, (state) => unlistedReach(channel, state)),
    parents,
  };
}

/**
 * Something not listed may be felt as any complaint. It shows in a check only as far as that check can be wrong: one
 * that looks straight at a cause leaves little room for anything else.
 */
function unlistedReach(channel: Channel, state: string): number {
  const { stage } = findingOf(channel.finding);
  if (stage === 'history') return 0;
  if (stage === 'complaint') return UNLISTED.complaint / (channel.states.length - 1);
  return Math.min(UNLISTED.check, UNLISTED.overLeak * (LEAKS[channel.finding][state] ?? 0));
}

/** A corner's fault speaks at its own corner, at its axle, and to the car as a whole; a car's fault everywhere. */
function speaksAt(fault: Fault, place: Place | undefined): boolean {
  if (fault.corner === undefined || place === undefined) return true;
  return place === fault.corner || place === axleOf(fault.corner);
}
