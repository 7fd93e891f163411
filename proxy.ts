import { randomBytes } from 'node:crypto';
import { type NextRequest, NextResponse } from 'next/server';
import { isOurHost, isOurOrigin } from './server/guard/host';
import { AT, contentPolicy, NONCE } from './server/guard/policy';

/** What stands before every page and route: who may ask at all, and what a page may load. */
export function proxy(request: NextRequest): NextResponse {
  const host = request.headers.get('host');
  if (!isOurHost(host, (process.env.BAVRIN_HOSTS ?? '').split(','))) {
    return refuse('That name is not one of this shop’s. Start it with --name to be reached under it.');
  }
  if (!isReadable(request.nextUrl)) return refuse('That address is not written as addresses are.', 400);
  const reads = request.method === 'GET' || request.method === 'HEAD';
  if (!reads && !isOurOrigin(request.headers.get('origin'), host)) {
    return refuse('That came from another site and was not taken.');
  }
  const nonce = randomBytes(16).toString('base64');
  const policy = contentPolicy(nonce);
  const headers = new Headers(request.headers);
  headers.set('content-security-policy', policy);
  headers.set(NONCE, nonce);
  headers.set(AT, request.nextUrl.pathname + request.nextUrl.search);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  return response;
}

/** Broken escapes and null characters name nothing here, and no page should have to know of them. */
function isReadable({ pathname, search }: URL): boolean {
  try {
    return !decodeURIComponent(pathname).includes('\0') && !/%00/.test(search);
  } catch {
    return false;
  }
}

function refuse(message: string, status = 403): NextResponse {
  return NextResponse.json({ code: status === 403 ? 'foreign' : 'refused', message }, { status });
}

export const config = {
  // The build's own files are public and alike for all.
  matcher: '/((?!_next/static|icon.svg|early.js).*)',
};
