import type { GivenFinding } from './given';

/** Two answers that cannot both be right, and what to ask again. */
export type Contradiction = { findings: GivenFinding[]; say: string };

type Clash = { one: [GivenFinding['id'], string]; other: [GivenFinding['id'], string]; say: string };

/** Pairs that clash in substance. Both stay in: the odds see the conflict, the reader is told of it. */
const CLASHES: readonly Clash[] = [
  {
    one: ['pedal_sinks', 'yes'],
    other: ['pedal_hold', 'holds'],
    say: 'The driver felt it sink, the 30 s hold did not: hold again, engine running, light and then firm.',
  },
  {
    one: ['temperature_link', 'any_time'],
    other: ['recovery', 'after_cooling'],
    say: 'It shows at any time, yet comes back after cooling: ask whether it is ever right when cold.',
  },
  {
    one: ['temperature_link', 'only_cold'],
    other: ['recovery', 'after_cooling'],
    say: 'It shows only cold, yet comes back after cooling: one of the two is the other way round.',
  },
  {
    one: ['pedal_hard', 'yes'],
    other: ['pedal_spongy', 'yes'],
    say: 'Hard and spongy at once: two moments, or two words for one thing. Ask when each was felt.',
  },
  {
    one: ['reservoir_level', 'ok'],
    other: ['level_falls', 'quickly'],
    say: 'The level falls quickly, yet stands right now: ask who topped it up and when.',
  },
  {
    one: ['fluid_age', 'fresh'],
    other: ['fluid_moisture', 'wet'],
    say: 'Fresh fluid that reads wet: an opened bottle, or probes that carried water from another car. Wipe and read again.',
  },
  {
    one: ['fluid_moisture', 'dry'],
    other: ['fluid_boiling', 'low'],
    say: 'Dry by the moisture tester, yet it boils low: wrong fluid, or the tester set to another class.',
  },
];

/** All clashes among the answers, in the table's order, then the same question answered two ways at one place. */
export function contradictionsIn(findings: readonly GivenFinding[]): Contradiction[] {
  const has = ([id, state]: [string, string]) =>
    findings.filter((finding) => finding.id === id && finding.state === state);
  const clashes = CLASHES.flatMap(({ one, other, say }) => {
    const both = [...has(one), ...has(other)];
    return has(one).length > 0 && has(other).length > 0 ? [{ findings: both, say }] : [];
  });
  return [...clashes, ...answeredTwice(findings)];
}

/** The same question answered differently at the same place (a leak may be in several places at once). */
export function answeredTwice(findings: readonly GivenFinding[]): Contradiction[] {
  const groups = new Map<string, GivenFinding[]>();
  for (const finding of findings) {
    const slot = `${finding.id} ${finding.place ?? ''}`;
    groups.set(slot, [...(groups.get(slot) ?? []), finding]);
  }
  return [...groups.values()]
    .filter((same) => new Set(same.map((finding) => finding.state)).size > 1)
    .filter((same) => same[0]!.id !== 'leak' || same.some((finding) => finding.state === 'none'))
    .map((same) => ({
      findings: same,
      say: 'Answered two ways at the same place: neither is used until it is settled.',
    }));
}
