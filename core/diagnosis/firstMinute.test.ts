import { describe, expect, it } from 'vitest';
import { FIRST_MINUTE, type FirstMinute } from '../../tests/cases/firstMinute';
import { answersFrom } from '../../tests/support/told';
import { diagnose } from './diagnose';

/** Cases of the list that the knowledge does not get right yet; only ever lowered. */
const STILL_REFUSED = 0;

/** What a verdict says against what a lead technician would; empty when it would be signed. */
function objections({ car, findings, first, also, not }: FirstMinute): string[] {
  const { causes, unlisted } = diagnose({ car, findings: answersFrom(findings) });
  const chance = (id: string) =>
    id === 'unlisted' ? unlisted : causes.find((cause) => cause.id === id)!.probability;
  const leaders = causes.slice(0, 3).map((cause) => cause.id as string);
  return [
    ...(first.split('|').includes(leaders[0]!) ? [] : [`${leaders[0]} leads`]),
    ...(also ?? '').split(' ').flatMap((id) => (id === '' || leaders.includes(id) ? [] : [`${id} missing`])),
    ...Object.entries(not ?? {}).flatMap(([id, most]) =>
      chance(id) <= most ? [] : [`${id} ${chance(id).toFixed(2)}`],
    ),
    ...(unlisted > 0.25 ? [`not listed ${unlisted.toFixed(2)}`] : []),
  ];
}

describe('the first minute, and the first look', () => {
  it('says what a lead technician would say', () => {
    const told = FIRST_MINUTE.map((each) => ({ told: each.told, objections: objections(each) }));
    const refused = told.filter(({ objections }) => objections.length > 0);
    const words = refused.map(({ told, objections }) => `${told}: ${objections.join('; ')}`).join('\n');
    expect(FIRST_MINUTE.length).toBeGreaterThanOrEqual(60);
    expect(refused.length, words).toBeLessThanOrEqual(STILL_REFUSED);
  }, 90_000);

  it('says the same of a car of which most has not been said', () => {
    const words = FIRST_MINUTE.flatMap((each) => {
      const car = { ...each.car, assist: undefined, rotor: undefined, parkingBrake: undefined };
      return objections({ ...each, car }).map((objection) => `${each.told}: ${objection}`);
    });
    expect(words).toEqual([]);
  }, 90_000);
});
