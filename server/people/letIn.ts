import { readJson } from '../http/route';
import { cookieOf, DEVICE_COOKIE, isSecure, placeOf, SESSION_COOKIE, tokenIn } from './cookies';
import { deviceWith } from './devices';
import { endSession } from './sessions';
import type { CameIn, From } from './signIn';

/** Lets somebody in by one of the ways there are: what came, from which device, and the cookies that keep it. */
export async function letIn(
  request: Request,
  way: (input: unknown, from: From) => Promise<CameIn>,
): Promise<Response> {
  const known = tokenIn(request, DEVICE_COOKIE);
  const device = known === undefined ? undefined : await deviceWith(known);
  const {
    session,
    device: fresh,
    pass,
  } = await way(await readJson(request), {
    deviceId: device?.id ?? null,
    place: device?.id ?? placeOf(request),
  });
  // Whoever was here before is out: nobody is left signed in behind somebody else's back.
  const before = tokenIn(request, SESSION_COOKIE);
  if (before !== undefined) await endSession(before);
  const response = Response.json({ in: true, ...(pass ? { pass } : {}) });
  response.headers.append('set-cookie', cookieOf(SESSION_COOKIE, session, isSecure(request)));
  if (fresh) response.headers.append('set-cookie', cookieOf(DEVICE_COOKIE, fresh, isSecure(request)));
  return response;
}
