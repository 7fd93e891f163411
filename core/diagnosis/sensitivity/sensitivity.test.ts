import { describe, expect, it } from 'vitest';
import { PROCEDURES } from '../../planning/library';
import { PROCEDURE_FOR } from '../../planning/procedureFor';
import { type FindingId, findingOf } from '../../readings/vocabulary/findings';
import { CAUSES, type CauseId } from '../causes';
import { DECISIONS } from '../decision/works';
import { diagnose, leadingCause, type Question } from '../diagnose';
import type { NextCheck } from '../verdict';
import { confusableWith } from './confusable';
import { planHalfHour } from './halfHour';
import { overturns } from './overturn';
import { whatIf } from './whatIf';

const SOFT_END: Question = {
  findings: [
    { id: 'pedal_spongy', state: 'yes' },
    { id: 'master_movement', state: 'moves' },
  ],
};

describe('what if', () => {
  it('says what the verdict would be without an answer, and with each other one, as diagnose itself would', () => {
    const cases = whatIf(SOFT_END, SOFT_END.findings[1]!);
    expect(cases.map(({ state, now }) => [state, now])).toEqual([
      [null, false],
      ['still', false],
      ['moves', true],
    ]);
    const without = diagnose({ ...SOFT_END, findings: SOFT_END.findings.slice(0, 1) });
    expect(cases[0]!.leaders[0]).toMatchObject({
      id: without.causes[0]!.id,
      probability: without.causes[0]!.probability,
    });
    expect(cases[2]!.leaders[0]!.id).toBe('firewall_flex');
    expect(cases[1]!.leaders[0]!.id).not.toBe('firewall_flex');
  });
});

describe('for it to be wrong', () => {
  it('names each answer that carries the verdict alone, and who would lead without it', () => {
    const found = overturns(SOFT_END);
    for (const { given, leader, probability } of found) {
      const without = leadingCause({
        findings: SOFT_END.findings.filter((each) => each !== given),
      });
      expect([leader, probability]).toEqual([without.id, without.probability]);
      expect(leader).not.toBe(leadingCause(SOFT_END).id);
    }
    expect(found.map(({ given }) => given.id)).toEqual(['master_movement']);
  });

  it('is silent when the rest would say the same', () => {
    const twice: Question = {
      findings: [
        { id: 'pedal_spongy', state: 'yes' },
        { id: 'system_opened', state: 'yes' },
        { id: 'bubbles', state: 'many' },
        { id: 'pedal_pump', state: 'rises' },
      ],
    };
    expect(overturns(twice)).toEqual([]);
  });
});

describe('what it is taken for', () => {
  it('tells air from air in the modulator, boiled wet from boiled hot, by the check that separates them', () => {
    const all = CAUSES.map(({ id }) => ({ id, probability: 0.1 }));
    const open = () => true;
    const [first] = confusableWith('fluid_boiled_wet', all, open);
    expect(first!.cause).toBe('fluid_boiled_heat');
    expect(['fluid_moisture', 'fluid_boiling', 'fluid_look']).toContain(first!.check!.finding);
    expect(confusableWith('air_in_lines', all, open).map((each) => each.cause)).toContain('air_in_abs_unit');
  });

  it('offers only what is open and possible, and says how each shows differently', () => {
    const answered: FindingId = 'fluid_moisture';
    for (const { id } of CAUSES) {
      const rivals = CAUSES.filter((other) => other.id !== 'air_in_lines').map((other) => ({
        id: other.id,
        probability: 0.1,
      }));
      for (const { cause, check } of confusableWith(id, rivals, (finding) => finding !== answered)) {
        expect(cause).not.toBe('air_in_lines');
        expect(check?.finding).not.toBe(answered);
        if (check) {
          const { ifThis, ifOther } = check;
          expect(ifThis.state, `${id} against ${cause}`).not.toBe(ifOther.state);
          expect(findingOf(check.finding).states).toEqual(
            expect.arrayContaining([ifThis.state, ifOther.state]),
          );
        }
      }
    }
  });
});

describe('the check that tells two causes apart', () => {
  const between = (one: CauseId, other: CauseId, open: (finding: FindingId) => boolean = () => true) =>
    confusableWith(one, [{ id: other, probability: 0.1 }], open)[0]!.check!;

  it('is one with an answer that settles it, not a quicker glance that leans', () => {
    const { finding, ifThis } = between('external_leak', 'master_bypass');
    expect(finding).not.toBe('fluid_look');
    expect(ifThis.settles).toBe(true);
  });

  it('is none that would settle it by what hardly ever shows: of air in the modulator only a full bleed tells', () => {
    const check = between('air_in_lines', 'air_in_abs_unit', (finding) => finding !== 'bubbles');
    expect(check.finding).toBe('after_full_bleed');
    expect(check.ifOther).toEqual({ state: 'still_soft', settles: true });
  });

  it('says of each answer whether it settles it: a blue rotor was hot, a grey one may have been', () => {
    expect(between('rotor_heat_distorted', 'rotor_thickness_variation')).toMatchObject({
      finding: 'rotor_colour',
      ifThis: { state: 'blued', settles: true },
      ifOther: { state: 'normal', settles: false },
    });
  });
});

describe('the half hour', () => {
  const check = (id: FindingId, bits: number, corner?: 'FL' | 'FR', lift = 12): NextCheck => ({
    id,
    bits,
    saves: bits * 10,
    minutes: findingOf(id).minutes! + (findingOf(id).where === 'wheels_off' ? lift : 0),
    outcomes: [],
    ...(corner ? { corner } : {}),
  });

  it('takes the wheels off once, takes the small ones along, and never runs over', () => {
    const checks = [
      check('bearing_play', 1.2, 'FR'),
      check('rotor_runout', 0.5, 'FR'),
      check('rotor_surface', 0.1, 'FR'),
      check('rotor_colour', 0.05, 'FR'),
      check('pedal_pump', 0.2),
      check('after_full_bleed', 3),
    ];
    const plan = planHalfHour(checks, 30, false);
    expect(plan.minutes).toBeLessThanOrEqual(30);
    expect(plan.minutes + plan.left).toBe(30);
    const first = plan.checks.find((each) => findingOf(each.id).where === 'wheels_off')!;
    expect(first.minutes).toBe(findingOf(first.id).minutes! + 12);
    for (const each of plan.checks)
      if (each !== first) expect(each.minutes, each.id).toBe(findingOf(each.id).minutes);
    expect(plan.checks.map((each) => each.id)).not.toContain('after_full_bleed');
    expect(plan.checks.find((each) => each.id === 'rotor_surface')!.why).toBe('wheel_is_off');
    plan.checks.forEach((each, index) => {
      const before = plan.checks[index - 1];
      expect(each.startsAt).toBe(before ? before.startsAt + before.minutes : 0);
    });
  });

  it('has nothing to say when nothing fits', () => {
    expect(planHalfHour([check('after_full_bleed', 3)], 20, true)).toEqual({
      checks: [],
      minutes: 0,
      left: 20,
    });
  });
});

describe('decisions', () => {
  it('stand for every cause, and what happens when it was another one', () => {
    for (const { id } of CAUSES) {
      const decision = DECISIONS[id];
      expect(decision.work.length, id).toBeGreaterThan(5);
      expect(decision.ifWrong.length, id).toBeGreaterThan(5);
      // What is said to need no parts must not send anybody to buy a large one.
      const { needs } = PROCEDURES[PROCEDURE_FOR[id][0]];
      if (decision.parts === 'none')
        expect(
          needs.filter((need) =>
            ['master', 'booster', 'caliper', 'rotor', 'drum', 'bearing'].includes(need.kind),
          ),
          id,
        ).toEqual([]);
    }
    expect(DECISIONS.air_in_lines.tests).toMatch(/proves air/);
  });
});
