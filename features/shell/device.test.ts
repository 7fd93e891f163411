import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

/** A browser's storage with the faults it can have. */
function storage(fault: { full?: boolean; denied?: boolean } = {}) {
  const kept = new Map<string, string>();
  const refuse = (name: string) => {
    throw new DOMException('provoked', name);
  };
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => (fault.denied ? refuse('SecurityError') : (kept.get(key) ?? null)),
    setItem(key: string, text: string) {
      if (fault.denied) refuse('SecurityError');
      if (fault.full) refuse('QuotaExceededError');
      kept.set(key, text);
    },
    removeItem: (key: string) => (fault.denied ? refuse('SecurityError') : kept.delete(key)),
  });
  return kept;
}

/** The module anew, as a page that is loaded has it. */
const load = async () => {
  vi.resetModules();
  return import('./device');
};

describe('what a device keeps for a page', () => {
  beforeEach(() => vi.unstubAllGlobals());
  afterEach(() => vi.unstubAllGlobals());

  it('outlasts the page where there is room', async () => {
    const kept = storage();
    const { device } = await load();
    expect(device.write('a', '1')).toBe(true);
    expect(kept.get('a')).toBe('1');
    expect((await load()).device.read('a')).toBe('1');
    expect(device.remove('a')).toBe(true);
    expect(device.read('a')).toBeNull();
    expect(device.snapshot()).toEqual({ trouble: null, setAside: false });
  });

  it('is held by the page where there is none, and told', async () => {
    const fault = { full: true };
    const kept = storage(fault);
    const { device } = await load();
    const told = vi.fn();
    device.subscribe(told);
    expect(device.write('a', '1')).toBe(false);
    await Promise.resolve();
    expect(told).toHaveBeenCalledTimes(1);
    expect(device.snapshot().trouble).toBe('full');
    expect([device.read('a'), kept.size]).toEqual(['1', 0]);
    fault.full = false;
    expect(device.write('a', '2')).toBe(true);
    await Promise.resolve();
    expect(device.snapshot().trouble).toBeNull();
    expect(kept.get('a')).toBe('2');
  });

  it('stays full when something is let go: that a full device takes back says nothing of room', async () => {
    storage({ full: true });
    const { device } = await load();
    device.write('a', '1');
    expect(device.remove('a')).toBe(true);
    expect(device.snapshot().trouble).toBe('full');
  });

  it('is only the page’s where the browser lets it keep nothing', async () => {
    storage({ denied: true });
    const { device } = await load();
    expect(device.read('a')).toBeNull();
    expect(device.snapshot().trouble).toBe('denied');
    expect(device.write('a', '1')).toBe(false);
    expect(device.read('a')).toBe('1');
    expect(device.remove('a')).toBe(false);
    expect(device.read('a')).toBeNull();
  });

  it.each([
    ['5', { a: '' }],
    ['[1]', { a: '' }],
    ['{"a":1}', { a: '' }],
    ['null', { a: '' }],
    ['{"a":"x"}', []],
    ['"text"', 5],
    ['not json', ''],
    ['{"deep":{"a":1}}', { deep: { a: '' } }],
  ])('is put aside as it was when it is not of the kind wanted: %s', async (text, like) => {
    const kept = storage();
    kept.set('a', text);
    const { device, readKept } = await load();
    expect(readKept('a', like)).toBeUndefined();
    expect(kept.get('a.unread')).toBe(text);
    expect(kept.has('a')).toBe(false);
    expect(device.snapshot().setAside).toBe(true);
    device.seen();
    expect(device.snapshot().setAside).toBe(false);
  });

  it('is told by the next page too, until somebody has seen it', async () => {
    storage().set('a', 'not json');
    const before = await load();
    before.readKept('a', '');
    const { device } = await load();
    expect(device.snapshot().setAside).toBe(false);
    device.subscribe(() => {});
    expect(device.snapshot().setAside).toBe(true);
    device.seen();
    const { device: after } = await load();
    after.subscribe(() => {});
    expect(after.snapshot().setAside).toBe(false);
  });

  it.each([
    ['{"a":"x","more":1}', { a: '' }],
    ['{}', { a: '' }],
    ['{"a":{"b":1}}', { a: null }],
    ['[1,2]', [] as unknown[]],
    ['""', 'x'],
  ])('is taken when it is: %s', async (text, like) => {
    storage().set('a', text);
    const { readKept } = await load();
    expect(readKept<unknown>('a', like)).toEqual(JSON.parse(text));
    expect(readKept('nothing', like)).toBeUndefined();
  });
});
