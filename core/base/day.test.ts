import { describe, expect, it } from 'vitest';
import { dayIn } from './day';

describe('the day it is', () => {
  it('goes by the shop’s own clock', () => {
    const at = new Date('2026-07-01T06:30:00Z');
    expect(dayIn('America/Los_Angeles', at)).toBe('2026-06-30');
    expect(dayIn('UTC', at)).toBe('2026-07-01');
    expect(dayIn('Pacific/Kiritimati', new Date('2026-07-01T11:00:00Z'))).toBe('2026-07-02');
  });
});
