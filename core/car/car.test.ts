import { describe, expect, it } from 'vitest';
import { parseWith } from '../base/issues/zod';
import { axleOf, CORNERS } from './corner';
import { CAR_FIGURES } from './figures';
import { type CarSpec, carSpecSchema } from './spec';
import { CAR_KINDS, startingSet } from './startingSets';
import { assistOf, brakeAt } from './traits';
import { traitsOf } from './traitsOf';

const named = (changes: Partial<CarSpec> = {}): CarSpec => ({
  ...startingSet('saloon'),
  name: 'A car',
  ...changes,
});
const issuesOf = (spec: unknown) => {
  const outcome = parseWith(carSpecSchema, spec);
  return outcome.ok ? [] : outcome.issues;
};

describe('a car’s specification', () => {
  it.each(Object.keys(CAR_KINDS) as CarSpec['kind'][])('takes the starting set %s as it is', (kind) => {
    expect(issuesOf({ ...startingSet(kind), name: 'x' })).toEqual([]);
    expect(startingSet(kind).kind).toBe(kind);
  });

  it.each([
    ['massKg', { massKg: 100 }, CAR_FIGURES.massKg],
    ['tyreRadiusM', { tyreRadiusM: 31.6 }, CAR_FIGURES.tyreRadiusM],
    ['masterBoreMm', { masterBoreMm: 0.022 }, CAR_FIGURES.masterBoreMm],
    ['pedalRatio', { pedalRatio: 57 }, CAR_FIGURES.pedalRatio],
    ['bleedCeilingKPa', { bleedCeilingKPa: 2 }, CAR_FIGURES.bleedCeilingKPa],
  ] as const)('refuses %s in another unit by its size', (field, change, { low, high }) => {
    const [issue] = issuesOf(named(change));
    expect(issue).toMatchObject({ code: 'out_of_range', path: field });
    expect(issue!.accepted).toContain(`${low} to ${high}`);
  });

  it('refuses a minimum that is not below new, at the field it was typed into', () => {
    const front = { ...named().front, rotorMinimumMm: 24 };
    expect(issuesOf(named({ front }))[0]).toMatchObject({
      path: 'front.rotorMinimumMm',
      accepted: 'less than the new thickness',
    });
    const rear = { ...named().rear, padMinimumMm: 11 };
    expect(issuesOf(named({ rear }))[0]).toMatchObject({ path: 'rear.padMinimumMm' });
  });

  it('refuses front drums, half a data sheet pair, an order that leaves a corner out, and a day that is none', () => {
    expect(issuesOf(named({ front: { ...named().front, brake: 'drum' } }))[0]).toMatchObject({
      path: 'front.brake',
    });
    expect(issuesOf(named({ fluidDryC: 265 }))[0]).toMatchObject({ path: 'fluidWetC' });
    expect(issuesOf(named({ fluidDryC: 200, fluidWetC: 210 }))[0]).toMatchObject({
      path: 'fluidWetC',
      accepted: 'below the dry boiling point',
    });
    expect(issuesOf(named({ makerOrder: ['FL', 'FR', 'RL', 'RL'] }))[0]).toMatchObject({
      path: 'makerOrder',
    });
    expect(issuesOf(named({ fluidFilledOn: '2026-02-31' }))[0]).toMatchObject({ path: 'fluidFilledOn' });
    expect(issuesOf({ ...named(), wheels: 4 })[0]).toMatchObject({ code: 'unknown_key', path: 'wheels' });
    expect(issuesOf(named({ front: { ...named().front, pistonsMm: [57, 5.7] } }))[0]).toMatchObject({
      path: 'front.pistonsMm[1]',
      value: '5.7',
    });
  });
});

describe('what a diagnosis takes from a car', () => {
  it('is what is on file, and nothing more', () => {
    expect(traitsOf(named())).toEqual({
      name: 'A car',
      booster: true,
      assist: 'vacuum',
      abs: true,
      stabilityControl: true,
      rearBrake: 'disc',
      caliper: { front: 'sliding', rear: 'sliding' },
      rotor: { front: 'one_piece', rear: 'one_piece' },
      parkingBrake: 'drum_in_hat',
    });
    const unknown = traitsOf({ ...startingSet('other'), name: 'x' });
    expect(unknown.booster).toBeUndefined();
    expect(unknown.stabilityControl).toBeUndefined();
    expect(unknown.caliper).toEqual({ front: undefined, rear: undefined });
  });

  it('lets "no booster" win over the kind of assist', () => {
    expect(assistOf({ booster: false, assist: 'vacuum' })).toBe('none');
    expect(assistOf({ assist: 'hydraulic' })).toBe('hydraulic');
    expect(assistOf({})).toBeUndefined();
  });

  it('knows discs in front of every car, and asks about the rear', () => {
    expect(CORNERS.map((corner) => brakeAt({ rearBrake: 'drum' }, axleOf(corner)))).toEqual([
      'disc',
      'disc',
      'drum',
      'drum',
    ]);
    expect(brakeAt({}, 'rear')).toBeUndefined();
  });
});
