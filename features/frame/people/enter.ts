import { type Reply, request } from '../../shell/request';
import { forgetPages } from '../offline/startOffline';

/** Signs in, and goes on to where somebody was going. @returns why not, if not */
export async function enter(path: string, body: object, to: string): Promise<Reply<unknown>> {
  const reply = await request('POST', path, body);
  // Everything on the page was made for whoever was here before: it is made anew.
  if (reply.ok) window.location.assign(to);
  return reply;
}

/** Signs out on this device; what waits to be sent stays, and goes with the next who signs in. */
export async function leave(): Promise<void> {
  await request('POST', '/api/sign-out', {});
  await forgetPages().catch(() => undefined);
  window.location.assign('/sign-in');
}
