import { describe, expect, it } from 'vitest';
import { type FLUID_SCHOOLS, fluidDue } from './fluid';

describe('when the fluid falls due', () => {
  it('goes by the months of the school the shop follows', () => {
    const due = (school: keyof typeof FLUID_SCHOOLS) => fluidDue('2026-01-15', school, '2026-05-15').dueOn;
    expect(due('each_season')).toBe('2027-01-15');
    expect(due('two_years')).toBe('2028-01-15');
    expect(due('three_years')).toBe('2029-01-15');
  });

  it('counts days to it, and past it', () => {
    expect(fluidDue('2025-05-20', 'each_season', '2026-05-15').daysLeft).toBe(5);
    expect(fluidDue('2025-05-10', 'each_season', '2026-05-15').daysLeft).toBe(-5);
    expect(fluidDue('2026-03-29', 'each_season', '2026-03-29').daysLeft).toBe(365);
  });

  it('is new for each event by the events on file, not by a month', () => {
    const due = (...events: string[]) => fluidDue('2026-05-01', 'each_event', '2026-06-01', { events });
    expect(due()).toMatchObject({ dueOn: null, daysLeft: null });
    // One fill serves the first event after it, run or to come.
    expect(due('2026-04-20', '2026-06-10').dueOn).toBeNull();
    expect(due('2026-06-10', '2026-07-12')).toMatchObject({ dueOn: '2026-07-12', daysLeft: 41 });
    expect(due('2026-07-12', '2026-05-20').dueOn).toBe('2026-07-12');
    // Two are run on it already: it was due before the second.
    expect(due('2026-05-10', '2026-05-24')).toMatchObject({
      dueOn: '2026-05-24',
      daysLeft: -8,
      why: 'Filled 2026-05-01; 2 events since; school: new for each event.',
    });
  });

  it('goes by distance where that is sooner, at the car’s own pace', () => {
    const due = (driven?: { fromKm: number; lastKm: number; lastOn: string }) =>
      fluidDue('2026-01-01', 'months_or_distance', '2026-05-15', { driven });
    expect(due()).toMatchObject({
      dueOn: '2028-01-01',
      why: 'Filled 2026-01-01, the distance since not known; school: two years or 30000 km.',
    });
    // 100 days for 10,000 km: 20,000 more take 200 days.
    expect(due({ fromKm: 50_000, lastKm: 60_000, lastOn: '2026-04-11' })).toMatchObject({
      dueOn: '2026-10-28',
      why: 'Filled 2026-01-01, 10000 km since; school: two years or 30000 km.',
    });
    expect(due({ fromKm: 50_000, lastKm: 80_000, lastOn: '2026-05-01' }).daysLeft).toBe(-14);
    // Hardly driven: the months come first. An odometer that went backwards tells nothing.
    expect(due({ fromKm: 50_000, lastKm: 50_100, lastOn: '2026-04-11' }).dueOn).toBe('2028-01-01');
    expect(due({ fromKm: 50_000, lastKm: 40_000, lastOn: '2026-04-11' }).dueOn).toBe('2028-01-01');
  });

  it('says why, and that a car without a fill on record is due now', () => {
    expect(fluidDue('2025-05-20', 'each_season', '2026-05-15').why).toBe(
      'Filled 2025-05-20; school: each season.',
    );
    expect(fluidDue(null, 'two_years', '2026-05-15')).toMatchObject({
      dueOn: null,
      daysLeft: 0,
      why: expect.stringContaining('No fill on record'),
    });
  });
});
