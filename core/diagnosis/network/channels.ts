import { LEAKS } from '../knowledge/leaks';
import { type FindingId, findingOf } from '../vocabulary/findings';

/**
 * What one finding can say, as the network sees it: an ordered scale of states, the first of them unremarkable.
 * Most findings are one channel. A leak search is three, since one place being wet says nothing of another and "none"
 * does not speak for the booster (nobody looked behind the master).
 */
export type Channel = { finding: FindingId; states: readonly string[] };

const LEAK_STATES = ['line_or_hose', 'caliper_or_cylinder', 'master_to_booster'] as const;

const known = new Map<FindingId, readonly Channel[]>();

/** All channels of a finding; the same ones each time, so that what is worked out of them can be kept. */
export function channelsOf(finding: FindingId): readonly Channel[] {
  const before = known.get(finding);
  if (before) return before;
  const channels =
    finding === 'leak'
      ? LEAK_STATES.map((state) => ({ finding, states: ['none', state] }))
      : [{ finding, states: findingOf(finding).states }];
  known.set(finding, channels);
  return channels;
}

/** The channels that an answer speaks on, each with the level observed (0 is the unremarkable state). */
export function observedChannels(finding: FindingId, state: string): { channel: Channel; level: number }[] {
  if (finding !== 'leak') {
    const [channel] = channelsOf(finding);
    return [{ channel: channel!, level: channel!.states.indexOf(state) }];
  }
  return channelsOf('leak')
    .filter((channel) =>
      state === 'none' ? channel.states[1] !== 'master_to_booster' : channel.states[1] === state,
    )
    .map((channel) => ({ channel, level: state === 'none' ? 0 : 1 }));
}

/** P(at or below each level) when only the leak (nothing listed) speaks. */
export function leakCumulative(channel: Channel): Float64Array {
  return cumulative(channel, (state) => LEAKS[channel.finding][state] ?? 0);
}

/** P(at or below each level), given the probability of each abnormal state on its own. */
export function cumulative(channel: Channel, probability: (state: string) => number): Float64Array {
  const out = new Float64Array(channel.states.length);
  let above = 0;
  for (let level = out.length - 1; level >= 0; level--) {
    out[level] = 1 - above;
    above += level === 0 ? 0 : probability(channel.states[level]!);
  }
  return out;
}
