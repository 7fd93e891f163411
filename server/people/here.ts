import { cookies } from 'next/headers';
import { cache } from 'react';
import type { Actor } from './actor';
import { asToken, DEVICE_COOKIE, SESSION_COOKIE } from './cookies';
import { deviceWith } from './devices';
import { sessionOf } from './sessions';

/** Who asks for a page, if anybody is signed in; looked up once a request. */
export const signedIn = cache(async (): Promise<Actor | undefined> => {
  const token = asToken((await cookies()).get(SESSION_COOKIE)?.value);
  return token === undefined ? undefined : (await sessionOf(token))?.actor;
});

/** The device a page is asked for from, where it is one of the shop's. */
export async function deviceHere(): Promise<{ id: string; name: string } | undefined> {
  const token = asToken((await cookies()).get(DEVICE_COOKIE)?.value);
  return token === undefined ? undefined : deviceWith(token);
}
