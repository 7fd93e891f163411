import { describe, expect, it } from 'vitest';
import { type FLUID_SCHOOLS, fluidDue } from './fluid';

describe('fluid by date', () => {
  it('falls due by the school the shop follows', () => {
    const due = (school: keyof typeof FLUID_SCHOOLS) => fluidDue('2026-01-15', school, '2026-05-15').dueOn;
    expect(due('each_event')).toBe('2026-02-15');
    expect(due('each_season')).toBe('2027-01-15');
    expect(due('two_years')).toBe('2028-01-15');
    expect(due('three_years')).toBe('2029-01-15');
  });

  it('counts days to it, and past it', () => {
    expect(fluidDue('2025-05-20', 'each_season', '2026-05-15').daysLeft).toBe(5);
    expect(fluidDue('2025-05-10', 'each_season', '2026-05-15').daysLeft).toBe(-5);
    expect(fluidDue('2026-03-29', 'each_season', '2026-03-29').daysLeft).toBe(365);
  });

  it('says why, and that a car without a fill on record is due now', () => {
    expect(fluidDue('2025-05-20', 'each_season', '2026-05-15').why).toBe(
      'Filled 2025-05-20; school: each season.',
    );
    expect(fluidDue(null, 'two_years', '2026-05-15')).toMatchObject({
      dueOn: '2026-05-15',
      daysLeft: 0,
      why: expect.stringContaining('No fill on record'),
    });
  });
});
