import { describe, expect, it } from 'vitest';
import { waitBefore } from './reloads';

const NOW = 1_800_000_000_000;
const failed = (times: number, agoMs = 0) =>
  waitBefore({ path: '/job/1/checks', times, at: NOW - agoMs }, '/job/1/checks', NOW);

describe('a page that failed', () => {
  it('is loaded anew at once the first time, and where it was another page that failed', () => {
    expect(waitBefore(undefined, '/', NOW)).toBe(0);
    expect(waitBefore({ path: '/shelf', times: 3, at: NOW }, '/', NOW)).toBe(0);
  });

  it('waits twice as long each time it fails again, an hour at most', () => {
    expect([1, 2, 3, 4].map((times) => failed(times))).toEqual([60_000, 120_000, 240_000, 480_000]);
    expect(failed(40)).toBe(3_600_000);
  });

  it('begins anew once it has been well', () => {
    expect(failed(2, 100_000)).toBe(120_000);
    expect(failed(2, 241_000)).toBe(0);
  });
});
