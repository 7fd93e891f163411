import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ACROSS, CORNERS, isAxle, type Place } from '../car/corner';
import type { CarTraits } from '../car/traits';
import type { GivenFinding } from '../readings/given';
import { FINDINGS, type Finding, type FindingId } from '../readings/vocabulary/findings';
import type { CauseId } from './causes';
import { diagnose } from './diagnose';
import { KNOWLEDGE } from './knowledge/all';

const CAR: CarTraits = { booster: true, assist: 'vacuum', stabilityControl: true, rearBrake: 'disc' };
const NOMINAL = (FINDINGS as readonly Finding[]).filter(({ nominal }) => nominal);
const chanceOf = (id: CauseId, ...findings: GivenFinding[]) =>
  diagnose({ car: CAR, findings }).causes.find((cause) => cause.id === id)!.probability;

describe('states that are no scale', () => {
  it.each<[finding: FindingId, state: string, of: CauseId, said: FindingId]>([
    ['temperature_link', 'only_cold', 'fluid_boiled_wet', 'pedal_spongy'],
    ['temperature_link', 'only_hot', 'pad_too_cold', 'poor_stopping'],
    ['pedal_now', 'hard', 'air_in_lines', 'pedal_long'],
    ['reservoir_level', 'over', 'external_leak', 'pedal_sinks'],
    ['heat_spread', 'all_hot', 'caliper_slides_seized', 'smell_or_smoke'],
    ['stop_effect', 'rises_with_heat', 'pad_overheated', 'poor_stopping'],
  ])('%s %s speaks against %s, that shows as another of them', (id, state, cause, said) => {
    const complaint = { id: said, state: 'yes' };
    expect(chanceOf(cause, complaint, { id, state })).toBeLessThan(0.8 * chanceOf(cause, complaint));
  });

  it('does so as well for a question folded into its answer', () => {
    const shakes = { id: 'vibration_braking', state: 'yes' } as const;
    const order = (state: string) => chanceOf('rotor_runout', shakes, { id: 'judder_order', state });
    expect(order('not_wheel')).toBeLessThan(0.3 * order('first'));
  });
});

/** Causes that others bring about are told of once something of their own was asked: more of them than was foretold. */
const BROUGHT = new Set(KNOWLEDGE.flatMap(({ brings = [] }) => brings.map(({ cause }) => cause)));

// Foretold over the heaviest combinations only, and to a tenth.
describe('what each answer would make of the causes', () => {
  it('is about what it then makes of them, of states that are no scale too', () => {
    let compared = 0;
    for (const said of ['pedal_long', 'poor_stopping', 'pedal_hard', 'pulls', 'vibration_braking'] as const) {
      const complaint = { id: said, state: 'yes' };
      const { nextChecks, nextQuestions } = diagnose({ car: CAR, findings: [complaint] });
      for (const { id, outcomes } of [...nextChecks, ...nextQuestions]) {
        if (!NOMINAL.some((each) => each.id === id && each.place === undefined)) continue;
        expect(outcomes.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 2);
        for (const { state, leader, leaderProbability } of outcomes) {
          if (BROUGHT.has(leader)) continue;
          compared += 1;
          const told = chanceOf(leader, complaint, { id, state });
          expect(Math.abs(told - leaderProbability), `${said}: ${id} ${state}`).toBeLessThan(0.1);
        }
      }
    }
    expect(compared).toBeGreaterThan(20);
  });
});

it('foretells the two sides of a pull alike where nothing tells them apart', () => {
  const { nextQuestions } = diagnose({ car: CAR, findings: [{ id: 'pulls', state: 'yes' }] });
  const { outcomes } = nextQuestions.find(({ id }) => id === 'pull_side')!;
  const chanceOn = (side: string) => outcomes.find(({ state }) => state === side)!.chance;
  expect(Math.abs(chanceOn('left') - chanceOn('right'))).toBeLessThan(0.02);
});

const inMirror = (place: Place): Place => (isAxle(place) ? place : ACROSS[place]);
const otherSide = (state: string) => (state === 'left' ? 'right' : state === 'right' ? 'left' : state);

/** Any answer to any question, at a wheel where it is asked there. */
const anyAnswer = fc
  .record({ finding: fc.constantFrom(...(FINDINGS as readonly Finding[])), at: fc.nat(3), of: fc.nat(7) })
  .map(
    ({ finding: { id, states, place }, at, of }): GivenFinding => ({
      ...{ id, state: states[of % states.length]! },
      ...(place === 'corner' ? { place: CORNERS[at]! } : {}),
      ...(place === 'axle' ? { place: at < 2 ? ('front' as const) : ('rear' as const) } : {}),
    }),
  );

describe('a car in the mirror', () => {
  it('has the same verdict in the mirror', () => {
    fc.assert(
      fc.property(fc.array(anyAnswer, { minLength: 1, maxLength: 6 }), (findings) => {
        const seen = diagnose({ car: CAR, findings });
        const mirrored = diagnose({
          car: CAR,
          findings: findings.map(({ id, state, place }) => ({
            ...{ id, state: id === 'pull_side' ? otherSide(state) : state },
            ...(place ? { place: inMirror(place) } : {}),
          })),
        });
        expect(mirrored.unlisted).toBeCloseTo(seen.unlisted, 9);
        for (const { id, probability, corners = {} } of seen.causes) {
          const there = mirrored.causes.find((cause) => cause.id === id)!;
          expect(there.probability, id).toBeCloseTo(probability, 9);
          for (const corner of CORNERS)
            expect(there.corners?.[ACROSS[corner]] ?? 0).toBeCloseTo(corners[corner] ?? 0, 9);
        }
      }),
      { numRuns: 200 },
    );
  }, 60_000);
});
