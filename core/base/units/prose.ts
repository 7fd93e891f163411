import { type BaseUnit, shownDecimals, shownUnit, shownValue, type UnitChoice } from './display';

/** A figure in words with its unit, or two with "to" or "and" between them. Speeds are written in both units already. */
const FIGURE =
  /(?<![\d.])(\d+(?:\.\d+)?)(?:( to | and )(\d+(?:\.\d+)?))? (mm|°C|kPa|K|N·m|kg|km)(?![\p{L}²³/])/gu;

/**
 * Words of the trade with their figures in the units of a choice: "0.02 mm under a hub edge" as "0.001 in …".
 * As fine as the figure was written.
 */
export function inUnits(text: string, choice: UnitChoice): string {
  return text.replace(FIGURE, (whole, first: string, between?: string, second?: string, unit?: string) => {
    const base = unit as BaseUnit;
    const shown = shownUnit(base, choice);
    if (shown === base) return whole;
    const figure = (written: string) => {
      const decimals = written.split('.')[1]?.length ?? 0;
      return shownValue(Number(written), base, choice).toFixed(shownDecimals(decimals, base, choice));
    };
    const rest = second === undefined ? '' : `${between}${figure(second)}`;
    return `${figure(first)}${rest} ${shown}`;
  });
}
