import { parseWith } from '../../core/base/issues/zod';
import { toSI } from '../../core/base/units/convert';
import type { LimitName } from '../../core/car/limits/catalogue';
import { type Shop, shopSchema } from '../../core/car/shop';
import { database, type Sql } from '../db/sql';
import { accept, stale } from '../failure';
import { versioned } from '../http/versioned';
import { sameContent } from '../once';
import { getShop, limitToSI, type ShopRow } from './queries';

/** Saves the shop's settings over the version their author saw. */
export async function saveShop(input: unknown, options: { isDemo?: boolean } = {}): Promise<ShopRow> {
  const { version, body } = versioned(input);
  const shop = accept(parseWith(shopSchema, body));
  const sql = database('setup');
  return sql.begin(async (tx) => {
    const columns = columnsOf(shop);
    const written =
      version === 0
        ? await tx`insert into shop ${tx({ ...columns, isDemo: options.isDemo ?? false })} on conflict do nothing returning 1`
        : await tx`update shop set ${tx(columns)}, version = version + 1 where version = ${version} returning 1`;
    if (written.length === 0) {
      const { version: newest, isDemo: _, ...stands } = await getShop(tx);
      if (newest > version && sameContent(stands, shop)) return getShop(tx);
      throw stale('The shop’s setup', { ...stands, version: newest });
    }
    await saveLimits(shop.limits, tx);
    return getShop(tx);
  });
}

function columnsOf(shop: Shop) {
  return {
    name: shop.name,
    circuit: shop.circuit,
    altitudeM: shop.altitudeM,
    timeZone: shop.timeZone,
    fluidSchool: shop.fluidSchool,
    bleedOrder: shop.bleedOrder,
    twoBleeders: shop.twoBleeders,
    reservoirSchool: shop.reservoirSchool,
    bleedMethod: shop.bleedMethod,
    potSchool: shop.potSchool,
    bleedPressurePa: toSI(shop.bleedPressureKPa, 'kPa'),
    bottleM3: toSI(shop.bottleMl, 'ml'),
    strainerSchool: shop.strainerSchool,
    catchM3: toSI(shop.catchMl, 'ml'),
    bedInSchool: shop.bedInSchool,
    learnStrength: shop.learnStrength,
    dateOrder: shop.dateOrder,
    currency: shop.currency,
    signedInHours: shop.signedInHours,
    lengthUnit: shop.lengthUnit,
    temperatureUnit: shop.temperatureUnit,
    pressureUnit: shop.pressureUnit,
  };
}

async function saveLimits(wanted: Shop['limits'], tx: Sql): Promise<void> {
  await tx`delete from shop_limits`;
  const limits = Object.entries(wanted)
    .filter((limit): limit is [LimitName, number] => limit[1] !== undefined)
    .map(([name, value]) => ({ name, value: limitToSI(name, value) }));
  if (limits.length > 0) await tx`insert into shop_limits ${tx(limits)}`;
}
