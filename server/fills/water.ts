import { dayIn } from '../../core/base/day';
import { FLUID_CLASSES, type FluidClass } from '../../core/car/fluidClasses';
import { LIMIT_SPECS } from '../../core/car/limits/catalogue';
import type { Shop } from '../../core/car/shop';
import { type WaterReading, type WaterTrend, waterLimit, waterTrend } from '../../core/planning/due/water';
import { type FluidInput, readFluid } from '../../core/readings/fluid/fluid';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { type FiguresRow, figuresFromRow } from '../jobs/rows';
import { celsius } from '../units';

/** A reading of a fluid, with what the car's own says of it. */
type WaterRow = FiguresRow &
  Pick<RowOf<'cars'>, 'fluidClass' | 'fluidDryK' | 'fluidWetK'> & { carId: string; fluidFilledOn: string };

type Held = Pick<Shop, 'timeZone' | 'altitudeM' | 'limits'>;

/** How the water rises in what is in each car, where it was read on two days since the fill; of all cars, or of these. */
export async function waterTrends(
  { timeZone, altitudeM, limits }: Held,
  cars?: readonly string[],
  sql: Sql = database('own'),
): Promise<Map<string, WaterTrend>> {
  const rows = await sql<WaterRow[]>`
    select jobs.car_id, cars.fluid_filled_on, cars.fluid_class, cars.fluid_dry_k, cars.fluid_wet_k,
      r.kind, r.input, r.result, r.calcs, r.recorded_at
    from readings r join jobs on jobs.id = r.job_id join cars on cars.id = jobs.car_id
    where r.kind = 'fluid' and r.input is not null
      and r.recorded_at >= cars.fluid_filled_on
      ${cars ? sql`and jobs.car_id = any(${[...cars]})` : sql``}
      and not exists (select 1 from readings later where later.replaces = r.id)
    order by r.recorded_at`;
  const read = new Map<string, { car: WaterRow; readings: WaterReading[] }>();
  for (const row of rows) {
    const on = dayIn(timeZone, row.recordedAt);
    const reading = waterRead(figuresFromRow(row).input as FluidInput | null, on);
    // What was read on the day of the fill may be of the fluid that went.
    if (!reading || on <= row.fluidFilledOn) continue;
    const known = read.get(row.carId);
    if (known) known.readings.push(reading);
    else read.set(row.carId, { car: row, readings: [reading] });
  }
  const trends = new Map<string, WaterTrend>();
  for (const [id, { car, readings }] of read) {
    const product = FLUID_CLASSES[car.fluidClass as FluidClass] as
      | (typeof FLUID_CLASSES)[FluidClass]
      | undefined;
    const own =
      car.fluidDryK === null ? product : { dryC: celsius(car.fluidDryK)!, wetC: celsius(car.fluidWetK)! };
    const limit = waterLimit(readings, {
      pair: own,
      wetFromPct: limits.wetFromPct ?? LIMIT_SPECS.wetFromPct.usual,
      marginK: limits.trackMarginK ?? LIMIT_SPECS.trackMarginK.usual,
      altitudeM,
    });
    const trend = waterTrend(readings, limit);
    if (trend) trends.set(id, trend);
  }
  return trends;
}

function waterRead(input: FluidInput | null, on: string): WaterReading | undefined {
  const read = input && readFluid(input);
  if (!read?.ok || typeof read.value.moisturePct !== 'number') return undefined;
  const { caliperPeakC } = input!;
  return { on, pct: read.value.moisturePct, ...(caliperPeakC === undefined ? {} : { caliperPeakC }) };
}
