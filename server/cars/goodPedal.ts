import type { FirmnessInput } from '../../core/readings/pedal/firmnessSchema';
import type { GoodPedal } from '../../core/readings/pedal/goodPedal';
import { database, type Sql } from '../db/sql';
import { type FiguresRow, figuresFromRow } from '../jobs/rows';

/** The good pedal of each of these cars, where its firmness was read after a cure. */
export async function goodPedals(
  cars: readonly string[],
  sql: Sql = database('own'),
): Promise<Map<string, GoodPedal>> {
  const rows = await sql<(FiguresRow & { carId: string })[]>`
    select distinct on (jobs.car_id) jobs.car_id, r.kind, r.input, r.result, r.calcs, r.recorded_at
    from readings r join jobs on jobs.id = r.job_id
    where r.kind = 'firmness' and r.phase = 'after' and r.input is not null
      and jobs.car_id = any(${[...cars]}) and jobs.outcome = 'cured'
      and not exists (select 1 from readings later where later.replaces = r.id)
    order by jobs.car_id, r.recorded_at desc`;
  return new Map(
    rows.flatMap((row): [string, GoodPedal][] => {
      const input = figuresFromRow(row).input as FirmnessInput | null;
      const day = row.recordedAt.toISOString().slice(0, 10);
      return input ? [[row.carId, { points: input.points, day }]] : [];
    }),
  );
}
