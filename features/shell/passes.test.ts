import { describe, expect, it } from 'vitest';
import { createPasses, type KeptPass, type PassStorage, type Sealing } from './passes';
import { seal, unseal } from './seal';

const TOBIAS = { id: 't', name: 'Tobias', role: 'technician' } as const;
const PASS = { token: 'what only this device has', until: '2026-06-15T00:00:00Z' };
const PIN = '402917';
const BEFORE = Date.parse('2026-06-01');

/** Sealed in no time; the real seal has tests of its own. */
const QUICKLY: Sealing = {
  seal: async (text, secret) => ({
    salt: new Uint8Array(),
    iv: new Uint8Array(),
    bytes: new TextEncoder().encode(`${secret} ${[...text].reverse().join('')}`).buffer,
  }),
  async unseal({ bytes }, secret) {
    const [made, text] = new TextDecoder().decode(bytes).split(/ (.*)/s) as [string, string];
    return made === secret ? [...text].reverse().join('') : undefined;
  },
};

/** A device's storage, and the passes of pages that look into it. */
function device() {
  const kept = new Map<string, KeptPass>();
  const storage: PassStorage = {
    all: async () => [...kept.values()],
    put: async (pass) => void kept.set(pass.id, pass),
    remove: async (id) => void kept.delete(id),
  };
  let told = 0;
  const page = (now = BEFORE) =>
    createPasses({ storage, sealing: QUICKLY, now: () => now, tell: () => void told++ });
  return { kept, page, told: () => told };
}

describe('a seal', () => {
  it('opens to the secret it was made with, and to no other', async () => {
    const sealed = await seal('a token', PIN);
    expect(await unseal(sealed, PIN)).toBe('a token');
    expect(await unseal(sealed, '402918')).toBeUndefined();
    expect(new TextDecoder().decode(sealed.bytes)).not.toContain('token');
  });

  it('is never the same twice', async () => {
    const [one, other] = [await seal('a token', PIN), await seal('a token', PIN)];
    expect(one.salt).not.toEqual(other.salt);
    expect(one.iv).not.toEqual(other.iv);
  });
});

describe('coming in without a network', () => {
  it('takes the figures of whoever came in before; the token lies open only until it is closed', async () => {
    const { kept, page, told } = device();
    const passes = page();
    await passes.keep(TOBIAS, PIN, PASS);
    expect(JSON.stringify([...kept.values()])).not.toContain(PASS.token);
    expect(passes.tokenOf('t')).toBeUndefined();
    expect(await passes.open('t', PIN)).toBe('open');
    expect(passes.tokenOf('t')).toBe(PASS.token);
    await passes.close('t');
    expect(passes.tokenOf('t')).toBeUndefined();
    expect(told()).toBe(3);
  });

  it('stays open over a flat battery, for what waits to be sent', async () => {
    const { page } = device();
    const before = page();
    await before.keep(TOBIAS, PIN, PASS);
    await before.open('t', PIN);
    const after = page();
    await after.load();
    expect(after.tokenOf('t')).toBe(PASS.token);
  });

  it('is a press where a press does', async () => {
    const passes = device().page();
    await passes.keep(TOBIAS, null, PASS);
    expect(passes.snapshot()[0]).toMatchObject({ byPress: true });
    expect(await passes.open('t', null)).toBe('open');
  });

  it('ends after ten wrong tries in a row, not after nine', async () => {
    const passes = device().page();
    await passes.keep(TOBIAS, PIN, PASS);
    for (let tries = 0; tries < 9; tries++) expect(await passes.open('t', '000001')).toBe('wrong');
    expect(await passes.open('t', PIN)).toBe('open');
    for (let tries = 0; tries < 9; tries++) expect(await passes.open('t', '000001')).toBe('wrong');
    expect(await passes.open('t', '000001')).toBe('gone');
    expect(await passes.open('t', PIN)).toBe('gone');
  });

  it('lasts as long as the shop lets a sign-in last', async () => {
    const { page } = device();
    await page().keep(TOBIAS, PIN, PASS);
    const late = page(Date.parse(PASS.until));
    await late.load();
    expect(await late.open('t', PIN)).toBe('gone');
  });

  it('is not for a driver: what lies here is of every car', async () => {
    const { kept, page } = device();
    await page().keep({ ...TOBIAS, role: 'driver' }, PIN, PASS);
    expect(kept.size).toBe(0);
  });
});
