import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { DEMO_PEOPLE } from '../../db/demo/people';
import { ROOT } from '../../scripts/system/paths';

/** Where the browser tests keep who is signed in. */
export const SIGNED_IN = join(ROOT, '.data/playwright-signed-in.json');

/** Somebody of the demo, by name. */
export function demoPerson(name: string): (typeof DEMO_PEOPLE)[number] {
  const person = DEMO_PEOPLE.find((each) => each.name === name);
  if (!person) throw new Error(`nobody of the demo is called ${name}`);
  return person;
}

/** Signs somebody of the demo in. @returns the cookie of the session, as a browser sends it */
export async function signIn(address: string, name = 'Mira'): Promise<string> {
  const response = await fetch(`${address}/api/sign-in/demo`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ person: demoPerson(name).id }),
  });
  const cookie = response.headers.get('set-cookie')?.split(';')[0];
  if (!response.ok || !cookie) throw new Error(`${name} was not let in: ${response.status}`);
  return cookie;
}

/** A browser that somebody of the demo is signed in on; cookies are of the machine, whatever the port. */
export async function signedIn(address: string, name = 'Mira') {
  const [cookie, value] = (await signIn(address, name)).split('=') as [string, string];
  return {
    cookies: [
      {
        ...{ name: cookie, value, domain: '127.0.0.1', path: '/', expires: -1 },
        ...{ httpOnly: true, secure: false, sameSite: 'Lax' as const },
      },
    ],
    origins: [],
  };
}

/** Keeps the owner signed in for every browser of the tests. */
export async function keepSignedIn(address: string): Promise<void> {
  mkdirSync(dirname(SIGNED_IN), { recursive: true });
  writeFileSync(SIGNED_IN, JSON.stringify(await signedIn(address)));
}
