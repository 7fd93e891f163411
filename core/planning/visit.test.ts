import { describe, expect, it } from 'vitest';
import { emptySheet } from '../../tests/support/sheet';
import { planFor } from '../../tests/support/work';
import type { Corner } from '../car/corner';
import { PROCEDURE_IDS, type ProcedureId } from './library';
import type { Step } from './run/step';
import { makesVisit, stepsSaved, visitPlans } from './visit';

const sheet = emptySheet();
const plan = (procedure: ProcedureId, corners: Corner[] = ['FL', 'FR']) =>
  planFor(sheet, procedure, { corners });
const idsOf = (...procedures: ProcedureId[]) =>
  visitPlans(procedures.map((each) => plan(each))).map((each) => each.steps.map((step) => step.id));

describe('two works in one visit', () => {
  it('have the car apart once: the first takes off, the last puts back and proves', () => {
    const [slides, pads] = idsOf('slides', 'pads');
    expect(slides).toEqual([
      ...['cool', 'lift', 'off-fl', 'off-fr', 'found-pads-fl', 'found-pads-fr'],
      ...['pins-fl', 'pins-fr', 'grease-fl', 'grease-fr', 'glide-fl', 'glide-fr'],
    ]);
    expect(pads).toEqual([
      ...[
        'rotor-fit-fl',
        'rotor-fit-fr',
        'pins',
        'pistons-back',
        'read-pads-fl',
        'read-pads-fr',
        'fit-fl',
        'fit-fr',
        'back-fl',
        'back-fr',
      ],
      ...['firm', 'hold', 'wheels', 'level', 'away', 'roll'],
    ]);
  });

  it('are bled once, at every corner that any of them opened, with the bottles for it', () => {
    const alone = [plan('hose', ['FL', 'FR']), plan('caliper_rebuild', ['RL', 'RR'])];
    const [first, last] = visitPlans(alone);
    expect(first!.bleed).toBeUndefined();
    expect(first!.steps.map((step) => step.id)).toContain('kit');
    expect(first!.needs.some((need) => need.kind === 'fluid')).toBe(false);
    expect(new Set(last!.bleed!.plan.order.map((row) => row.corner))).toEqual(
      new Set(['FL', 'FR', 'RL', 'RR']),
    );
    const [fluid] = last!.needs;
    expect(fluid).toMatchObject({ kind: 'fluid', quantity: last!.bleed!.plan.bottles });
    expect(last!.steps.find((step) => step.id === 'wheels')!.how).toContain('Front left, front right');
  });

  it('draw the old fluid out where one of them is a flush, and cycle the modulator where one was opened', () => {
    const [, last] = visitPlans([plan('hose'), plan('flush')]);
    expect(last!.steps.find((step) => step.id === 'draw')!.title).toContain('Draw the old fluid out');
    expect(last!.steps.some((step) => step.id === 'modulator')).toBe(true);
  });

  it('let the car cool before the first of them, whichever said so', () => {
    const [hose, pads] = idsOf('hose', 'pads');
    expect(hose!.slice(0, 2)).toEqual(['cool', 'lift']);
    expect(pads).not.toContain('cool');
  });

  it('measure the same part once, when all is done', () => {
    const [bearing, rotors] = idsOf('bearing', 'rotors');
    expect(bearing).not.toContain('read-rotor-fl');
    expect(rotors!.filter((id) => id === 'read-rotor-fl')).toHaveLength(1);
    expect(bearing).toContain('again-fl');
  });

  it('are no visit with a drive, nor where nothing is shared', () => {
    expect(makesVisit([plan('pads'), plan('bed_in')])).toBe(false);
    expect(makesVisit([plan('brace'), plan('pads')])).toBe(false);
    const { ways: _, ...bleed } = plan('hose').bleed!;
    expect(makesVisit([{ ...plan('hose'), bleed }, plan('pads')])).toBe(false);
  });

  describe('any two of the library', () => {
    const plans = PROCEDURE_IDS.map((id) => ({ id, plan: plan(id) }));
    const pairs = plans.flatMap((first, at) =>
      plans.slice(at + 1).flatMap((second) => {
        const alone = [first.plan, second.plan];
        if (!makesVisit(alone)) return [];
        return [
          {
            name: `${first.id} + ${second.id}`,
            alone,
            steps: visitPlans(alone).flatMap((each) => each.steps),
          },
        ];
      }),
    );

    it('are many', () => expect(pairs.length).toBeGreaterThan(300));

    /** What of a step has to be found again in the visit: the part as it was fitted in the end is what is measured. */
    const essence = ({ id, measure }: Step) => (measure?.phase === 'after' ? JSON.stringify(measure) : id);

    it('lose no step and no caution, and do nothing twice that closes the car', () => {
      const lost: string[] = [];
      for (const { name, alone, steps } of pairs) {
        const done = new Set(steps.map(essence));
        // Whether it ran low decides nothing where every corner is bled.
        const allBled = new Set(steps.flatMap((step) => (step.ml ? [step.corner] : []))).size === 4;
        const said = new Set(steps.flatMap((step) => step.cautions ?? []));
        for (const step of alone.flatMap((each) => each.steps)) {
          // What a bleed says of the drawn-off fluid, and its rounds, are its own.
          const own = step.id === 'away' || step.part === 'Corner' || (step.id === 'ran-low' && allBled);
          if (!own && !done.has(essence(step))) lost.push(`${name}: ${step.id}`);
          for (const caution of step.cautions ?? []) if (!said.has(caution)) lost.push(`${name}: ${caution}`);
        }
        for (const once of ['lift', 'wheels', 'firm', 'hold', 'level', 'roll', 'kit', 'cool'])
          if (steps.filter((step) => step.id === once).length > 1) lost.push(`${name}: ${once} twice`);
        if (stepsSaved(alone) <= 0) lost.push(`${name}: nothing saved`);
      }
      expect(lost).toEqual([]);
    });

    it('have the pedal firm and held before the wheels and before anything drives', () => {
      for (const { name, steps: ids } of pairs) {
        const at = (id: string) => ids.findIndex((step) => step.id === id);
        const drives = ids.findIndex((step) => step.drives);
        if (at('firm') >= 0 && drives >= 0) expect(at('firm'), name).toBeLessThan(drives);
        if (at('hold') >= 0 && at('wheels') >= 0) expect(at('hold'), name).toBeLessThan(at('wheels'));
        const bleeder = ids.findIndex((step) => step.ml);
        if (bleeder >= 0) {
          expect(at('kit'), name).toBeLessThan(bleeder);
          expect(bleeder, name).toBeLessThan(at('firm'));
        }
      }
    });
  });
});
