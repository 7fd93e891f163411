import type { DateOrder } from '../../base/dates';
import type { Unit } from '../../base/units/convert';
import type { ShopLimits } from '../../car/limits/catalogue';
import type { CarSpec } from '../../car/spec';
import type { Mapping } from './columns';

export type KnownCar = { id: string; spec: CarSpec };

/** What a table is read by. */
export type ReadBy = {
  mapping: Mapping;
  /** The shop's cars; a table without a column of cars is of the one that is `only`. */
  cars: readonly KnownCar[];
  only?: string;
  limits: ShopLimits;
  dateOrder: DateOrder;
  /** ISO date. */
  today: string;
  /** In what unit figures without one of their own are. */
  units: { mm: Unit; '°C': Unit };
};
