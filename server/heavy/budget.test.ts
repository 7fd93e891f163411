import { describe, expect, it, vi } from 'vitest';
import { whenSpent } from './budget';

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Keeps this thread from anything else, as a machine does that stands still. */
function standStill(ms: number): void {
  const until = performance.now() + ms;
  while (performance.now() < until);
}

describe('the time a piece of work may take', () => {
  it('is spent when it has run', async () => {
    const spent = vi.fn();
    whenSpent(100, spent);
    await vi.waitFor(() => expect(spent).toHaveBeenCalledTimes(1));
    await pause(150);
    expect(spent).toHaveBeenCalledTimes(1);
  });

  it('is not spent while the machine stands still', async () => {
    const spent = vi.fn();
    whenSpent(600, spent);
    standStill(700);
    await pause(0);
    expect(spent).not.toHaveBeenCalled();
    await vi.waitFor(() => expect(spent).toHaveBeenCalled(), { timeout: 10_000 });
  });

  it('is no more counted when the work is done', async () => {
    const spent = vi.fn();
    whenSpent(100, spent)();
    await pause(250);
    expect(spent).not.toHaveBeenCalled();
  });
});
