import { describe, expect, it } from 'vitest';
import { clock, figure, moment, percent } from './format';

describe('figures as they are shown', () => {
  it('uses a real minus and says when there is none', () => {
    expect(figure(-0.02, 3)).toBe('−0.020');
    expect(figure(null, 1)).toBe('—');
    expect(figure(Number.NaN, 1)).toBe('—');
  });

  it('never calls likely certain, nor unlikely impossible', () => {
    expect([percent(0.61), percent(0.999), percent(0.001), percent(0), percent(1)]).toEqual([
      '61 %',
      '>99 %',
      '<1 %',
      '0 %',
      '100 %',
    ]);
  });

  it('gives what rounds to nothing no sign', () => {
    expect([figure(-0.04, 1), figure(-0.06, 1), figure(0, 0)]).toEqual(['0.0', '−0.1', '0']);
  });

  it('gives the time today, the day otherwise, on the shop’s clock', () => {
    const now = new Date('2026-05-02T10:00:00Z');
    expect(moment('2026-05-02T07:40:00Z', { timeZone: 'UTC', dateOrder: 'day_first' }, now)).toBe('07:40');
    expect(moment('2026-05-01T23:40:00Z', { timeZone: 'Europe/Prague', dateOrder: 'day_first' }, now)).toBe(
      '01:40',
    );
    expect(moment('2026-04-30T07:40:00Z', { timeZone: 'UTC', dateOrder: 'day_first' }, now)).toBe(
      '30 Apr 2026 07:40',
    );
  });

  it('counts seconds down without showing a second too few', () => {
    expect([clock(30), clock(29.2), clock(150), clock(-1)]).toEqual(['0:30', '0:30', '2:30', '0:00']);
  });
});
