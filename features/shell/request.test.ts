import { afterEach, describe, expect, it, vi } from 'vitest';
import { atCar, passes } from './people';
import { refusedAside, refusedField, request } from './request';

const answers = (response: Response | Error) =>
  vi.stubGlobal('fetch', () =>
    response instanceof Error ? Promise.reject(response) : Promise.resolve(response),
  );
afterEach(() => void vi.unstubAllGlobals());

const codeOf = async () => {
  const reply = await request('POST', '/api/x', {});
  return reply.ok ? reply.value : reply.refusal.code;
};

describe('what a form sends', () => {
  it('is answered with what the server gave, or with why not', async () => {
    answers(Response.json({ id: 1 }));
    expect(await codeOf()).toEqual({ id: 1 });
    answers(Response.json({ code: 'refused', message: 'No', issues: [] }, { status: 422 }));
    expect(await codeOf()).toBe('refused');
    answers(new Response('<html>', { status: 502 }));
    expect(await codeOf()).toBe('broken');
  });

  it('is not taken for done where nothing came back, or half of it', async () => {
    answers(new TypeError('no network'));
    expect(await codeOf()).toBe('unavailable');
    answers(new Response('{"half', { status: 200 }));
    expect(await codeOf()).toBe('unavailable');
  });

  it('is refused by its fields, or as a whole', () => {
    const whole = { code: 'too_often', message: 'Wait' };
    const byField = { ...whole, issues: [{ path: 'pin', value: '5 characters', accepted: '6 figures' }] };
    expect([refusedAside(whole), refusedAside(byField), refusedAside(null)]).toEqual([
      'Wait',
      undefined,
      undefined,
    ]);
    expect(refusedField(byField, 'pin')).toBe('5 characters is not taken: 6 figures');
  });

  it('goes under the name of whoever took over without a network, and under nobody else’s', async () => {
    const sent: (string | null)[] = [];
    vi.stubGlobal('fetch', async (_: string, init: RequestInit) => {
      sent.push(new Headers(init.headers).get('bavrin-pass'));
      return Response.json({});
    });
    const tobias = { id: 't', name: 'Tobias', role: 'technician' } as const;
    const person = vi.spyOn(atCar, 'snapshot').mockReturnValue(tobias);
    const token = vi.spyOn(passes, 'tokenOf').mockReturnValue(undefined);
    expect(await codeOf()).toBe('unavailable');
    expect(sent).toEqual([]);
    token.mockReturnValue('his pass');
    await request('POST', '/api/x', {});
    await request('POST', '/api/sign-in/pass', {});
    person.mockReturnValue(null);
    await request('POST', '/api/x', {});
    expect(sent).toEqual(['his pass', null, null]);
    vi.restoreAllMocks();
  });
});
