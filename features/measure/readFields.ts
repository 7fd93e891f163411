import type { Range } from '@/core/base/issues/range';
import type { BaseUnit } from '@/core/base/units/display';
import type { Pose } from '@/core/readings/instruments/condition';
import type { Quantity } from '@/core/readings/instruments/kinds';
import type { Units } from '../shell/units';

/** One figure of a reading, as a form asks for it. */
export type ReadingField<Id extends string = string> = {
  id: Id;
  label: string;
  /** The unit it is kept in; seconds are seconds everywhere. */
  base: BaseUnit | 's';
  decimals: number;
  low: number;
  high: number;
  /** Without it there is no reading. */
  needed?: boolean;
  /** What it is taken as where nothing is typed. */
  usual?: number;
  quantity?: Quantity;
  pose?: Pose;
};

/** The ends of what is taken, for a field. */
export const between = ([low, high]: Range): { low: number; high: number } => ({ low, high });

/** A figure that cannot be, or that is missing: which, and what is said of it. */
export type WrongField<Id extends string> = { id: Id; why: string };

export type FieldsRead<Id extends string> = {
  /** Typed, else as it is on file; in base units. One that cannot be is among them. */
  values: Partial<Record<Id, number>>;
  /** As it was typed, where that was in another unit: the record keeps it beside the value. */
  entered: Partial<Record<Id, string>>;
  /** The first that is typed and cannot be. */
  wrong?: WrongField<Id>;
  /** The first that is needed and not there. */
  missing?: WrongField<Id>;
};

/** The unit a field is typed in, for what converts it. */
export const typedBase = ({ base }: Pick<ReadingField, 'base'>): BaseUnit => (base === 's' ? '' : base);

/** Its unit as it stands beside it. */
export const unitOf = ({ base }: Pick<ReadingField, 'base'>, units: Units): string =>
  base === 's' ? 's' : units.unit(base);

/** What the fields of a form come to. @param onFile what stands where nothing is typed */
export function readFields<Id extends string>(
  fields: readonly ReadingField<Id>[],
  typed: Partial<Record<Id, string>>,
  units: Units,
  onFile: Partial<Record<Id, number>> = {},
): FieldsRead<Id> {
  const read: FieldsRead<Id> = { values: {}, entered: {} };
  for (const field of fields) {
    const { id, needed, low, high } = field;
    const text = typed[id] ?? '';
    const entry = units.read(text, typedBase(field));
    const value = entry?.value ?? onFile[id];
    if (value === undefined) {
      if (needed) read.missing ??= { id, why: refusalOf(field, 'missing', units) };
      continue;
    }
    read.values[id] = value;
    if (!entry) continue;
    if (entry.entered) read.entered[id] = entry.entered;
    if (!(value >= low && value <= high)) read.wrong ??= { id, why: refusalOf(field, text, units) };
  }
  return read;
}

function refusalOf(field: ReadingField, is: string, units: Units): string {
  const { label, low, high, base } = field;
  const show = (value: number) => (base === 's' ? String(value) : units.about(value, base));
  return `${label} is ${is}: ${show(low)} to ${`${show(high)} ${unitOf(field, units)}`.trim()} is accepted`;
}
