import { hostname } from 'node:os';
import { describe, expect, it } from 'vitest';
import { isOurHost, isOurOrigin } from './host';
import { contentPolicy } from './policy';

describe('who may ask', () => {
  it.each([
    'localhost',
    'localhost:4680',
    '127.0.0.1',
    '127.0.0.1:80',
    '192.168.1.20:4680',
    '[::1]:4680',
    '[fe80::1]',
  ])('an address in figures, or this machine: %s', (host) => expect(isOurHost(host, [])).toBe(true));

  it('this machine by its own name, and by what was configured, in any case', () => {
    const machine = hostname();
    expect(isOurHost(machine, [])).toBe(true);
    expect(isOurHost(`${machine.toUpperCase()}.LOCAL:4680`, [])).toBe(true);
    expect(isOurHost('Shop.Example:443', ['0.0.0.0', 'shop.example'])).toBe(true);
  });

  it.each([
    null,
    '',
    'evil.example',
    'localhost.evil.example',
    '127.0.0.1.evil.example',
    'evil.example:4680',
    '1270.0.1.x',
    'a b',
    '127.0.0.1@evil.example',
    '[::1',
    'shop.example.evil',
  ])('nobody under another name: %s', (host) => {
    expect(isOurHost(host, ['shop.example'])).toBe(false);
  });

  it('a page of the shop’s own, or no page at all', () => {
    expect(isOurOrigin(null, '127.0.0.1:4680')).toBe(true);
    expect(isOurOrigin('http://127.0.0.1:4680', '127.0.0.1:4680')).toBe(true);
    for (const origin of ['http://127.0.0.1:4681', 'http://evil.example', 'null', 'not an address'])
      expect(isOurOrigin(origin, '127.0.0.1:4680'), origin).toBe(false);
  });
});

describe('what a page may load', () => {
  it('nothing from elsewhere, and only scripts that carry this answer’s nonce', () => {
    const policy = contentPolicy('abc');
    expect(policy).toContain("script-src 'self' 'nonce-abc' 'strict-dynamic'");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).not.toMatch(/https?:|\*|unsafe-eval|script-src[^;]*unsafe-inline/);
  });
});
