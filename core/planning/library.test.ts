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

  it('bleeds whatever was opened before the wheels go on, and holds the pedal after', () => {
    for (const { procedure, plan } of everyPlan()) {
      if (!PROCEDURES[procedure].bleed) continue;
      const ids = plan.steps.map((step) => step.id);
      expect(ids.indexOf('bleed-1'), procedure).toBeLessThan(ids.indexOf('wheels'));
      expect(
        ids.filter((id) => id === 'wheels'),
        procedure,
      ).toHaveLength(1);
      expect(ids.indexOf('hold'), procedure).toBeGreaterThan(ids.indexOf('wheels'));
    }
  });

  it('writes down only what the checks of the proof know', () => {
    for (const { procedure, plan } of everyPlan())
      for (const step of plan.steps)
        for (const { id, state } of [
          ...(step.finds ?? []),
          ...(step.ask ?? []).flatMap((answer) => answer.finds ?? []),
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
