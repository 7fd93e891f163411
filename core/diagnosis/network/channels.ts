import { type FindingId, findingOf } from '../../readings/vocabulary/findings';
import { kept } from '../kept';

/**
 * What one finding can say, as the network sees it: an ordered scale of states, the first of them unremarkable.
 * Most findings are one channel. Where several states may hold at one place each is a channel of its own; a question
 * that folds into the answer it follows from is one channel with it, its first state that this answer is not so.
 */
export type Channel = {
  finding: FindingId;
  states: readonly string[];
  /** The answer it is folded into. */
  folded?: { finding: FindingId; state: string };
  /** Its states are no scale. */
  nominal?: true;
};

const known = new Map<FindingId, readonly Channel[]>();

/** All channels of a finding; the same ones each time, so that what is worked out of them can be kept. */
export function channelsOf(finding: FindingId): readonly Channel[] {
  return kept(known, finding, () => {
    const { states, several, nominal } = findingOf(finding);
    return several
      ? states.slice(1).map((state) => ({ finding, states: [states[0], state] }))
      : [{ finding, states, ...(nominal ? { nominal } : {}) }];
  });
}

const foldings = new Map<string, Channel>();

/** The channel of a question folded into an answer. */
export function foldedInto(finding: FindingId, parent: { finding: FindingId; state: string }): Channel {
  return kept(foldings, `${finding} ${parent.finding} ${parent.state}`, () => ({
    finding,
    states: [`not ${parent.state}`, ...findingOf(finding).states],
    folded: parent,
    ...(findingOf(finding).nominal ? { nominal: true as const } : {}),
  }));
}

/** The first remarkable level: a folded question has its own unremarkable state behind that of the answer it is folded into. */
export const firstOf = ({ folded }: Channel): number => (folded ? 2 : 1);

const answers = new WeakMap<Channel, Map<string, Channel>>();

/**
 * The channel of an answer, and its level there. Of states that are no scale the one named comes before the others: a
 * fault that shows as another of them speaks against it, whichever way round the vocabulary lists the two.
 */
export function answeredOn(channel: Channel, state: string): { channel: Channel; level: number } {
  const { states, folded, nominal, finding } = channel;
  const level = states.indexOf(state);
  const first = firstOf(channel);
  if (!nominal || level <= first) return { channel, level };
  const byState = kept(answers, channel, () => new Map<string, Channel>());
  const others = states.slice(first).filter((each) => each !== state);
  return {
    channel: kept(byState, state, () => ({
      finding,
      states: [...states.slice(0, first), state, ...others],
      ...(folded ? { folded } : {}),
      nominal,
    })),
    level: first,
  };
}

/**
 * The channels that answers at one place speak on, each with the level seen (0 is the unremarkable state).
 * @param states all that was answered there
 */
export function observedChannels(
  finding: FindingId,
  states: readonly string[],
): { channel: Channel; level: number; state: string }[] {
  const { states: scale, several, unseen = [] } = findingOf(finding);
  const channels = channelsOf(finding);
  if (!several) {
    const [channel] = channels;
    return states.map((state) => ({ ...answeredOn(channel!, state), state }));
  }
  const least = Math.min(...states.map((state) => scale.indexOf(state)));
  return channels.flatMap((channel, index) => {
    const own = channel.states[1]!;
    if (states.includes(own)) return [{ channel, level: 1, state: own }];
    // Nothing seen, or something less conspicuous: what stands out more would have been named.
    const dismissed = least === 0 ? !unseen.includes(own) : several === 'ranked' && index + 1 > least;
    return dismissed ? [{ channel, level: 0, state: scale[least]! }] : [];
  });
}

/** P(at or below each level), given the probability of each abnormal level on its own; that of the first is not read. */
export function cumulative(chances: readonly number[]): Float64Array {
  const out = new Float64Array(chances.length);
  let above = 0;
  for (let level = out.length - 1; level >= 0; level--) {
    out[level] = 1 - above;
    above += level === 0 ? 0 : chances[level]!;
  }
  return out;
}
