import { route } from '@/server/http/route';
import { cookieOf, isSecure, SESSION_COOKIE, tokenIn } from '@/server/people/cookies';
import { endSession } from '@/server/people/sessions';

/** Signs out on this device; whoever is out already stays out. */
export const POST = route(
  async (request) => {
    const token = tokenIn(request, SESSION_COOKIE);
    if (token !== undefined) await endSession(token);
    const response = Response.json({ out: true });
    response.headers.append('set-cookie', cookieOf(SESSION_COOKIE, null, isSecure(request)));
    return response;
  },
  { open: true },
);
