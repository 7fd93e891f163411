import type { BaseUnit } from '@/core/base/units/display';
import type { Corner } from '@/core/car/corner';
import type { LimitName, ResolvedLimit, ShopLimits } from '@/core/car/limits/catalogue';
import type { AxleSpec, CarSpec } from '@/core/car/spec';
import type { ReadingField } from '../readFields';

/** A limit as the line under the fields tells it. */
export type LimitTold = [label: string, limit: ResolvedLimit, base: BaseUnit, decimals: number];

export type Surroundings = {
  car: CarSpec;
  corner?: Corner;
  axle?: AxleSpec;
  shop: ShopLimits;
  limit: (name: LimitName, car?: number | null) => ResolvedLimit;
  /** Where the fluid boils here, by its own reading, °C. */
  fluidBoilingHereC?: number;
};

/** A reading of a few figures: how they become the calc's input, and what they are held against. */
export type FigureForm = {
  take: string;
  fields: (around: Surroundings) => ReadingField[];
  input: (values: Record<string, number>, around: Surroundings) => Record<string, unknown> | undefined;
  /** The limits that apply, for the line under the fields. */
  limits: (around: Surroundings) => LimitTold[];
  /** Values back out of an input, to be corrected. */
  values: (input: Record<string, unknown>) => Record<string, number>;
  about: string;
  /** A clock beside it that runs so long, s. */
  timerS?: number;
  /** Its fields stand in rows of three. */
  isTable?: true;
};

/** Without what was not read. */
export const definedOnly = (values: Record<string, number | undefined>) =>
  Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined)) as Record<
    string,
    number
  >;
