import { describe, expect, it } from 'vitest';
import type { CarTraits } from '../../car/traits';
import type { GivenFinding } from '../../readings/given';
import { type FindingId, findingOf } from '../../readings/vocabulary/findings';
import { asksNow } from '../follows';
import { buildNetwork } from './build';
import { channelsOf, cumulative, observedChannels } from './channels';

const CAR: CarTraits = { booster: true, assist: 'vacuum', stabilityControl: true, rearBrake: 'disc' };
const seen = (finding: FindingId, ...states: string[]) =>
  observedChannels(finding, states).map(({ channel, level }) => `${channel.states[1]} ${level}`);

describe('what an answer speaks on', () => {
  it('is one scale where one state holds', () => {
    expect(channelsOf('fluid_moisture')).toHaveLength(1);
    expect(observedChannels('fluid_moisture', ['wet'])).toMatchObject([{ level: 2 }]);
  });

  it('is each state of a face for itself: what stands out more would have been named, what stands out less is open', () => {
    expect(seen('rotor_surface', 'heat_checked')).toEqual(['heat_checked 1', 'cracked 0']);
    expect(seen('rotor_surface', 'grooves', 'cracked')).toEqual([
      'grooves 1',
      'deposits 0',
      'heat_checked 0',
      'cracked 1',
    ]);
    expect(seen('rotor_surface', 'smooth').every((each) => each.endsWith(' 0'))).toBe(true);
  });

  it('is a leak for each place apart, and dry says nothing of behind the master', () => {
    expect(seen('leak', 'line_or_hose')).toEqual(['line_or_hose 1']);
    expect(seen('leak', 'none')).toEqual(['line_or_hose 0', 'caliper_or_cylinder 0']);
  });

  it('adds up from the top', () => {
    expect([...cumulative([0, 0.25, 0.5])]).toEqual([0.25, 0.5, 1]);
  });
});

describe('a question that follows from an answer', () => {
  const answers: GivenFinding[] = [
    { id: 'vibration_braking', state: 'yes' },
    { id: 'judder_order', state: 'first' },
  ];

  it('is one question with it', () => {
    const { observations } = buildNetwork(CAR, answers);
    expect(observations).toHaveLength(1);
    expect(observations[0]!.channel.states).toEqual([
      'not yes',
      'none',
      'first',
      'second_or_more',
      'not_wheel',
    ]);
    expect(observations[0]!.level).toBe(2);
    // Of a shake that is there, one in ten cannot be felt again.
    for (const { cumulative: own } of observations[0]!.parents)
      expect((own[1]! - own[0]!) / (1 - own[0]!)).toBeCloseTo(0.1, 9);
  });

  it('stands by itself without it', () => {
    expect(buildNetwork(CAR, answers.slice(1)).observations[0]!.channel.folded).toBeUndefined();
  });

  it('is asked after it and not before', () => {
    expect(asksNow(findingOf('judder_order'), answers.slice(0, 1))).toBe(true);
    expect(asksNow(findingOf('judder_order'), [{ id: 'vibration_braking', state: 'no' }])).toBe(false);
    expect(asksNow(findingOf('pedal_pump'), [])).toBe(true);
  });
});
