import { describe, expect, it } from 'vitest';
import { parseWith } from '@/core/base/issues/zod';
import { carSpecSchema } from '@/core/car/spec';
import { CAR_KINDS, startingSet } from '@/core/car/startingSets';
import { AXLE_NUMBERS, draftOf, numberError, specOf, withStartingSet } from './fields';

describe('the car form', () => {
  it.each(Object.keys(CAR_KINDS))('gives back the starting set %s unchanged', (kind) => {
    const spec = { ...startingSet(kind as 'hatch'), name: 'A car' };
    expect(specOf(draftOf(spec))).toEqual(spec);
    expect(parseWith(carSpecSchema, spec).ok).toBe(true);
  });

  it('converts typed units and names what it cannot take', () => {
    const draft = draftOf({ ...startingSet('saloon'), name: 'A car' });
    const inches = specOf({
      ...draft,
      masterBoreMm: '7/8 in',
      front: { ...draft.front, rotorNewMm: '1 in' },
    });
    expect(inches.masterBoreMm).toBeCloseTo(22.225, 9);
    expect((inches.front as { rotorNewMm: number }).rotorNewMm).toBeCloseTo(25.4, 9);
    expect(numberError('300', AXLE_NUMBERS.rotorNewMm!)).toBe('Rotor new is 300: 4 to 60 mm is accepted');
    expect(numberError('thick', AXLE_NUMBERS.rotorNewMm!)).toContain('thick');
    expect(numberError('', AXLE_NUMBERS.rotorNewMm!)).toBeUndefined();
  });

  it('never puts a starting set over what was typed, be it over an earlier set', () => {
    const blank = draftOf(startingSet('other'));
    const typed = { ...blank, name: 'Mine', massKg: '1234', front: { ...blank.front, rotorNewMm: '28' } };
    const saloon = draftOf(startingSet('saloon'));
    const first = withStartingSet(typed, blank, saloon);
    expect(first).toMatchObject({ name: 'Mine', massKg: '1234', kind: 'saloon', assist: saloon.assist });
    expect(first.front.rotorNewMm).toBe('28');
    expect(first.front.padNewMm).toBe(saloon.front.padNewMm);
    const track = draftOf(startingSet('light_track'));
    const second = withStartingSet({ ...first, abs: 'no' }, saloon, track);
    expect(second).toMatchObject({ massKg: '1234', abs: 'no', assist: track.assist });
    expect(second.front.padNewMm).toBe(track.front.padNewMm);
  });

  it('lets the server refuse what it cannot read, with the field', () => {
    const draft = draftOf({ ...startingSet('saloon'), name: 'A car' });
    const issues = (spec: unknown) => {
      const outcome = parseWith(carSpecSchema, spec);
      return outcome.ok ? [] : outcome.issues.map((issue) => issue.path);
    };
    expect(issues(specOf({ ...draft, front: { ...draft.front, pistons: '57, big' } }))).toEqual([
      'front.pistonsMm[1]',
    ]);
    expect(issues(specOf({ ...draft, fluidDryC: '265' }))).toEqual(['fluidWetC']);
    expect(issues(specOf({ ...draft, rear: { ...draft.rear, rotorMinimumMm: '14' } }))).toEqual([
      'rear.rotorMinimumMm',
    ]);
    expect(issues(specOf({ ...draft, makerOrder: 'FL FR RL RL' }))).toEqual(['makerOrder']);
    expect(issues(specOf({ ...draft, name: ' ' }))).toEqual(['name']);
  });

  it('keeps torques and the bedding window, in either unit, and refuses half a window', () => {
    const draft = draftOf({ ...startingSet('saloon'), name: 'A car' });
    const spec = specOf({
      ...draft,
      torques: { ...draft.torques, wheel: '80 lbf·ft', bleeder: '12' },
      front: {
        ...draft.front,
        padCompound: 'track',
        bedLowC: '572 °F',
        bedHighC: '550',
        rotorMassKg: '16 lb',
      },
    });
    const torques = spec.torquesNm as Record<string, number>;
    expect(torques.wheel).toBeCloseTo(108.465, 3);
    expect(Object.keys(torques)).toEqual(['wheel', 'bleeder']);
    const front = spec.front as Record<string, number>;
    expect(front.bedLowC).toBeCloseTo(300, 9);
    expect(front.rotorMassKg).toBeCloseTo(7.257, 3);
    const outcome = (changes: object) => parseWith(carSpecSchema, specOf({ ...draft, ...changes }));
    expect(outcome({ front: { ...draft.front, bedLowC: '300' } })).toMatchObject({
      ok: false,
      issues: [{ path: 'front.bedHighC' }],
    });
    expect(outcome({ torques: { ...draft.torques, wheel: '2000' } })).toMatchObject({
      ok: false,
      issues: [{ path: 'torquesNm.wheel', value: '2000' }],
    });
  });
});
