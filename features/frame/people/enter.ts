import type { Pass } from '@/core/base/people/pass';
import type { KnownPerson } from '../../shell/passes';
import { atCar, passes } from '../../shell/people';
import { type Reply, request } from '../../shell/request';
import { comeIn, forgetPages } from '../offline/forgetPages';

/** Who comes in, with the figures that do it; none where a press does. */
export type Coming = { person: KnownPerson; pin: string | null };

/** Signs in, and goes on to where somebody was going. @returns why not, if not */
export async function enter(
  path: string,
  body: object,
  to: string,
  coming?: Coming,
): Promise<Reply<{ pass?: Pass }>> {
  const reply = await request<{ pass?: Pass }>('POST', path, body);
  if (!reply.ok) return reply;
  atCar.clear();
  const { pass } = reply.value;
  // A device that keeps nothing lets nobody in without a network: it goes on as it is.
  if (pass && coming && window.isSecureContext)
    await passes.keep(coming.person, coming.pin, pass).catch(() => undefined);
  // Now, and not on the first page that wakes: the pages gone to before it does are theirs already.
  await comeIn(coming?.person.id).catch(() => undefined);
  // Everything on the page was made for whoever was here before: it is made anew.
  window.location.assign(to);
  return reply;
}

/** Signs out on this device; what waits to be sent stays, and goes with the next who signs in. */
export async function leave(): Promise<void> {
  await request('POST', '/api/sign-out', {});
  atCar.clear();
  await forgetPages().catch(() => undefined);
  window.location.assign('/sign-in');
}
