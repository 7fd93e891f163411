import { z } from 'zod';
import { within, words } from '../../base/issues/range';
import { CIRCUIT_KIND_IDS, type TrackSetup } from './setups';

const force = () => within(1, 500, 'N').nullable();

/** A set-up of a car for one track, as it is noted. */
export const setupSchema = z.strictObject({
  track: words(120).min(1, 'a name is needed, as the shop calls the track'),
  kind: z.enum(CIRCUIT_KIND_IDS),
  frontN: force(),
  rearN: force(),
  tap: z.boolean(),
  note: words(400),
}) satisfies z.ZodType<TrackSetup>;
