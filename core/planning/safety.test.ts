import { describe, expect, it } from 'vitest';
import { WAYS } from '../../tests/support/work';
import type { CarKind, CarSpec } from '../car/spec';
import { startingSet } from '../car/startingSets';
import { PROCEDURE_IDS, PROCEDURES, type ProcedureId } from './library';
import { planWork, type WorkRequest } from './plan';
import { fitsCar } from './procedure';
import { jointsOf } from './run/joints';
import type { Step } from './run/step';
import { waysOn } from './run/tickIssues';

/** Rows of a reading of the library with the hands at the car that were unsafe as written. Common practice, no source. */

const KINDS: CarKind[] = ['light_track', 'saloon', 'hatch', 'heavy_coupe'];
const known = { opened: false, softAfterBleed: false };
const kindOf = (kind: CarKind, changes: Partial<CarSpec> = {}): CarSpec => ({
  ...startingSet(kind),
  name: 'x',
  ...changes,
});
const steps = (
  procedure: ProcedureId,
  car: CarSpec = kindOf('saloon'),
  options: WorkRequest['options'] = {},
): Step[] => planWork(car, WAYS, known, { procedure, corners: ['FL', 'FR'], options }).steps;
const ids = (...of: Parameters<typeof steps>) => steps(...of).map((step) => step.id);
const at = (list: readonly string[], id: string) => list.indexOf(id);

/** Every job on every kind of car it is for. */
const every = PROCEDURE_IDS.flatMap((procedure) =>
  KINDS.map((kind) => kindOf(kind))
    .filter((car) => fitsCar(PROCEDURES[procedure], car))
    .map((car) => ({ procedure, steps: steps(procedure, car) })),
);

describe('before hands go in', () => {
  it('what comes apart is cold before a wheel comes off', () => {
    for (const { procedure, steps } of every) {
      const list = steps.map((step) => step.id);
      if (!steps.some((step) => /^(off|unhung|shoes|hose|swap)-/.test(step.id))) continue;
      expect(at(list, 'cool'), procedure).toBeGreaterThanOrEqual(0);
      expect(at(list, 'cool'), procedure).toBeLessThan(at(list, 'lift'));
    }
  });

  it('the car is chocked, its nuts cracked loose, and what acts by itself named, at every lift', () => {
    for (const { procedure, steps } of every) {
      const lift = steps.find((step) => step.id === 'lift');
      if (lift)
        expect(lift.how, procedure).toMatch(/chocks.*nuts cracked loose.*service mode before the lift/);
    }
  });

  it('nobody presses the pedal over a caliper, pad or drum that is off', () => {
    for (const { procedure, steps } of every)
      for (const step of steps)
        if (/^(off|unhung)-/.test(step.id))
          expect(step.cautions, `${procedure} ${step.id}`).toContain('nobody_presses');
  });
});

describe('a car whose brakes act by themselves', () => {
  const acting = kindOf('saloon', { electricParkingBrake: true, brakeByWire: true, drive: 'electric' });

  it('is in service mode before the lift and out of it before the pedal is pumped, in every job that lifts it', () => {
    for (const procedure of PROCEDURE_IDS) {
      if (!fitsCar(PROCEDURES[procedure], acting)) continue;
      const list = ids(procedure, acting);
      if (!list.includes('lift')) continue;
      expect(list[0], procedure).toBe('service-in');
      expect(at(list, 'service-out'), procedure).toBe(at(list, 'firm') - 1);
      const [serviceIn] = steps(procedure, acting);
      expect(serviceIn!.cautions).toEqual(['parked_motor', 'by_wire', 'high_voltage']);
    }
  });

  it('is not worked on where there is no way into it', () => {
    const [serviceIn] = steps('pads', acting);
    expect(serviceIn!.troubles!.every((trouble) => waysOn(trouble).length === 0)).toBe(true);
  });

  it('asks nothing of a car that has none of it', () => {
    expect(ids('pads', kindOf('light_track'))).not.toContain('service-in');
    expect(ids('pads', kindOf('saloon'))).not.toContain('service-in');
  });

  it('has a motor taken off instead of a cable', () => {
    expect(ids('parking_brake', acting)).toContain('motor-rl');
    expect(ids('parking_brake', acting)).not.toContain('cable');
    expect(ids('parking_brake')).toContain('cable');
    expect(ids('adjuster', acting)).not.toContain('lever');
    expect(ids('adjuster', kindOf('saloon', { parkingBrake: 'in_caliper' }))).toContain('lever');
  });
});

describe('lines that were opened', () => {
  it('have the prop out before anything is bled', () => {
    let propped = 0;
    for (const { procedure, steps } of every) {
      const list = steps.map((step) => step.id);
      expect(list.includes('prop-out'), procedure).toBe(list.includes('prop'));
      if (!list.includes('prop')) continue;
      propped += 1;
      expect(at(list, 'prop-out'), procedure).toBeLessThan(at(list, 'cap'));
    }
    expect(propped).toBeGreaterThan(10);
  });

  it('pushed from below, the reservoir is drawn down and never filled first', () => {
    const reverse = steps('flush', kindOf('saloon'), { bleed: { method: 'reverse' } });
    expect(reverse.find((step) => step.id === 'draw')!.title).toContain('down to its lower mark');
    for (const step of reverse)
      if (step.id.startsWith('between-')) expect(step.title).toContain('draw the reservoir down');
    expect(steps('flush').find((step) => step.id === 'draw')!.title).toContain('Draw the old fluid out');
  });

  it('of a car with the wrong fluid in it are bled as opened, the modulator with them', () => {
    expect(ids('wrong_fluid')).toContain('modulator');
    expect(steps('wrong_fluid').find((step) => step.id === 'drain')!.cautions).toContain('fumes');
  });
});

describe('what ends a job', () => {
  it('is a pedal held, wherever pads, shoes or calipers were moved', () => {
    for (const { procedure, steps } of every) {
      const list = steps.map((step) => step.id);
      if (!steps.some((step) => /^(off|back|fit|shoes|dress|glide)-/.test(step.id))) continue;
      expect(list, procedure).toContain('hold');
    }
  });

  it.each(['master', 'pushrod', 'booster'] as const)('%s: an open port, or the car stays', (procedure) => {
    const port = steps(procedure).find((step) => step.id === 'port')!;
    expect(port.troubles!.every((trouble) => trouble.must)).toBe(true);
  });

  it.each([
    ['booster', 'saloon'],
    ['vacuum_line', 'saloon'],
    ['hydraulic_assist', 'heavy_coupe'],
  ] as const)('%s: help that comes, or a hold', (procedure, kind) => {
    const car = kindOf(kind, procedure === 'hydraulic_assist' ? { assist: 'hydraulic' } : {});
    const start = steps(procedure, car).find((step) => step.id === 'start')!;
    const nothing = start.ask!.find((answer) => answer.trouble)!;
    expect(nothing.finds).toEqual([{ id: 'assist_start', state: 'no_change' }]);
    expect(start.troubles!.every((trouble) => trouble.must)).toBe(true);
  });

  it('is a parking brake that holds on a slope', () => {
    for (const procedure of ['parking_brake', 'adjuster'] as const)
      expect(steps(procedure).find((step) => step.id === 'parked')!.troubles![0]!.must, procedure).toBe(true);
  });

  it('stops at a rear that locks first', () => {
    const tried = steps('bias', kindOf('light_track')).find((step) => step.id === 'try')!;
    expect(tried.troubles![0]).toMatchObject({ must: true, again: 'turn' });
  });

  it('of a bed-in is a soft pedal the moment it is felt, and the car is held', () => {
    const slowdown = steps('bed_in').find((step) => step.slowdown)!;
    const soft = slowdown.troubles!.find((trouble) => trouble.id === 'soft')!;
    expect(soft).toMatchObject({ must: true, finds: [{ id: 'pedal_now', state: 'soft' }] });
  });
});

describe('figures and parts', () => {
  it('of a caliper that goes back are those of its kind', () => {
    const back = (kind: CarKind) => steps('pads', kindOf(kind)).find((step) => step.id === 'back-fl')!;
    expect(jointsOf(back('light_track'))).toEqual(['caliper_bracket']);
    expect(jointsOf(back('saloon'))).toEqual(['slide_pin']);
  });

  it('never invite anybody to undo the halves of a caliper on the car', () => {
    for (const { procedure, steps } of every)
      expect(
        steps.flatMap((step) => [...jointsOf(step)]),
        procedure,
      ).not.toContain('caliper_bridge');
  });

  it('of an adjustable bearing and of a unit are two', () => {
    const set = steps('bearing').find((step) => step.id === 'renew-fl')!;
    expect(jointsOf(set)).toEqual(['hub_preload', 'hub_nut']);
    expect(set.record![0]!.required).toBe(true);
  });

  it('say of every wheel that was off where it goes back', () => {
    expect(steps('wheel_mount').find((step) => step.id === 'wheels')!.how).toMatch(/Front left.*rear right/);
  });

  it('that are done are never left as they are', () => {
    for (const [procedure, step, kind] of [
      ['pads', 'rotor-fit-fl', 'saloon'],
      ['drum_service', 'cylinder-rl', 'hatch'],
      ['slides', 'glide-fl', 'saloon'],
    ] as const) {
      const [trouble] = steps(procedure, kindOf(kind)).find((each) => each.id === step)!.troubles!;
      expect(
        waysOn(trouble!).map((way) => way.id),
        procedure,
      ).toEqual(['renewed', 'other_job']);
    }
  });

  it('of a bearing are read before springs are put behind pistons', () => {
    const list = steps('knockback_kit', kindOf('light_track'));
    const cause = list.findIndex((step) => step.id === 'cause');
    const read = list.filter((step) => step.measure?.measure === 'bearing');
    expect(read).toHaveLength(2);
    for (const step of read) {
      expect(step.measure!.gates).toBe(true);
      expect(list.indexOf(step)).toBeLessThan(cause);
    }
    // With the pads out to the rotor, and the wheels still off.
    const order = list.map((step) => step.id);
    expect(at(order, 'drag-fl')).toBeGreaterThan(at(order, 'firm'));
    expect(at(order, 'drag-fl')).toBeLessThan(at(order, 'wheels'));
  });

  it('of a rotor are read before anybody says that there is enough to cut', () => {
    const list = ids('machine');
    expect(at(list, 'found-rotor-fl')).toBeLessThan(at(list, 'enough'));
  });

  it('of a level that nobody can explain stop it, and a leak holds the car', () => {
    const reason = steps('level').find((step) => step.id === 'reason')!;
    expect(reason.troubles!.find((trouble) => trouble.id === 'leak')!.must).toBe(true);
    expect(reason.ask!.filter((answer) => !answer.trouble).map((answer) => answer.value)).toEqual([
      'worn_pads',
      'overfilled',
    ]);
  });

  it('of joints loaded by a spring are not undone without its caution, and rubber is done up on the ground', () => {
    const list = steps('suspension');
    expect(list.find((step) => step.id === 'renew-fl')!.cautions).toContain('spring_load');
    const order = list.map((step) => step.id);
    expect(at(order, 'ground-fl')).toBeGreaterThan(at(order, 'wheels'));
  });
});
