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
};

const known = new Map<FindingId, readonly Channel[]>();

/** All channels of a finding; the same ones each time, so that what is worked out of them can be kept. */
export function channelsOf(finding: FindingId): readonly Channel[] {
  return kept(known, finding, () => {
    const { states, several } = findingOf(finding);
    return several
      ? states.slice(1).map((state) => ({ finding, states: [states[0], state] }))
      : [{ finding, states }];
  });
}

const foldings = new Map<string, Channel>();

/** The channel of a question folded into an answer. */
export function foldedInto(finding: FindingId, parent: { finding: FindingId; state: string }): Channel {
  return kept(foldings, `${finding} ${parent.finding} ${parent.state}`, () => ({
    finding,
    states: [`not ${parent.state}`, ...findingOf(finding).states],
    folded: parent,
  }));
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
    return states.map((state) => ({ channel: channel!, level: channel!.states.indexOf(state), state }));
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
