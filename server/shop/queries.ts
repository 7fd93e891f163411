import type { Shop } from '../../core/shop/shop';
import { fromSI } from '../../core/units/convert';
import { database, type Sql } from '../db/sql';

export type ShopRow = Shop & { version: number; isDemo: boolean };

/** The shop's settings; a shop nobody has named yet has the plain ones. */
export async function getShop(sql: Sql = database()): Promise<ShopRow> {
  const [row] = await sql`select * from shop`;
  if (!row) return { ...NEW_SHOP, version: 0, isDemo: false };
  return {
    name: row.name,
    circuit: row.circuit,
    altitudeM: row.altitude_m,
    timeZone: row.time_zone,
    fluidSchool: row.fluid_school,
    bleedOrder: row.bleed_order,
    twoBleeders: row.two_bleeders,
    reservoirSchool: row.reservoir_school,
    bleedMethod: row.bleed_method,
    bleedPressureKPa: fromSI(row.bleed_pressure_pa, 'kPa'),
    bottleMl: Math.round(fromSI(row.bottle_m3, 'ml')),
    version: row.version,
    isDemo: row.is_demo,
  };
}

/** What a shop is before anybody has set anything. */
const NEW_SHOP: Shop = {
  name: 'Your workshop',
  circuit: '',
  altitudeM: 0,
  timeZone: 'UTC',
  fluidSchool: 'each_season',
  bleedOrder: 'furthest_first',
  twoBleeders: 'outer_inner_outer',
  reservoirSchool: 'draw_out',
  bleedMethod: 'pressure',
  bleedPressureKPa: 103,
  bottleMl: 500,
};
