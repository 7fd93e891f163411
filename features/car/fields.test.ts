import { describe, expect, it } from 'vitest';
import { parseWith } from '@/core/base/issues/zod';
import { AXLE_FIGURES } from '@/core/car/figures';
import { carSpecSchema } from '@/core/car/spec';
import { CAR_KINDS, startingSet } from '@/core/car/startingSets';
import { INCHES, METRIC } from '../../tests/support/units';
import { clashesOf, rebased } from '../shell/rebase';
import { draftOf, inOtherUnits, specOf } from './fields';
import { originsOf } from './figureSources';
import { numberError } from './numbers';

describe('the car form', () => {
  it.each(Object.keys(CAR_KINDS))('gives back the starting set %s unchanged', (kind) => {
    const spec = { ...startingSet(kind as 'hatch'), name: 'A car' };
    expect(specOf(draftOf(spec, METRIC), METRIC)).toEqual(spec);
    expect(parseWith(carSpecSchema, spec).ok).toBe(true);
  });

  it('converts typed units and names what it cannot take', () => {
    const draft = draftOf({ ...startingSet('saloon'), name: 'A car' }, METRIC);
    const inches = specOf(
      {
        ...draft,
        masterBoreMm: '7/8 in',
        front: { ...draft.front, rotorNewMm: '1 in' },
      },
      METRIC,
    );
    expect(inches.masterBoreMm).toBeCloseTo(22.225, 9);
    expect((inches.front as { rotorNewMm: number }).rotorNewMm).toBeCloseTo(25.4, 9);
    expect(numberError('300', AXLE_FIGURES.rotorNewMm, METRIC)).toBe(
      'Rotor new is 300: 4 to 60 mm is accepted',
    );
    expect(numberError('thick', AXLE_FIGURES.rotorNewMm, METRIC)).toContain('thick');
    expect(numberError('', AXLE_FIGURES.rotorNewMm, METRIC)).toBeUndefined();
  });

  it('shows a car in the shop’s units, and gives it back to the last digit', () => {
    for (const kind of Object.keys(CAR_KINDS)) {
      const spec = { ...startingSet(kind as 'hatch'), name: 'A car', torquesNm: { wheel: 110 } };
      const draft = draftOf(spec, INCHES);
      expect(specOf(draft, INCHES, [spec])).toEqual(spec);
    }
    const saloon = { ...startingSet('saloon'), name: 'A car' };
    const draft = { ...draftOf(saloon, INCHES), massKg: '2900', bleedCeilingKPa: '' };
    expect(specOf(draft, INCHES, [saloon]).massKg).toBeCloseTo(1315.42, 2);
    expect(numberError('300', AXLE_FIGURES.rotorNewMm, INCHES)).toBe(
      'Rotor new is 300: 0.157 to 2.36 in is accepted',
    );
  });

  it('goes over to other units while it is typed, and back', () => {
    const saloon = { ...startingSet('saloon'), name: 'A car' };
    const typed = { ...draftOf(saloon, METRIC), massKg: '1500', masterBoreMm: '7/8 in', fluidDryC: 'hot' };
    const inches = inOtherUnits(typed, [saloon], METRIC, INCHES);
    expect(inches).toMatchObject({ massKg: '3306.9339', masterBoreMm: '7/8 in', fluidDryC: 'hot' });
    expect(inches.front.rotorNewMm).toBe(draftOf(saloon, INCHES).front.rotorNewMm);
    const back = inOtherUnits(inches, [saloon], INCHES, METRIC);
    expect({ ...back, massKg: '1500' }).toEqual(typed);
    expect(specOf(back, METRIC, [saloon]).massKg).toBeCloseTo(1500, 4);
  });

  it('shows and takes piston bores in the units shown, and gives back what nobody changed to the last digit', () => {
    const track = { ...startingSet('light_track'), name: 'A car' };
    const draft = draftOf(track, INCHES);
    expect(draft.front.pistons).toBe('1.5, 1.5, 1.5, 1.5');
    expect((specOf(draft, INCHES, [track]).rear as { pistonsMm: number[] }).pistonsMm).toEqual([34.9, 34.9]);
    const typed = { ...draft, rear: { ...draft.rear, pistons: '1.25, 38.1 mm' } };
    const { pistonsMm } = specOf(typed, INCHES, [track]).rear as { pistonsMm: number[] };
    expect(pistonsMm[0]).toBeCloseTo(31.75, 6);
    expect(pistonsMm[1]).toBeCloseTo(38.1, 6);
    expect(inOtherUnits(typed, [track], INCHES, METRIC).rear.pistons).toBe('31.75, 38.1 mm');
  });

  it('never puts a starting set over what was typed, be it over an earlier set', () => {
    const blank = draftOf(startingSet('other'), METRIC);
    const typed = { ...blank, name: 'Mine', massKg: '1234', front: { ...blank.front, rotorNewMm: '28' } };
    const saloon = draftOf(startingSet('saloon'), METRIC);
    const first = rebased(typed, blank, saloon);
    expect(first).toMatchObject({ name: 'Mine', massKg: '1234', kind: 'saloon', assist: saloon.assist });
    expect(first.front.rotorNewMm).toBe('28');
    expect(first.front.padNewMm).toBe(saloon.front.padNewMm);
    const track = draftOf(startingSet('light_track'), METRIC);
    const second = rebased({ ...first, abs: 'no' }, saloon, track);
    expect(second).toMatchObject({ massKg: '1234', abs: 'no', assist: track.assist });
    expect(second.front.padNewMm).toBe(track.front.padNewMm);
  });

  it('goes over to what somebody else saved, says what both changed, and loses neither', () => {
    const was = draftOf({ ...startingSet('saloon'), name: 'A car', origins: { massKg: 'measured' } }, METRIC);
    const is = {
      ...was,
      massKg: '1500',
      note: 'Theirs',
      rear: { ...was.rear, padNewMm: '11' },
      measured: { 'front/padNewMm': 'yes' },
    };
    const typed = { ...was, massKg: '1470', name: 'Mine', front: { ...was.front, padNewMm: '13' } };
    const both = rebased(typed, was, is);
    expect(both).toMatchObject({ massKg: '1470', name: 'Mine', note: 'Theirs', measured: is.measured });
    expect(both.measured).not.toHaveProperty('massKg');
    expect([both.front.padNewMm, both.rear.padNewMm]).toEqual(['13', '11']);
    expect(clashesOf(typed, was, is)).toEqual(['massKg']);
    expect(clashesOf({ ...typed, massKg: '1500' }, was, is)).toEqual([]);
    expect(clashesOf(typed, was, was)).toEqual([]);
  });

  it('lets the server refuse what it cannot read, with the field', () => {
    const draft = draftOf({ ...startingSet('saloon'), name: 'A car' }, METRIC);
    const issues = (spec: unknown) => {
      const outcome = parseWith(carSpecSchema, spec);
      return outcome.ok ? [] : outcome.issues.map((issue) => issue.path);
    };
    expect(issues(specOf({ ...draft, front: { ...draft.front, pistons: '57, big' } }, METRIC))).toEqual([
      'front.pistonsMm[1]',
    ]);
    expect(issues(specOf({ ...draft, fluidDryC: '265' }, METRIC))).toEqual(['fluidWetC']);
    expect(issues(specOf({ ...draft, rear: { ...draft.rear, rotorMinimumMm: '14' } }, METRIC))).toEqual([
      'rear.rotorMinimumMm',
    ]);
    expect(issues(specOf({ ...draft, makerOrder: 'FL FR RL RL' }, METRIC))).toEqual(['makerOrder']);
    expect(issues(specOf({ ...draft, name: ' ' }, METRIC))).toEqual(['name']);
  });

  it('keeps torques and the bedding window, in either unit, and refuses half a window', () => {
    const draft = draftOf({ ...startingSet('saloon'), name: 'A car' }, METRIC);
    const spec = specOf(
      {
        ...draft,
        torquesNm: { ...draft.torquesNm, wheel: '80 lbf·ft', bleeder: '12' },
        front: {
          ...draft.front,
          padCompound: 'track',
          bedLowC: '572 °F',
          bedHighC: '550',
          rotorMassKg: '16 lb',
        },
      },
      METRIC,
    );
    const torques = spec.torquesNm as Record<string, number>;
    expect(torques.wheel).toBeCloseTo(108.465, 3);
    expect(Object.keys(torques)).toEqual(['wheel', 'bleeder']);
    const front = spec.front as Record<string, number>;
    expect(front.bedLowC).toBeCloseTo(300, 9);
    expect(front.rotorMassKg).toBeCloseTo(7.257, 3);
    const outcome = (changes: object) => parseWith(carSpecSchema, specOf({ ...draft, ...changes }, METRIC));
    expect(outcome({ front: { ...draft.front, bedLowC: '300' } })).toMatchObject({
      ok: false,
      issues: [{ path: 'front.bedHighC' }],
    });
    expect(outcome({ torquesNm: { ...draft.torquesNm, wheel: '2000' } })).toMatchObject({
      ok: false,
      issues: [{ path: 'torquesNm.wheel', value: '2000' }],
    });
  });

  describe('says where each figure comes from', () => {
    const set = draftOf(startingSet('saloon'), METRIC);
    const typed = { ...set, name: 'Mine', massKg: '1234', front: { ...set.front, rotorNewMm: '28' } };

    it('from the starting set while it is still its own, and nothing of what was typed or is empty', () => {
      const origins = originsOf(typed, { chosen: set });
      expect(origins).toMatchObject({ pedalRatio: 'set', 'front.pistonsMm': 'set', assist: 'set' });
      for (const path of ['massKg', 'front.rotorNewMm', 'front.lineLeftM', 'name', 'kind', 'front.brake'])
        expect(origins[path], path).toBeUndefined();
      expect(originsOf(typed, { chosen: null })).toEqual({});
    });

    it('measured, where that was said', () => {
      const draft = { ...typed, measured: { pedalRatio: 'yes', 'front/rotorNewMm': 'yes', massKg: '' } };
      const origins = originsOf(draft, { chosen: set });
      expect(origins).toMatchObject({ pedalRatio: 'measured', 'front.rotorNewMm': 'measured' });
      expect(origins.massKg).toBeUndefined();
    });

    it('as it was on file, until it is changed, and in other units too', () => {
      const onFile = { ...startingSet('saloon'), name: 'A car', origins: originsOf(set, { chosen: set }) };
      const opened = draftOf(onFile, INCHES);
      const sources = { chosen: null, onFile: { draft: opened, origins: onFile.origins } };
      expect(originsOf(opened, sources)).toEqual(onFile.origins);
      expect(originsOf({ ...opened, massKg: '3300' }, sources).massKg).toBeUndefined();
      expect(draftOf({ ...onFile, origins: { massKg: 'measured' } }, METRIC).measured).toEqual({
        massKg: 'yes',
      });
    });

    it('and is refused for what no car has', () => {
      const car = { ...startingSet('saloon'), name: 'A car', origins: { 'front.horns': 'set' } };
      expect(parseWith(carSpecSchema, car)).toMatchObject({ ok: false, issues: [{ path: 'origins' }] });
      const fine = { ...car, origins: { 'front.rotorNewMm': 'set', massKg: 'measured' } };
      expect(parseWith(carSpecSchema, fine).ok).toBe(true);
    });
  });
});
