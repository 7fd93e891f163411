import {
  type BaseUnit,
  shownDecimals,
  shownUnit,
  shownValue,
  type UnitChoice,
} from '@/core/base/units/display';
import { type Entry, readEntry } from '@/core/base/units/entry';
import { inUnits } from '@/core/base/units/prose';
import { figure } from '@/ui/format';

export type Units = {
  choice: UnitChoice;
  unit: (base: BaseUnit) => string;
  /** The figure alone, and with its unit. */
  show: (value: number | null | undefined, base: BaseUnit, decimals: number) => string;
  full: (value: number | null | undefined, base: BaseUnit, decimals: number) => string;
  /** A figure as it would be typed. */
  asTyped: (value: number, base: BaseUnit) => string;
  /** The same, where it is converted to so many figures; three unless said. */
  about: (value: number, base: BaseUnit, figures?: number) => string;
  read: (text: string, base: BaseUnit) => Entry | undefined;
  /** What was typed, as a form sends it: null for nothing; what is no figure goes as it is, for its field to be named. */
  sent: (text: string, base: BaseUnit) => number | string | null;
  /** Words of the trade with the figures in them. */
  words: (text: string) => string;
};

/** Shows and reads figures in the units of a choice. */
export function unitsIn(choice: UnitChoice): Units {
  const unit = (base: BaseUnit) => shownUnit(base, choice);
  const show: Units['show'] = (value, base, decimals) =>
    figure(
      value === null || value === undefined ? value : shownValue(value, base, choice),
      shownDecimals(decimals, base, choice),
    );
  const asTyped: Units['asTyped'] = (value, base) =>
    String(Number(shownValue(value, base, choice).toFixed(6)));
  return {
    choice,
    unit,
    show,
    full: (value, base, decimals) => `${show(value, base, decimals)} ${unit(base)}`.trim(),
    asTyped,
    about: (value, base, figures = 3) =>
      unit(base) === base
        ? asTyped(value, base)
        : String(Number(Number(asTyped(value, base)).toPrecision(figures))),
    read: (text, base) => readEntry(text, base, choice),
    sent: (text, base) => {
      const value = readEntry(text, base, choice)?.value;
      return value === undefined ? null : Number.isNaN(value) ? text : value;
    },
    words: (text) => inUnits(text, choice),
  };
}
