import { randomUUID } from 'node:crypto';
import { CORNERS, type Place } from '../../core/car/corner';
import type { GivenFinding } from '../../core/readings/given';
import { FINDINGS } from '../../core/readings/vocabulary/findings';
import { database } from '../../server/db/sql';
import { makeJob } from './shop';

/** Every question answered as badly as it can be, at every place it is asked. */
function allAbnormal(): GivenFinding[] {
  return FINDINGS.flatMap(({ id, states, ...rest }) => {
    const place = 'place' in rest ? rest.place : undefined;
    const places: (Place | undefined)[] =
      place === 'corner' ? [...CORNERS] : place === 'axle' ? ['front', 'rear'] : [undefined];
    return places.map((each) => ({ id, state: states.at(-1)!, ...(each ? { place: each } : {}) }));
  });
}

/** A job on file with all of that in it. */
export async function everythingAbnormal(): Promise<string> {
  const { job } = await makeJob('Everything');
  const rows = allAbnormal().map(({ id, state, place = '' }) => ({
    id: randomUUID(),
    jobId: job.id,
    phase: 'before',
    finding: id,
    place,
    state,
    recordedAt: new Date(),
  }));
  const sql = database();
  await sql`insert into findings ${sql(rows)}`;
  return job.id;
}
