import { z } from 'zod';

const doors = z.object({ address: z.string(), certificate: z.string() });

/** Where this shop is reached over https and its certificate fetched, where it was started so. */
export function secureDoors(): { address: string; certificate: string } | undefined {
  const said = process.env.BAVRIN_SECURE;
  return said ? doors.parse(JSON.parse(said)) : undefined;
}
