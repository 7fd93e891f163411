import { describe, expect, it } from 'vitest';
import { emptySheet } from '../../../tests/support/sheet';
import { planFor } from '../../../tests/support/work';
import { sessionsOn } from './fitted';
import { againstShelf, bottleRefused, type ShelfItem } from './shelf';

const NOW = new Date('2026-05-10T12:00:00Z');
const bottle = (changes: Partial<ShelfItem>): ShelfItem => ({
  id: JSON.stringify(changes),
  kind: 'fluid',
  what: 'DOT 4',
  batch: '',
  quantity: 1,
  fluidClass: 'DOT4',
  sizeMl: 500,
  openedAt: null,
  remainingMl: null,
  dryC: null,
  wetC: null,
  colour: '',
  ...changes,
});

describe('bottles', () => {
  it('are refused after the shop’s days, and in another class', () => {
    const opened = (daysAgo: number) => ({
      fluidClass: 'DOT4' as const,
      openedAt: new Date(NOW.getTime() - daysAgo * 86_400_000).toISOString(),
    });
    expect(bottleRefused(opened(2), 'DOT4', 3, NOW)).toBeUndefined();
    expect(bottleRefused(opened(3), 'DOT4', 3, NOW)).toBeUndefined();
    expect(bottleRefused(opened(9), 'DOT4', 3, NOW)).toContain('opened 9 days ago; fresh for 3');
    expect(bottleRefused(bottle({}), 'DOT5.1', 3, NOW)).toContain('the car takes DOT5.1');
    expect(bottleRefused(bottle({}), null, 3, NOW)).toBeUndefined();
  });
});

describe('a plan against the shelf', () => {
  const plan = planFor(emptySheet(), 'flush');
  const fluid = { wanted: 'DOT4' as const, neededMl: plan.bleed!.plan.totalMl, freshDays: 3, now: NOW };

  it('counts fluid in millilitres, the opened fresh bottle first', () => {
    const fresh = bottle({ openedAt: '2026-05-09T12:00:00Z', remainingMl: 200 });
    const sealed = bottle({ quantity: 2 });
    const [need] = againstShelf(plan.needs, [sealed, fresh], fluid);
    expect(need).toMatchObject({ kind: 'fluid', there: 1200, enough: true });
    expect(need!.from).toEqual([fresh, sealed]);
  });

  it('says which bottle it will not take, and that there is not enough', () => {
    const old = bottle({ openedAt: '2026-04-01T12:00:00Z', remainingMl: 450 });
    const [need] = againstShelf(plan.needs, [old, bottle({ quantity: 1 })], fluid);
    expect(need).toMatchObject({ there: 500, enough: false });
    expect(need!.refused[0]!.item).toBe(old);
  });

  it('counts parts in pieces', () => {
    const rotors = planFor(emptySheet(), 'rotors', { corners: ['FL'] });
    const rotor = bottle({ kind: 'rotor', fluidClass: null, sizeMl: null, quantity: 1 });
    const needs = againstShelf(rotors.needs, [rotor], fluid);
    expect(needs.map(({ kind, there, enough }) => [kind, there, enough])).toEqual([
      ['rotor', 1, false],
      ['pads', 0, false],
    ]);
  });
});

describe('a fitted part', () => {
  const events = [
    { id: 'a', name: 'Spring', onDate: '2026-03-01', sessions: 6 },
    { id: 'b', name: 'May', onDate: '2026-05-01', sessions: 4 },
    { id: 'c', name: 'June', onDate: '2026-06-01', sessions: 5 },
  ];
  it('has run the sessions after the day it was fitted, to the day it came off', () => {
    expect(sessionsOn({ fittedOn: '2026-02-01', removedOn: null }, events, '2026-05-10')).toBe(10);
    expect(sessionsOn({ fittedOn: '2026-03-01', removedOn: null }, events, '2026-05-10')).toBe(4);
    expect(sessionsOn({ fittedOn: '2026-02-01', removedOn: '2026-04-01' }, events, '2026-07-10')).toBe(6);
  });
});
