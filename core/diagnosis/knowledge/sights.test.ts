import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { COUPE, HATCH, SALOON } from '../../../tests/support/told';
import type { Place } from '../../car/corner';
import type { CarTraits } from '../../car/traits';
import type { GivenFinding } from '../../readings/given';
import { FAMILY_NAMES, familyOf } from '../../readings/vocabulary/families';
import { FINDINGS, type Finding, type FindingId, findingOf } from '../../readings/vocabulary/findings';
import type { CauseId } from '../causes';
import { causesAlone, diagnose } from '../diagnose';
import { KNOWLEDGE, UNLISTED } from './all';
import { SIGHTS, type Sight } from './sights';

const FLOATING: CarTraits = { ...SALOON, rotor: COUPE.rotor };
const CARS: CarTraits[] = [
  FLOATING,
  { ...SALOON, booster: false, assist: 'none' },
  { ...SALOON, assist: 'hydraulic' },
  HATCH,
];

type Row = { finding: FindingId; state: string; sight: Sight };
const rows = Object.entries(SIGHTS).flatMap(([finding, states]) =>
  Object.entries(states).map(([state, sight]): Row => ({ finding: finding as FindingId, state, sight })),
);

/** A car that can have it, and a place where it is looked for. */
function settingOf({ finding, sight }: Row): { car: CarTraits; place: Place | undefined } {
  const { fits, place } = findingOf(finding);
  const needs = KNOWLEDGE.find(({ cause }) => cause === sight.of[0])!.needs ?? {};
  const drum = fits?.brake === 'drum' || needs.brake === 'drum' || finding === 'drum_surface';
  const car = drum
    ? CARS[3]!
    : needs.assist?.every((kind) => kind === 'none')
      ? CARS[1]!
      : needs.assist?.every((kind) => kind === 'hydraulic')
        ? CARS[2]!
        : FLOATING;
  return { car, place: place === 'corner' ? (drum ? 'RL' : 'FR') : undefined };
}

/** P(any of these causes), from the verdict's combinations' point of view: told apart, they add up. */
function chanceOf(car: CarTraits, findings: GivenFinding[], of: readonly CauseId[]): number {
  const { causes } = causesAlone({ car, findings });
  return causes.filter(({ id }) => of.includes(id)).reduce((sum, { probability }) => sum + probability, 0);
}

describe('a finding that is the fault', () => {
  it.each(rows.map((row) => [`${row.finding} ${row.state}`, row] as const))(
    '%s alone settles it',
    (_, row) => {
      const { car, place } = settingOf(row);
      const given = { id: row.finding, state: row.state, ...(place ? { place } : {}) };
      expect(chanceOf(car, [given], row.sight.of)).toBeGreaterThan(row.sight.sure - 0.03);
    },
  );

  const complaints = (FINDINGS as readonly Finding[]).filter((finding) => familyOf(finding.id));
  const sure = rows.filter(({ sight }) => sight.sure >= 0.85);

  it('stays above its floor whatever the driver complains of beside it', () => {
    for (const row of sure) {
      const { car, place } = settingOf(row);
      const given = { id: row.finding, state: row.state, ...(place ? { place } : {}) };
      for (const { id, states } of complaints)
        for (const state of states.slice(1))
          expect(
            chanceOf(car, [given, { id, state }], row.sight.of),
            `${row.finding} ${row.state} beside ${id} ${state}`,
          ).toBeGreaterThan(FLOOR);
    }
  }, 180_000);

  it('stays above it whatever two or three things he complains of', () => {
    const said = fc.uniqueArray(
      fc
        .constantFrom(...complaints)
        .chain(({ id, states }) =>
          fc.record({ id: fc.constant(id), state: fc.constantFrom(...states.slice(1)) }),
        ),
      { minLength: 2, maxLength: 3, selector: ({ id }) => id },
    );
    fc.assert(
      fc.property(fc.constantFrom(...sure), said, (row, answers) => {
        const { car, place } = settingOf(row);
        const given = { id: row.finding, state: row.state, ...(place ? { place } : {}) };
        expect(chanceOf(car, [given, ...answers], row.sight.of)).toBeGreaterThan(FLOOR);
      }),
      { numRuns: 100 },
    );
  }, 90_000);

  it('has no false alarm typed by hand beside it, and only names causes that can show it', () => {
    for (const { finding, state, sight } of rows) {
      expect(findingOf(finding).leak?.[state], `${finding} ${state}`).toBeUndefined();
      for (const cause of sight.of) {
        const { links } = KNOWLEDGE.find((entry) => entry.cause === cause)!;
        expect(
          links.some((link) => link.finding === finding && link.state === state),
          `${cause} → ${finding} ${state}`,
        ).toBe(true);
      }
    }
  });
});

/** However odd the complaint, a direct proof keeps the fault at least this likely. */
const FLOOR = 0.7;

describe('what a fault brings about', () => {
  const pairs = KNOWLEDGE.flatMap(({ cause, brings }) =>
    (brings ?? []).flatMap((bring) => {
      const row = rows.find(({ sight }) => sight.of[0] === bring.cause && sight.of.length === 1);
      return row ? [{ root: cause, ...bring, row }] : [];
    }),
  );

  it.each(pairs.map((pair) => [`${pair.root} → ${pair.cause}`, pair] as const))(
    '%s: seen, it speaks for what brought it about, and both stay',
    (_, { root, cause, row }) => {
      const { car, place: at } = settingOf(row);
      const rear = KNOWLEDGE.find((entry) => entry.cause === root)!.needs?.axle === 'rear';
      const place = at && rear ? 'RL' : at;
      const seen = { id: row.finding, state: row.state, ...(place ? { place } : {}) };
      const before = diagnose({ car, findings: [] });
      const after = diagnose({ car, findings: [seen] });
      const of = (verdict: typeof after, id: CauseId) =>
        verdict.causes.find((each) => each.id === id)!.probability;
      if (of(before, root) > 0) expect(of(after, root)).toBeGreaterThan(of(before, root));
      expect(of(after, cause)).toBeGreaterThan(row.sight.sure - 0.02);
    },
  );
});

describe('what nobody listed', () => {
  it('is of one family: it explains no complaint of another', () => {
    const first = (family: string) =>
      (FINDINGS as readonly Finding[]).find(({ id }) => familyOf(id) === family)!;
    for (const one of FAMILY_NAMES)
      for (const other of FAMILY_NAMES.filter((each) => each !== one)) {
        const answers = [one, other].map((family) => {
          const { id, states } = first(family);
          return { id, state: states.at(-1)! };
        });
        expect(diagnose({ car: SALOON, findings: answers }).unlisted, `${one}, ${other}`).toBeLessThan(0.25);
      }
  });

  it('is never nothing, and a common complaint leaves it little', () => {
    for (const { id, states } of (FINDINGS as readonly Finding[]).filter((each) => familyOf(each.id))) {
      const { unlisted } = diagnose({ car: SALOON, findings: [{ id, state: states.at(-1)! }] });
      expect(unlisted, id).toBeGreaterThan(UNLISTED.prior);
      expect(unlisted, id).toBeLessThan(0.25);
    }
  });

  it('leaves the checks of its family open: none of them clears it', () => {
    const spongy: GivenFinding = { id: 'pedal_spongy', state: 'yes' };
    const clean: GivenFinding[] = [
      spongy,
      { id: 'bubbles', state: 'none' },
      { id: 'leak', state: 'none' },
      { id: 'hose_swell', state: 'no' },
      { id: 'master_movement', state: 'still' },
      { id: 'fluid_moisture', state: 'dry' },
      { id: 'pedal_hold', state: 'holds' },
      { id: 'after_full_bleed', state: 'firm' },
      { id: 'reservoir_level', state: 'ok' },
    ];
    const before = diagnose({ car: SALOON, findings: [spongy] }).unlisted;
    expect(diagnose({ car: SALOON, findings: clean }).unlisted).toBeGreaterThan(before);
  });
});
