import type { Axle, Place } from '../../car/corner';
import { kept } from '../kept';
import { type Channel, channelsOf, cumulative, firstOf } from './channels';
import { type Fault, type Shape, shapeOf } from './faults';
import { leakOf, type Reach, reachesOf } from './reach';

/** A fault that can bring a channel about, with P(at or below each level | that fault alone). */
export type Parent = { fault: number; cumulative: Float64Array };

/** One question put to the car at one place: its leak, and every fault that can answer it. */
export type Question = {
  channel: Channel;
  leak: Float64Array;
  parents: Parent[];
  /** Its parents' faults, and how often each of them shows in it at all, in their order. */
  shows: { faults: Int32Array; chances: Float64Array };
  /** It is folded into another: whoever asks it knows already that its first state is not the answer. */
  beyond: boolean;
  /** From this level on its states are no scale. */
  nominalFrom?: number;
};

/** What has been set up for a car's faults, by channel and place; gone with the faults. */
const questions = new WeakMap<readonly Fault[], Map<Channel, Map<Place | '', Question>>>();

/** Sets up the question for one channel at one place, once for each set of faults. */
export function questionOf(channel: Channel, place: Place | undefined, faults: readonly Fault[]): Question {
  const byChannel = kept(questions, faults, () => new Map<Channel, Map<Place | '', Question>>());
  const byPlace = kept(byChannel, channel, () => new Map<Place | '', Question>());
  return kept(byPlace, place ?? '', () =>
    channel.folded ? setUpFolded(channel, channel.folded, place, faults) : setUp(channel, place, faults),
  );
}

function setUp(channel: Channel, place: Place | undefined, faults: readonly Fault[]): Question {
  const { reaches, parents, shows } = reachedIn(channel, place, faults);
  const leak = leakOn(channel, place, reaches, faults);
  return { channel, leak, parents, shows, beyond: false, ...scaleOf(channel) };
}

type Reached = { reaches: readonly Reach[] } & Pick<Question, 'parents' | 'shows'>;

/** What reaches a channel of a car, whatever the priors are: a shop's own change with each cause it confirms. */
const reached = new WeakMap<Shape, Map<Channel, Map<Place | '', Reached>>>();

function reachedIn(channel: Channel, place: Place | undefined, faults: readonly Fault[]): Reached {
  const byChannel = kept(reached, shapeOf(faults), () => new Map<Channel, Map<Place | '', Reached>>());
  const byPlace = kept(byChannel, channel, () => new Map<Place | '', Reached>());
  return kept(byPlace, place ?? '', () => {
    const reaches = reachesOf(channel.finding, channel.states, place, faults, drumsOf(faults));
    const shared = new Map<number[], Float64Array>();
    const parents = reaches.map(({ fault, strengths }) => ({
      fault,
      cumulative: kept(shared, strengths, () => cumulative(strengths)),
    }));
    return { reaches, parents, shows: showing(parents) };
  });
}

const scaleOf = (channel: Channel): Pick<Question, 'nominalFrom'> =>
  channel.nominal ? { nominalFrom: firstOf(channel) } : {};

function showing(parents: readonly Parent[]): Question['shows'] {
  return {
    faults: Int32Array.from(parents, ({ fault }) => fault),
    chances: Float64Array.from(parents, ({ cumulative }) => 1 - cumulative[0]!),
  };
}

/**
 * P(at or below each level) with no listed fault behind it. A false alarm of a direct sight only shows where nothing
 * further up the scale does; of states that are no scale, where none of the others does.
 */
function leakOn(
  { finding, states, nominal }: Channel,
  place: Place | undefined,
  reaches: readonly Reach[],
  faults: readonly Fault[],
): Float64Array {
  const alone = states.map((state, level) =>
    level === 0 ? 0 : leakOf(finding, state, level, place, reaches, faults),
  );
  const leaks = [...alone];
  const all = alone.reduce((sum, leak) => sum + leak, 0);
  let further = 0;
  for (let level = states.length - 1; level > 0; level--) {
    leaks[level]! *= 1 - (nominal ? all - alone[level]! : further);
    further += leaks[level]!;
  }
  return cumulative(leaks);
}

/** Of an answer that is so, it "could not be felt again" this often: the folded question's unremarkable state. */
const NOT_AGAIN = 0.1;

/**
 * A question folded into the answer it follows from: a fault brings that answer about as it always does, and then shows
 * each way in the proportions of its own table; one without a table of its own shows each as readily as the other.
 */
function setUpFolded(
  channel: Channel,
  { finding, state }: NonNullable<Channel['folded']>,
  place: Place | undefined,
  faults: readonly Fault[],
): Question {
  const [over] = channelsOf(finding);
  const parent = questionOf(over!, undefined, faults);
  const level = over!.states.indexOf(state);
  // The folded channel's own states, the one that the answer is not so left out.
  const own = channel.states.slice(1);
  const shown = new Map(
    reachesOf(channel.finding, own, place, faults, drumsOf(faults)).map(({ fault, strengths }) => [
      fault,
      strengths,
    ]),
  );
  const split = (chance: number, shares: readonly number[] = []) => {
    const sum = shares.reduce((total, share) => total + share, 0);
    const ways = own.length - 1;
    return cumulative([
      0,
      chance * NOT_AGAIN,
      ...own.slice(1).map((_, way) => {
        const share = sum > 0 ? shares[way + 1]! / sum : 1 / ways;
        return chance * (1 - NOT_AGAIN) * share;
      }),
    ]);
  };
  const told = (of: Float64Array) => of[level]! - of[level - 1]!;
  const parents = parent.parents.map(({ fault, cumulative: through }) => ({
    fault,
    cumulative: split(told(through), shown.get(fault)),
  }));
  const leak = split(told(parent.leak));
  return { channel, leak, parents, shows: showing(parents), beyond: true, ...scaleOf(channel) };
}

const axlesWithDrums = new WeakMap<readonly Fault[], Axle[]>();

/** The axles that have drums: those where a drum's fault can sit. */
function drumsOf(faults: readonly Fault[]): Axle[] {
  return kept(axlesWithDrums, faults, () =>
    faults.some(({ cause }) => cause === 'drum_slack') ? ['rear'] : [],
  );
}
