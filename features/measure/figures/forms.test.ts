import { describe, expect, it } from 'vitest';
import { startingSet } from '@/core/car/startingSets';
import { runCalc } from '@/core/exchange/calcs';
import { MEASURES } from '@/core/readings/measures';
import { limitsIn, usual } from '../../../tests/support/units';
import type { Surroundings } from './figureForm';
import { FIGURE_FORMS, type FigureFormId } from './forms';

const car = { ...startingSet('saloon'), name: 'Saloon' };
const around = (changes: Partial<Surroundings> = {}): Surroundings => ({
  car,
  corner: 'FR',
  axle: car.front,
  shop: {},
  limit: limitsIn(changes.shop),
  ...changes,
});

/** Every field filled with a figure in the middle of what it takes, and what that comes back as. */
const FILLED: Record<FigureFormId, Record<string, number>> = {
  bearing: { play: 0.06 },
  flex: { deflection: 0.3 },
  drum: { first: 228.6, second: 228.7, shoes: 228 },
  pedal: { freePlay: 6, sank: 4, seconds: 45, force: 300, master: 1.5, vacuum: 70 },
  heat: { 'FL.faceC': 320, 'FR.faceC': 410, 'FR.caliperPeakC': 150, 'RL.rotorPeakC': 380 },
};

describe.each(Object.entries(FIGURE_FORMS) as [FigureFormId, (typeof FIGURE_FORMS)[FigureFormId]][])(
  'the form of %s',
  (id, form) => {
    it('makes a reading its calc takes, and has its figures back out of it', () => {
      const input = form.input(FILLED[id], around())!;
      const outcome = runCalc(MEASURES[id].kind, input);
      expect(outcome, JSON.stringify(outcome)).toMatchObject({ ok: true });
      expect(form.values(input)).toEqual(FILLED[id]);
    });

    it('is no reading while nothing is measured', () => {
      expect(form.input({}, around())).toBeUndefined();
    });

    it('asks for each figure under a name of its own', () => {
      const names = form.fields(around()).map((field) => field.id);
      expect(new Set(names).size).toBe(names.length);
      expect(names).toEqual(expect.arrayContaining(Object.keys(FILLED[id])));
      for (const field of form.fields(around())) expect(field.label).not.toBe('');
    });

    it('takes as much as its calc does and no more: both ends of a figure are taken, what lies past them is refused', () => {
      for (const { id: field, low, high } of form.fields(around())) {
        const read = (value: number) =>
          runCalc(MEASURES[id].kind, form.input({ ...FILLED[id], [field]: value }, around())!);
        expect(read(low), `${field} ${low}`).toMatchObject({ ok: true });
        expect(read(high), `${field} ${high}`).toMatchObject({ ok: true });
        for (const past of [low - 1, high + 1])
          expect(read(past), `${field} ${past}`).toMatchObject({
            ok: false,
            issues: [{ accepted: expect.stringContaining(`${low} to ${high}`) }],
          });
      }
    });

    it('names a limit with its unit for what it is held against', () => {
      for (const [label, limit, base, decimals] of form.limits(around())) {
        expect(label).not.toBe('');
        expect(Number.isFinite(limit.value)).toBe(true);
        expect(base).not.toBe('');
        expect(decimals).toBeGreaterThanOrEqual(0);
      }
    });
  },
);

describe('limits in the small forms', () => {
  it('are the car’s, else the shop’s, and say whose; what is usual stays out of the reading', () => {
    const { bearing } = FIGURE_FORMS;
    expect(bearing.input({ play: 0.06 }, around())).not.toHaveProperty('limitMm');
    expect(bearing.input({ play: 0.06 }, around({ shop: { playLimitMm: 0.1 } }))).toMatchObject({
      limitMm: 0.1,
      limitFrom: 'shop',
    });
    const axle = { ...car.front, playLimitMm: 0.05 };
    expect(bearing.input({ play: 0.06 }, around({ axle, shop: { playLimitMm: 0.1 } }))).toMatchObject({
      limitMm: 0.05,
      limitFrom: 'car',
    });
    expect(bearing.limits(around())[0]![1]).toMatchObject({ value: usual('playLimitMm') });
  });

  it('of a shop go with the reading they are meant for and no other', () => {
    const shop = { drumOvalMm: 0.2, sinkMm: 8, hubFlexMm: 0.4, wheelSpreadK: 60 };
    expect(FIGURE_FORMS.drum.input(FILLED.drum, around({ shop }))).toMatchObject({
      limits: { drumOvalMm: 0.2 },
    });
    expect(FIGURE_FORMS.pedal.input(FILLED.pedal, around({ shop }))).toMatchObject({ limits: { sinkMm: 8 } });
    expect(FIGURE_FORMS.flex.input(FILLED.flex, around({ shop }))).toMatchObject({ limitMm: 0.4 });
    expect(FIGURE_FORMS.heat.input(FILLED.heat, around({ shop }))).toMatchObject({
      limits: { wheelSpreadK: 60 },
    });
  });
});

describe('what a form asks of this car', () => {
  it('is no vacuum where nothing makes any', () => {
    const asked = (assist: 'vacuum' | 'none' | 'hydraulic' | null) =>
      FIGURE_FORMS.pedal.fields(around({ car: { ...car, assist } })).map((field) => field.id);
    expect(asked('vacuum')).toContain('vacuum');
    expect(asked(null)).toContain('vacuum');
    expect(asked('none')).not.toContain('vacuum');
    expect(asked('hydraulic')).not.toContain('vacuum');
  });

  it('is held against the pads’ own limits and the fluid of this car', () => {
    const hot = { ...car, front: { ...car.front, padLimitC: 650 }, rear: { ...car.rear, padLimitC: null } };
    const input = FIGURE_FORMS.heat.input(FILLED.heat, around({ car: hot, fluidBoilingHereC: 205 }))!;
    expect(input).toMatchObject({ padLimitC: { front: 650 }, fluidBoilingHereC: 205 });
    expect(FIGURE_FORMS.heat.limits(around({ fluidBoilingHereC: 205 }))).toHaveLength(3);
    expect(FIGURE_FORMS.heat.limits(around())).toHaveLength(2);
  });

  it('thirty seconds where nobody says how long the pedal was held', () => {
    expect(FIGURE_FORMS.pedal.input({ sank: 3 }, around())).toMatchObject({
      held: { sankMm: 3, seconds: 30 },
    });
    expect(FIGURE_FORMS.pedal.input({ seconds: 30 }, around())).toBeUndefined();
    expect(FIGURE_FORMS.drum.input({ first: 228 }, around())).toBeUndefined();
  });
});
