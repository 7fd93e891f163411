import { isIP } from 'node:net';
import { hostname } from 'node:os';

/**
 * Whether a request is addressed to this shop. A page on the web can make its own name lead to the shop's address
 * (rebinding) and would then read and write as if it belonged here; the name it asks for gives it away. An address in
 * figures cannot be made to lead elsewhere, and a name without a dot or ending in .local is none of the web's.
 * @param host the request's Host header
 * @param configured what the start command was given: the address listened on, and further names
 */
export function isOurHost(host: string | null, configured: readonly string[]): boolean {
  const name = nameOf(host ?? '');
  if (name === undefined) return false;
  if (name === 'localhost' || isIP(name) > 0) return true;
  const machine = hostname().toLowerCase();
  return [machine, `${machine}.local`, ...configured.map((each) => nameOf(each))].includes(name);
}

/** Whether a write comes from a page of the shop's own: a browser names the page's origin. */
export function isOurOrigin(origin: string | null, host: string | null): boolean {
  if (origin === null) return true;
  try {
    return new URL(origin).host === host;
  } catch {
    return false;
  }
}

/** The name of a host without its port, in lower case; square brackets are how an IPv6 address is written. */
function nameOf(host: string): string | undefined {
  const parts = /^(?:\[([0-9a-f:.]+)\]|([a-z0-9._-]+))(?::\d{1,5})?$/i.exec(host);
  return (parts?.[1] ?? parts?.[2])?.toLowerCase();
}
