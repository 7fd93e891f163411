import { describe, expect, it } from 'vitest';
import { emptySheet } from '../../tests/support/sheet';
import { planFor, WAYS } from '../../tests/support/work';
import { CORNERS } from '../car/corner';
import type { CarKind } from '../car/spec';
import { startingSet } from '../car/startingSets';
import { CAUSES } from '../diagnosis/causes';
import { findingOf } from '../readings/vocabulary/findings';
import { PROCEDURE_IDS, PROCEDURES } from './library';
import { planWork } from './plan';
import { CAUTION_FOR } from './procedure';
import { PROCEDURE_FOR } from './procedureFor';
import { jointsOf } from './run/joints';

const KINDS: CarKind[] = ['light_track', 'saloon', 'hatch', 'heavy_coupe', 'other'];

function everyPlan() {
  return PROCEDURE_IDS.flatMap((procedure) =>
    KINDS.flatMap((kind) =>
      (['front', 'rear'] as const).map((axle) => ({
        procedure,
        plan: planWork(
          { ...startingSet(kind), name: kind },
          WAYS,
          { opened: false, softAfterBleed: false },
          { procedure, corners: axle === 'front' ? ['FL', 'FR'] : ['RL', 'RR'], options: {} },
        ),
      })),
    ),
  );
}

describe('the procedure library', () => {
  it('leads from every cause to a job that ends in a proof, and has no job that no cause leads to', () => {
    for (const { id } of CAUSES) {
      const { steps } = planFor(emptySheet(), PROCEDURE_FOR[id][0]);
      expect(
        steps.map((step) => step.part),
        id,
      ).toContain('Proof');
    }
    const used = new Set(Object.values(PROCEDURE_FOR).flat());
    expect(PROCEDURE_IDS.filter((id) => !used.has(id))).toEqual([]);
  });

  it('says every caution that a job calls for, at one of its steps', () => {
    for (const { procedure, plan } of everyPlan()) {
      const said = new Set(plan.steps.flatMap((step) => step.cautions ?? []));
      for (const touch of PROCEDURES[procedure].touches)
        for (const caution of CAUTION_FOR[touch])
          expect([...said], `${procedure} must say ${caution}`).toContain(caution);
    }
  });

  it('plans every job on every kind of car with steps that are told apart and say how', () => {
    for (const { procedure, plan } of everyPlan()) {
      const ids = plan.steps.map((step) => step.id);
      expect(ids.length, procedure).toBeGreaterThan(1);
      expect(new Set(ids).size, `${procedure}: ${ids.join(' ')}`).toBe(ids.length);
      for (const step of plan.steps) {
        expect(step.id, procedure).toMatch(/^[a-z0-9_-]{1,60}$/);
        expect(step.how.length, `${procedure} ${step.id}`).toBeGreaterThan(5);
        for (const trouble of step.troubles ?? [])
          if (trouble.again) expect(ids, `${procedure} ${trouble.id}`).toContain(trouble.again);
        for (const answer of step.ask ?? [])
          if (answer.trouble)
            expect(
              step.troubles?.map((each) => each.id),
              `${procedure} ${step.id}`,
            ).toContain(answer.trouble);
        if (step.ask) expect(step.ask.some((answer) => answer.trouble === undefined)).toBe(true);
      }
    }
  });

  it('never lets a car that was worked on roll before its pedal was pumped hard', () => {
    for (const { procedure, plan } of everyPlan()) {
      const ids = plan.steps.map((step) => step.id);
      const driven = plan.steps.findIndex((step) => step.drives);
      if (driven < 0 || procedure === 'bed_in') continue;
      expect(ids.indexOf('firm'), procedure).toBeGreaterThanOrEqual(0);
      expect(ids.indexOf('firm'), procedure).toBeLessThan(driven);
    }
  });

  it('bleeds whatever was opened, and looks for wet spots under pressure before the wheels go on', () => {
    for (const { procedure, plan } of everyPlan()) {
      if (!PROCEDURES[procedure].bleed) continue;
      const ids = plan.steps.map((step) => step.id);
      expect(ids.indexOf('bleed-1'), procedure).toBeLessThan(ids.indexOf('wheels'));
      expect(
        ids.filter((id) => id === 'wheels'),
        procedure,
      ).toHaveLength(1);
      expect(ids.indexOf('firm'), procedure).toBeGreaterThan(ids.lastIndexOf('closed'));
      expect(ids.indexOf('hold'), procedure).toBeGreaterThan(ids.indexOf('firm'));
      expect(ids.indexOf('hold'), procedure).toBeLessThan(ids.indexOf('wheels'));
    }
  });

  it('ends in a bleed with its cautions wherever a union is undone', () => {
    const unions: readonly string[] = ['banjo', 'line_union', 'modulator_union', 'wheel_cylinder'];
    let undone = 0;
    for (const { procedure, plan } of everyPlan()) {
      if (!plan.steps.flatMap(jointsOf).some((joint) => unions.includes(joint))) continue;
      undone += 1;
      expect(PROCEDURES[procedure].bleed, procedure).toBeDefined();
      const said = plan.steps.flatMap((step) => step.cautions ?? []);
      for (const caution of ['fluid', 'glasses', 'disposal', 'firm_pedal'] as const)
        expect(said, `${procedure}: ${caution}`).toContain(caution);
      expect(
        plan.steps.map((step) => step.id),
        procedure,
      ).toContain('hold');
    }
    expect(undone).toBeGreaterThan(5);
  });

  it('needs what its own sums say: a spring, a seal and a boot for every piston', () => {
    const sheet = emptySheet();
    sheet.car.front = { ...sheet.car.front, caliper: 'opposed', pistonsMm: [40, 40, 36, 36] };
    const { needs, springs } = planFor(sheet, 'knockback_kit', { corners: ['FL'] });
    expect(springs!.count).toBe(8);
    for (const kind of ['springs', 'seal_kit', 'boots'])
      expect(needs.find((need) => need.kind === kind)?.quantity, kind).toBe(springs!.count);
    const rebuild = planFor(sheet, 'caliper_rebuild', { corners: ['FR'] }).needs;
    expect(rebuild.find((need) => need.kind === 'seal_kit')!.quantity).toBe(8);
    for (const { plan } of everyPlan())
      if (plan.bleed)
        expect(plan.needs.find((need) => need.kind === 'fluid')!.quantity).toBe(plan.bleed.plan.bottles);
  });

  it('has one side of drums whole before the other is touched', () => {
    const hatch = emptySheet();
    hatch.car.rear = { ...hatch.car.rear, brake: 'drum' };
    for (const procedure of ['drum_service', 'wheel_cylinder'] as const) {
      const sides = planFor(hatch, procedure)
        .steps.filter((step) => step.part === 'Fit' || step.part === 'Apart')
        .flatMap((step) => (step.corner ? [step.corner] : []));
      expect(sides.lastIndexOf('RL'), procedure).toBeLessThan(sides.indexOf('RR'));
    }
  });

  it('writes down only what the checks of the proof know', () => {
    for (const { procedure, plan } of everyPlan())
      for (const step of plan.steps)
        for (const { id, state } of [
          ...(step.finds ?? []),
          ...(step.ask ?? []).flatMap((answer) => answer.finds ?? []),
          ...(step.troubles ?? []).flatMap((trouble) => trouble.finds ?? []),
        ])
          expect(findingOf(id).states as readonly string[], `${procedure} ${step.id}`).toContain(state);
  });

  it('works pairs on an axle, and the corner alone where the corner alone is wrong', () => {
    const sheet = emptySheet();
    expect(planFor(sheet, 'pads', { corners: ['FR'] }).corners).toEqual(['FL', 'FR']);
    expect(planFor(sheet, 'bearing', { corners: ['FR'] }).corners).toEqual(['FR']);
    expect(planFor(sheet, 'flush', { corners: ['FR'] }).corners).toEqual([...CORNERS]);
    expect(planFor(sheet, 'hose', { corners: ['RL'] }).corners).toEqual(['RL', 'RR']);
  });

  it('goes where the brake is of the kind the job is done on', () => {
    const hatch = emptySheet();
    hatch.car.rear = { ...hatch.car.rear, brake: 'drum' };
    expect(planFor(hatch, 'drum_service').corners).toEqual(['RL', 'RR']);
    expect(planFor(hatch, 'drum_service', { corners: ['FL'] }).corners).toEqual(['RL', 'RR']);
    expect(planFor(hatch, 'pads', { corners: ['RL'] }).corners).toEqual(['FL', 'FR']);
    expect(planFor(hatch, 'pads', { corners: ['FL', 'RR'] }).corners).toEqual(['FL', 'FR']);
    expect(planFor(hatch, 'hose', { corners: ['RR'] }).corners).toEqual(['RL', 'RR']);
  });
});
