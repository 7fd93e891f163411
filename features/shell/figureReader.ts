import type { BaseUnit } from '@/core/base/units/display';
import type { Units } from './units';

type Ranges = Readonly<Record<string, readonly [low: number, high: number]>>;

/**
 * Reads what is typed on a bench: each figure held against its range, in the units shown; what cannot be one is said under
 * the field's name.
 */
export function figureReader<R extends Ranges>(units: Units, ranges: R) {
  const wrong: Record<string, string> = {};
  /** A figure where one was typed. `percent`: typed in per cent of a range that is a share. */
  const figure = (
    name: string,
    text: string,
    range: keyof R,
    base: BaseUnit,
    percent = false,
  ): number | undefined => {
    const value = units.read(text, base)?.value;
    if (value === undefined) return undefined;
    const scale = percent ? 100 : 1;
    const [low, high] = ranges[range]!.map((each) => each * scale) as [number, number];
    if (value >= low && value <= high) return value / scale;
    const decimals = (bound: number) => (Number.isInteger(bound) ? 0 : 2);
    wrong[name] =
      `${text} is not taken: ${units.show(low, base, decimals(low))} to ${units.full(high, base, decimals(high))}`;
    return undefined;
  };
  /** The same where nothing goes on without it; not a number while it is missing. */
  const needed = (...given: Parameters<typeof figure>): number => {
    const value = figure(...given);
    if (value === undefined) wrong[given[0]] ??= 'needed';
    return value ?? Number.NaN;
  };
  return { wrong, figure, needed };
}

export type FigureReader<R extends Ranges> = ReturnType<typeof figureReader<R>>;
