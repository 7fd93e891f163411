import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { untilThere } from './later';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

/** A part of the build that the server gives after it was asked so often. */
function partAfter(failures: number, name = 'ChunkLoadError') {
  let asked = 0;
  return vi.fn(async () => {
    asked += 1;
    if (asked <= failures) throw Object.assign(new Error('no such chunk'), { name });
    return 'there';
  });
}

describe('a part of the build that cannot be had', () => {
  it('is asked for again until the server is back', async () => {
    const load = partAfter(3);
    const part = untilThere(load);
    await vi.advanceTimersByTimeAsync(5000);
    expect(load).toHaveBeenCalledTimes(3);
    await vi.advanceTimersByTimeAsync(2000);
    expect(await part).toBe('there');
    expect(load).toHaveBeenCalledTimes(4);
  });

  it('is not asked for again where it is broken in itself', async () => {
    const load = partAfter(1, 'TypeError');
    await expect(untilThere(load)).rejects.toThrow('no such chunk');
    expect(load).toHaveBeenCalledTimes(1);
  });
});
