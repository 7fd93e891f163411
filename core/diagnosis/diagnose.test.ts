import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CORNERS, type Corner } from '../car/corner';
import type { CarTraits } from '../car/traits';
import { FINDINGS, type Finding, findingOf } from '../readings/vocabulary/findings';
import { CAUSES } from './causes';
import { diagnose } from './diagnose';
import { KNOWLEDGE } from './knowledge/all';
import { SIGHTS } from './knowledge/sights';
import { placeFrom } from './verdict';

type Expectation = {
  topOneOf?: string[];
  within?: Record<string, number>;
  notAbove?: Record<string, number>;
  holds?: string[];
  noHolds?: boolean;
  nextAnyOf?: string[];
};
type Case = { name: string; why: string; case: { car: CarTraits; findings: never[] }; expect: Expectation };
const { cases } = JSON.parse(
  readFileSync(new URL('../../tests/cases/diagnosis.json', import.meta.url), 'utf8'),
) as { cases: Case[] };

describe('cases a good practitioner has judged', () => {
  it.each(cases.map((each) => [each.name, each] as const))('%s', (_, { case: given, expect: wanted }) => {
    const findings = given.findings.map(
      (finding: { id: never; state: string; corner?: Corner; axle?: 'front' | 'rear' }) => ({
        ...finding,
        place: placeFrom(finding),
      }),
    );
    const verdict = diagnose({ car: given.car, findings });
    const order = verdict.causes.map((cause) => cause.id as string);
    const shown = verdict.causes
      .slice(0, 6)
      .map((c) => `${c.id} ${c.corner ?? ''} ${c.probability.toFixed(3)}`)
      .join(', ');
    if (wanted.topOneOf) expect(wanted.topOneOf, shown).toContain(order[0]);
    for (const [cause, rank] of Object.entries(wanted.within ?? {}))
      expect(order.indexOf(cause), `${cause}: ${shown}`).toBeLessThan(rank);
    for (const [cause, most] of Object.entries(wanted.notAbove ?? {})) {
      expect(verdict.causes.find((each) => each.id === cause)!.probability, shown).toBeLessThanOrEqual(most);
    }
    expect(verdict.holds.map((hold) => hold.id).sort()).toEqual([...(wanted.holds ?? [])].sort());
    if (wanted.nextAnyOf) {
      const next = verdict.nextChecks.slice(0, 5).map((check) => check.id as string);
      expect(
        next.some((id) => wanted.nextAnyOf!.includes(id)),
        next.join(),
      ).toBe(true);
    }
    expect(verdict.exact).toBe(true);
    expect(verdict.unlisted).toBeGreaterThan(0);
  });
});

describe('the verdict as a whole', () => {
  const anyFinding = fc.constantFrom(...(FINDINGS as readonly Finding[])).chain((finding) =>
    fc.record({
      id: fc.constant(finding.id),
      state: fc.constantFrom(...finding.states),
      place: finding.place === 'corner' ? fc.constantFrom(...CORNERS, undefined) : fc.constant(undefined),
    }),
  );
  const answers = fc.uniqueArray(anyFinding, {
    maxLength: 8,
    selector: (finding) => `${finding.id}${finding.place}`,
  });

  it('does not depend on the order of the answers, and stays within its range', () => {
    fc.assert(
      fc.property(answers, (findings) => {
        const one = diagnose({ findings });
        const other = diagnose({ findings: [...findings].reverse() });
        expect(other.causes).toEqual(one.causes);
        expect(other.nextChecks).toEqual(one.nextChecks);
        expect(one.unlisted).toBeGreaterThan(0);
        for (const { probability } of one.causes) {
          expect(probability).toBeGreaterThanOrEqual(0);
          expect(probability).toBeLessThanOrEqual(1);
        }
      }),
      { numRuns: 40 },
    );
  }, 90_000);

  it('gives weights that add up to the odds of every cause', () => {
    fc.assert(
      fc.property(answers, (findings) => {
        for (const cause of diagnose({ findings }).causes) {
          if (cause.probability < 1e-9 || cause.probability > 1 - 1e-9) continue;
          const sum = cause.evidence.reduce((total, evidence) => total + evidence.bits, cause.priorBits);
          expect(sum).toBeCloseTo(Math.log2(cause.probability / (1 - cause.probability)), 4);
        }
      }),
      { numRuns: 25 },
    );
  });

  it('keeps two seized pistons apart by corner', () => {
    const verdict = diagnose({
      findings: [
        { id: 'piston_return', state: 'stiff', place: 'FR' },
        { id: 'piston_return', state: 'stiff', place: 'RL' },
        { id: 'wheel_drags', state: 'one', place: 'FR' },
        { id: 'wheel_drags', state: 'one', place: 'RL' },
      ],
    });
    const seized = verdict.causes.find((cause) => cause.id === 'caliper_piston_seized')!;
    expect(seized.corners!.FR).toBeGreaterThan(0.5);
    expect(seized.corners!.RL).toBeGreaterThan(0.5);
    // Across the axle as often as they are found in pairs, and no more.
    expect(seized.corners!.FL).toBeLessThan(0.3);
    expect(seized.corner).toBeUndefined();
  });

  it('rules causes out by the car', () => {
    const findings = [{ id: 'pedal_hard', state: 'yes' } as const];
    const bare = diagnose({ car: { booster: false, stabilityControl: false }, findings });
    const of = (id: string) => bare.causes.find((cause) => cause.id === id)!.probability;
    expect([
      of('booster_failed'),
      of('hydraulic_assist_low'),
      of('air_in_abs_unit'),
      of('drum_slack'),
    ]).toEqual([0, 0, 0, 0]);
    expect(of('pedal_ratio_low')).toBeGreaterThan(0.01);
  });

  it('leaves a question answered two ways out, and says so', () => {
    const twice = [
      { id: 'pedal_spongy', state: 'yes' },
      { id: 'pedal_spongy', state: 'no' },
    ] as const;
    const verdict = diagnose({ findings: twice });
    expect(verdict.contradictions).toHaveLength(1);
    expect(verdict.causes).toEqual(diagnose({ findings: [] }).causes);
  });

  it('offers only checks that what is at hand allows, and counts taking the wheels off', () => {
    const findings = [{ id: 'pedal_spongy', state: 'yes' } as const];
    const ids = (atHand: Parameters<typeof diagnose>[0]['atHand']) =>
      diagnose({ findings, atHand }).nextChecks.map((check) => check.id);
    expect(ids({})).toContain('master_movement');
    expect(ids({ helper: false })).not.toContain('master_movement');
    expect(ids({ missing: ['Moisture tester'] })).not.toContain('fluid_moisture');
    const bubbles = (wheelsOff: boolean) =>
      diagnose({ findings, atHand: { wheelsOff } }).nextChecks.find((check) => check.id === 'bubbles')!
        .minutes;
    expect(bubbles(false)).toBe(bubbles(true) + 12);
  });

  it('still answers, and says that it is no longer exact, when nearly everything is abnormal at once', () => {
    const findings = (FINDINGS as readonly Finding[])
      .filter((finding) => finding.stage !== 'check')
      .map((finding) => ({ id: finding.id, state: finding.states.at(-1)! }));
    const verdict = diagnose({ findings });
    expect(verdict.exact).toBe(false);
    expect(verdict.within).toBeGreaterThan(0);
    expect(verdict.within).toBeLessThanOrEqual(1);
    for (const { probability } of verdict.causes) expect(Number.isFinite(probability)).toBe(true);
  });
});

describe('knowledge', () => {
  it('has an entry with a reason on every link for every cause of the vocabulary, and only known findings and states', () => {
    expect(KNOWLEDGE.map((entry) => entry.cause).sort()).toEqual(CAUSES.map((cause) => cause.id).sort());
    for (const { cause, links, prior } of KNOWLEDGE) {
      expect(prior, cause).toBeGreaterThan(0);
      const total = new Map<string, number>();
      for (const { finding, state, strength, here, on, why } of links) {
        expect(findingOf(finding).states.slice(1), `${cause} → ${finding}`).toContain(state);
        expect(why.length, `${cause} → ${finding}`).toBeGreaterThan(5);
        expect(here ?? 0).toBeLessThanOrEqual(strength);
        // States that stand apart may all hold at once; so may links that hold at different places.
        const key = `${finding} ${on ?? ''}`;
        if (!findingOf(finding).several) total.set(key, (total.get(key) ?? 0) + strength);
      }
      for (const [finding, sum] of total) expect(sum, `${cause} → ${finding}`).toBeLessThanOrEqual(0.98);
    }
  });

  it('leaves no abnormal state unexplained: each has a leak, and a cause unless it is only background', () => {
    const background = new Set(['rotor_surface streaks', 'fault_codes modulator', 'bleeder_screw stuck']);
    for (const finding of FINDINGS as readonly Finding[]) {
      for (const state of finding.states.slice(1)) {
        const alone = findingOf(finding.id).leak?.[state] ?? SIGHTS[finding.id]?.[state]?.sure;
        expect(alone, `${finding.id} ${state}`).toBeGreaterThan(0);
        if (background.has(`${finding.id} ${state}`)) continue;
        expect(
          KNOWLEDGE.some((entry) =>
            entry.links.some((link) => link.finding === finding.id && link.state === state),
          ),
          `${finding.id} ${state}`,
        ).toBe(true);
      }
    }
  });
});

describe('what a check shows by definition', () => {
  // A check that looks straight at a cause settles it, whatever else could have led to it.
  it.each([
    ['rotor_cracked', 'rotor_surface', 'cracked', 'FR'],
    ['rotor_below_minimum', 'rotor_thickness', 'below_minimum', 'FL'],
    ['pad_worn_out', 'pad_thickness', 'worn_out', 'RL'],
    ['pad_contaminated', 'pad_surface', 'contaminated', 'RR'],
    ['bleeder_not_at_top', 'bleeder_position', 'not_top', 'FL'],
    ['external_leak', 'leak', 'line_or_hose', undefined],
    ['master_leak_to_booster', 'leak', 'master_to_booster', undefined],
    ['fluid_wrong', 'fluid_type', 'wrong', undefined],
    ['fluid_overfilled', 'reservoir_level', 'over', undefined],
    ['wheel_bearing_play', 'bearing_play', 'excess', 'RL'],
    ['fluid_low', 'reservoir_level', 'low', undefined],
  ] as const)('%s', (cause, id, state, place) => {
    const [first] = diagnose({ findings: [{ id, state, ...(place ? { place } : {}) }] }).causes;
    expect(first!.id).toBe(cause);
    expect(first!.probability).toBeGreaterThan(0.4);
    expect(first!.corner).toBe(place);
  });
});
