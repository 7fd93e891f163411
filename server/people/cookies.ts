/** What a browser keeps of who is signed in, and that it is a device of the shop; no script of a page can read either. */
export const SESSION_COOKIE = 'bavrin-session';
export const DEVICE_COOKIE = 'bavrin-device';

/** How long each is good is the server's to say: browsers keep no cookie longer than this, s. */
const KEPT_S = 400 * 86_400;

const TOKEN = /^[\w-]{43}$/;

/** The token of a name in a request's cookies, if it has the form of one. */
export function tokenIn(request: Request, name: string): string | undefined {
  const cookies = request.headers.get('cookie') ?? '';
  for (const pair of cookies.split(';')) {
    const at = pair.indexOf('=');
    if (pair.slice(0, at).trim() === name) return asToken(pair.slice(at + 1).trim());
  }
  return undefined;
}

/** What has the form of a token. */
export function asToken(text: string | undefined): string | undefined {
  return text !== undefined && TOKEN.test(text) ? text : undefined;
}

/**
 * The header that keeps a token on the browser, or takes it away. Lax, so that a link from elsewhere (a label's code) opens signed in;
 * what writes from elsewhere is refused before it gets here.
 * @param isSecure whether the page came over https
 */
export function cookieOf(name: string, token: string | null, isSecure: boolean): string {
  const age = token === null ? 0 : KEPT_S;
  const secure = isSecure ? '; Secure' : '';
  return `${name}=${token ?? ''}; Path=/; Max-Age=${age}; HttpOnly; SameSite=Lax${secure}`;
}

type Asked = { headers: Pick<Headers, 'get'> };

/** Whether a request came over https, at the proxy in front; what a request says of itself counts only behind one. */
export function isSecure({ headers }: Asked): boolean {
  return isProxied() && headers.get('x-forwarded-proto') === 'https';
}

/** The address a request was made by, as whoever made it would write it. */
export function originOf(asked: Asked): string {
  return `${isSecure(asked) ? 'https' : 'http'}://${asked.headers.get('host') ?? 'localhost'}`;
}

/** Where a request comes from, as the proxy in front saw it; without one nobody can say, and all count as one place. */
export function placeOf(request: Request): string {
  const seen = isProxied() ? request.headers.get('x-forwarded-for')?.split(',').at(-1)?.trim() : undefined;
  return seen ?? 'unknown';
}

function isProxied(): boolean {
  return (process.env.BAVRIN_SECURE ?? '') !== '' || process.env.BAVRIN_PROXIED === '1';
}
