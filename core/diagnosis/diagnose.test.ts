import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { CarTraits } from '../car/traits';
import { diagnose } from './diagnose';
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
const { cases } = JSON.parse(readFileSync(new URL('../../tests/cases/diagnosis.json', import.meta.url), 'utf8')) as { cases: Case[] };

describe('cases a good practitioner has judged', () => {
  it.each(cases.map((each) => [each.name, each] as const))('%s', (_, { case: given, expect: wanted }) => {
    const findings = given.findings.map((finding: { id: never; state: string }) => ({ ...finding, place: placeFrom(finding) }));
    const verdict = diagnose({ car: given.car, findings });
    const order = verdict.causes.map((cause) => cause.id as string);
    const shown = verdict.causes.slice(0, 6).map((c) => `${c.id} ${c.corner ?? ''} ${c.probability.toFixed(3)}`).join(', ');
    if (wanted.topOneOf) expect(wanted.topOneOf, shown).toContain(order[0]);
    for (const [cause, rank] of Object.entries(wanted.within ?? {})) expect(order.indexOf(cause), `${cause}: ${shown}`).toBeLessThan(rank);
    for (const [cause, most] of Object.entries(wanted.notAbove ?? {})) {
      expect(verdict.causes.find((each) => each.id === cause)!.probability, shown).toBeLessThanOrEqual(most);
    }
    expect(verdict.holds.map((hold) => hold.id).sort()).toEqual([...(wanted.holds ?? [])].sort());
    if (wanted.nextAnyOf) {
      const next = verdict.nextChecks.slice(0, 5).map((check) => check.id as string);
      expect(next.some((id) => wanted.nextAnyOf!.includes(id)), next.join()).toBe(true);
    }
    expect(verdict.exact).toBe(true);
    expect(verdict.unlisted).toBeGreaterThan(0);
  });
});
