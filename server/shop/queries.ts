import { fromSI, toSI, UNITS, type Unit } from '../../core/base/units/convert';
import { LIMIT_SPECS, type LimitName, type ShopLimits } from '../../core/car/limits/catalogue';
import { type Shop, SIGNED_IN_HOURS } from '../../core/car/shop';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';

export type ShopRow = Shop & { version: number; isDemo: boolean };

/** The shop's settings; a shop nobody has named yet has the plain ones. */
export async function getShop(sql: Sql = database('open')): Promise<ShopRow> {
  const [[row], limits] = await Promise.all([
    sql<RowOf<'shop'>[]>`select * from shop`,
    sql<RowOf<'shop_limits'>[]>`select name, value from shop_limits`,
  ]);
  if (!row) return { ...NEW_SHOP, version: 0, isDemo: false };
  return {
    name: row.name,
    circuit: row.circuit,
    altitudeM: row.altitudeM,
    timeZone: row.timeZone,
    fluidSchool: row.fluidSchool,
    bleedOrder: row.bleedOrder,
    twoBleeders: row.twoBleeders,
    reservoirSchool: row.reservoirSchool,
    bleedMethod: row.bleedMethod,
    potSchool: row.potSchool,
    bleedPressureKPa: fromSI(row.bleedPressurePa, 'kPa'),
    bottleMl: Math.round(fromSI(row.bottleM3, 'ml')),
    strainerSchool: row.strainerSchool,
    catchMl: Math.round(fromSI(row.catchM3, 'ml')),
    bedInSchool: row.bedInSchool,
    learnStrength: row.learnStrength,
    dateOrder: row.dateOrder,
    currency: row.currency,
    signedInHours: row.signedInHours,
    lengthUnit: row.lengthUnit,
    temperatureUnit: row.temperatureUnit,
    pressureUnit: row.pressureUnit,
    limits: Object.fromEntries(
      limits
        .filter((limit) => Object.hasOwn(LIMIT_SPECS, limit.name))
        .map((limit) => [limit.name, limitFromSI(limit.name as LimitName, limit.value)]),
    ) as ShopLimits,
    version: row.version,
    isDemo: row.isDemo,
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
  potSchool: 'fluid',
  bleedPressureKPa: 103,
  bottleMl: 500,
  strainerSchool: 'lift_out',
  catchMl: 500,
  bedInSchool: 'A',
  learnStrength: 300,
  dateOrder: 'day_first',
  currency: 'EUR',
  signedInHours: SIGNED_IN_HOURS,
  lengthUnit: 'mm',
  temperatureUnit: '°C',
  pressureUnit: 'kPa',
  limits: {},
};

/** A limit in SI as its own unit has it; what is no unit of measure (percent, kelvin apart, days) stays as it is. */
function limitFromSI(name: LimitName, value: number): number {
  const unit = plainUnit(name);
  return unit ? Number(fromSI(value, unit).toFixed(6)) : value;
}

/** The same limit in SI. */
export function limitToSI(name: LimitName, value: number): number {
  const unit = plainUnit(name);
  return unit ? toSI(value, unit) : value;
}

function plainUnit(name: LimitName): Unit | undefined {
  const { unit } = LIMIT_SPECS[name];
  return Object.hasOwn(UNITS, unit) && unit !== 'K' ? (unit as Unit) : undefined;
}
