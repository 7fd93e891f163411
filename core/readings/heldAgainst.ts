import type { LimitName, ShopLimits } from '../car/limits/catalogue';
import type { AxleSpec, CarSpec } from '../car/spec';

/** Whose limits a reading is held against: this car's (the axle it was taken at), else the shop's. */
export type Holder = { car?: CarSpec; axle?: AxleSpec; shop: ShopLimits };

/** The limits of a kind of reading: which fields of its input carry them, and how car and shop fill those. */
export type HeldAgainst = {
  fields: readonly string[];
  own: (holder: Holder) => Record<string, unknown>;
};

/** Limits that only a shop sets, as the calcs take them; what is usual stays with the catalogue. */
export function ofTheShop(...names: readonly LimitName[]): HeldAgainst {
  return {
    fields: ['limits'],
    own: ({ shop }) => {
      const own = names.filter((name) => shop[name] !== undefined);
      return own.length === 0 ? {} : { limits: Object.fromEntries(own.map((name) => [name, shop[name]])) };
    },
  };
}
