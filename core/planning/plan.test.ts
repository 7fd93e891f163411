import { describe, expect, it } from 'vitest';
import { answerRow, emptySheet } from '../../tests/support/sheet';
import { planFor, WAYS } from '../../tests/support/work';
import type { Corner } from '../car/corner';
import { startingSet } from '../car/startingSets';
import { PROCEDURES } from './library';
import type { OtherTouch } from './otherWork';
import { planWork } from './plan';
import { fitsCar } from './procedure';
import { wholeMinutes } from './works';

const cornersIn = (plan: ReturnType<typeof planFor>) => [
  ...new Set(plan.bleed!.plan.order.map((row) => row.corner)),
];

describe('the bleed in a plan', () => {
  it('starts from what is on file: lines before drive side, maker before school', () => {
    const sheet = emptySheet();
    expect(planFor(sheet, 'flush').bleed!.input).toMatchObject({
      masterSide: 'left',
      school: 'furthest_first',
      stabilityControl: true,
      opened: false,
    });
    sheet.car.front = { ...sheet.car.front, lineLeftM: 1, lineRightM: 2 };
    expect(planFor(sheet, 'flush').bleed!.input.lines).toBeUndefined();
    sheet.car.rear = { ...sheet.car.rear, lineLeftM: 4, lineRightM: 5 };
    expect(planFor(sheet, 'flush').bleed!.input.lines).toEqual({ FL: 1, FR: 2, RL: 4, RR: 5 });
    sheet.car.makerOrder = ['FL', 'FR', 'RL', 'RR'];
    const plan = planFor(sheet, 'flush', { options: { bleed: { order: 'diagonal' } } });
    expect(cornersIn(plan)).toEqual(['FL', 'FR', 'RL', 'RR']);
    expect(plan.warnings.join()).toContain('maker’s order was used');
  });

  it('turns round for a right-hand drive car, and follows the pipes of a mid-engined one', () => {
    const sheet = emptySheet();
    expect(cornersIn(planFor(sheet, 'flush'))).toEqual(['RR', 'RL', 'FR', 'FL']);
    sheet.car.driveSide = 'right';
    expect(cornersIn(planFor(sheet, 'flush'))).toEqual(['RL', 'RR', 'FL', 'FR']);
    // The rear line runs down the far side and crosses over behind the engine.
    sheet.car.front = { ...sheet.car.front, lineLeftM: 1.2, lineRightM: 0.9 };
    sheet.car.rear = { ...sheet.car.rear, lineLeftM: 3.1, lineRightM: 3.9 };
    expect(cornersIn(planFor(sheet, 'flush'))).toEqual(['RR', 'RL', 'FL', 'FR']);
  });

  it('knows what was opened and what is still soft, and the shop’s habit gives way to the car’s ceiling', () => {
    const sheet = emptySheet({
      answers: [
        answerRow({ finding: 'system_opened', state: 'yes' }),
        answerRow({ finding: 'after_full_bleed', state: 'still_soft' }),
      ],
    });
    sheet.car.bleedCeilingKPa = 90;
    const { bleed, steps } = planFor(sheet, 'flush');
    expect(bleed!.input).toMatchObject({
      opened: true,
      softAfterBleed: true,
      pressureKPa: 90,
      ceilingKPa: 90,
    });
    expect(steps.map((step) => step.id)).toContain('modulator');
    expect(steps.filter((step) => step.title.includes('second round'))).toHaveLength(4);
  });

  it('bleeds only the corners a job opened', () => {
    const plan = planFor(emptySheet(), 'hose', { corners: ['FL'] });
    expect(cornersIn(plan)).toEqual(['FR', 'FL']);
    expect(plan.bleed!.input.opened).toBe(true);
    expect(planFor(emptySheet(), 'master').bleed!.plan.order).toHaveLength(4);
  });

  it('says what it had to assume', () => {
    const sheet = emptySheet();
    sheet.car.driveSide = null;
    sheet.car.stabilityControl = null;
    expect(planFor(sheet, 'flush').warnings.join(' ')).toMatch(
      /Drive side is not on file.*Stability control is not on file/,
    );
  });

  it('goes from stands to a held pedal, with checks that have to be answered between corners', () => {
    const { steps, bleed } = planFor(emptySheet(), 'flush');
    const ids = steps.map((step) => step.id);
    expect(ids[0]).toBe('lift');
    expect(ids.slice(-3)).toEqual(['firm', 'hold', 'wheels']);
    expect(ids.slice(ids.indexOf('leak-hold'), ids.indexOf('bleed-1'))).toEqual([
      'leak-hold',
      'pot-fill',
      'pump-up',
    ]);
    const between = steps.filter((step) => step.id.startsWith('between-'));
    expect(between).toHaveLength(3);
    for (const step of between) expect(step.ask!.map((answer) => answer.value)).toContain('ran_dry');
    const bleeders = steps.filter((step) => step.ml);
    const sum = bleeders.reduce((ml, step) => ml + step.ml!.here, 0);
    expect(bleeders.at(-1)!.ml!.total).toBe(sum);
    expect(sum + bleed!.plan.topUpMl).toBe(bleed!.plan.totalMl);
    expect(bleed!.supplyMl).toBeGreaterThanOrEqual(bleed!.plan.totalMl);
  });

  it('follows the ways chosen for this once over the shop’s', () => {
    const { steps } = planFor(emptySheet(), 'flush', {
      ways: { bleedMethod: 'two_person', reservoirSchool: 'push_through', strainerSchool: 'leave_in' },
    });
    expect(steps.some((step) => step.part === 'Pressure')).toBe(false);
    expect(steps.find((step) => step.id === 'draw')!.title).toBe('Top up with new fluid');
    expect(steps.find((step) => step.id === 'cap')!.how).toContain('stays in');
    const once = planFor(emptySheet(), 'flush', {
      ways: { bleedMethod: 'two_person' },
      options: { bleed: { method: 'pressure', pressureKPa: 69, bottleMl: 250 } },
    });
    expect(once.bleed!.plan.pressureKPa).toBe(69);
    expect(once.steps.find((step) => step.id === 'kit')!.title).toContain(
      `${once.bleed!.plan.bottles} × 250 ml`,
    );
  });

  it('has the catch bottle emptied before it runs over', () => {
    const { bleed } = planFor(emptySheet(), 'flush', { options: { bleed: { catchMl: 300 } } });
    const { order, emptyCatchBefore } = bleed!.plan;
    let inIt = 0;
    for (const [index, row] of order.entries()) {
      if (emptyCatchBefore.includes(index)) inIt = 0;
      inIt += row.ml;
      expect(inIt, `row ${index + 1}`).toBeLessThanOrEqual(300);
    }
    expect(emptyCatchBefore.length).toBeGreaterThan(0);
  });
});

describe('the rest of a plan', () => {
  it('counts what it takes by axle and corner', () => {
    const { needs } = planFor(emptySheet(), 'rotors', { corners: ['FL', 'RR'] });
    expect(needs.map(({ kind, axle, quantity }) => [kind, axle, quantity])).toEqual([
      ['rotor', 'front', 2],
      ['rotor', 'rear', 2],
      ['pads', 'front', 1],
      ['pads', 'rear', 1],
    ]);
  });

  it('counts springs by the pistons of the calipers and says what they cost', () => {
    const sheet = emptySheet();
    sheet.car.front = { ...sheet.car.front, caliper: 'opposed', pistonsMm: [40, 40, 40, 40] };
    sheet.car.front.rotorRadiusMm = 141;
    const { springs } = planFor(sheet, 'knockback_kit', { corners: ['FL'] });
    // Two a side of 18 N at a radius of 133 mm: the check value of the springs' drag.
    expect(springs).toMatchObject({ count: 8 });
    expect(springs!.dragNm).toBeCloseTo(4.02, 2);
  });

  it('has a bed-in follow new pads, for the axle they went on', () => {
    const plan = planFor(emptySheet(), 'pads', { corners: ['RL', 'RR'] });
    const front = planFor(emptySheet(), 'pads', { corners: ['FL'] });
    expect(plan.bedIn!.input.car.axleShare).toBeCloseTo(0.3, 10);
    expect(front.bedIn!.input.car.axleShare).toBeCloseTo(0.7, 10);
    expect(plan.steps.some((step) => step.slowdown)).toBe(false);
    expect(planFor(emptySheet(), 'bed_in').steps.filter((step) => step.slowdown)).toHaveLength(8);
  });

  it('says before anything is opened which bleeder will not turn, where it is to be opened', () => {
    const stuck = emptySheet({
      answers: [answerRow({ finding: 'bleeder_screw', state: 'stuck', place: 'RR' })],
    });
    expect(planFor(stuck, 'flush').warnings[0]).toMatch(/^RR: the bleeder will not turn/);
    expect(planFor(stuck, 'hose', { corners: ['FL'] }).warnings.join()).not.toContain('will not turn');
    expect(planFor(emptySheet(), 'flush').warnings.join()).not.toContain('will not turn');
  });

  describe('of work named by hand', () => {
    const named = (touches: OtherTouch[], corners: Corner[] = []) =>
      planWork(
        emptySheet().car,
        WAYS,
        { opened: false, softAfterBleed: false },
        {
          procedure: 'other',
          title: 'Shorten the lever',
          corners,
          options: { touches },
        },
      );
    const ids = (...asked: Parameters<typeof named>) => named(...asked).steps.map((step) => step.id);

    it('measures before and after, and proves the pedal, even where nothing is touched', () => {
      expect(ids(['none'])).toEqual(['before', 'do', 'after', 'firm', 'hold']);
      expect(named(['none']).steps[1]!.title).toBe('Shorten the lever');
    });

    it('lifts the car and puts the wheels back where they come off, at the corners that were asked for', () => {
      const plan = named(['wheels'], ['RL']);
      expect(plan.corners).toEqual(['RL']);
      expect(plan.steps.map((step) => step.id)).toEqual([
        ...['before', 'lift', 'look-in', 'do', 'after', 'firm', 'hold', 'wheels', 'roll'],
      ]);
      expect(plan.steps.find((step) => step.id === 'wheels')!.torque).toBe('wheel');
    });

    it('ties calipers up and sets the level again where pistons go back', () => {
      const steps = ids(['pistons'], ['FL']);
      expect(steps).toEqual(
        expect.arrayContaining(['lift', 'cool', 'off-fl', 'pistons-back', 'back-fl', 'level']),
      );
      expect(steps.indexOf('pistons-back')).toBeLessThan(steps.indexOf('do'));
    });

    it('bleeds what it opened, with the fluid for it and the look under pressure before the wheels', () => {
      const plan = named(['lines', 'wheels'], ['FL', 'FR']);
      const steps = plan.steps.map((step) => step.id);
      expect(plan.bleed!.input.corners).toEqual(['FL', 'FR']);
      expect(plan.needs[0]).toMatchObject({ kind: 'fluid', quantity: plan.bleed!.plan.bottles });
      expect(steps.indexOf('bleed-1')).toBeLessThan(steps.indexOf('hold'));
      expect(steps.indexOf('hold')).toBeLessThan(steps.indexOf('wheels'));
      expect(steps.filter((step) => step === 'level')).toHaveLength(1);
    });

    it('has new friction bedded in', () => {
      expect(named(['friction'], ['FL', 'FR']).bedIn).toBeDefined();
      expect(ids(['friction'], ['FL', 'FR'])).toContain('off-fl');
    });
  });
});

describe('a job on a car that it is not for', () => {
  const saloon = emptySheet().car;
  const track = { ...saloon, ...startingSet('light_track') };

  it('is not offered', () => {
    expect(fitsCar(PROCEDURES.modulator_cycle, saloon)).toBe(true);
    expect(fitsCar(PROCEDURES.modulator_cycle, track)).toBe(false);
    expect(fitsCar(PROCEDURES.slides, track)).toBe(false);
    expect(fitsCar(PROCEDURES.drum_service, saloon)).toBe(false);
    expect(fitsCar(PROCEDURES.vacuum_line, track)).toBe(false);
    expect(fitsCar(PROCEDURES.pads, track)).toBe(true);
  });

  it('goes to the axle that has what it is for', () => {
    const mixed = { ...saloon, front: { ...saloon.front, caliper: 'opposed' as const } };
    const plan = planFor(emptySheet({ car: mixed }), 'slides', { corners: ['FR'] });
    expect(plan.corners).toEqual(['RL', 'RR']);
  });
});

describe('the minutes of a job', () => {
  it('take in the bleed and the bed-in that follow it', () => {
    expect(wholeMinutes('hose')).toBe(PROCEDURES.hose.minutes + PROCEDURES.bleed.minutes);
    expect(wholeMinutes('pads')).toBe(PROCEDURES.pads.minutes + PROCEDURES.bed_in.minutes);
    expect(wholeMinutes('flush')).toBe(PROCEDURES.flush.minutes);
  });
});
