import type { Corner } from '../../car/corner';

type PadsReading = { kind: string; corner?: Corner | ''; input: unknown; said?: unknown };
type Input = { newMm: number; minimumMm: number; corners: Record<string, unknown> };

/**
 * Pads are read a corner at a time; left and right of an axle together say more. Gives one reading an axle whose two
 * sides have both been read, of pads alike when new, under the later one's name.
 */
export function padPairs<T extends PadsReading>(readings: readonly T[]): T[] {
  return (
    [
      ['FL', 'FR'],
      ['RL', 'RR'],
    ] as const
  ).flatMap(([left, right]) => {
    const sides = readings.filter(
      (each) => each.kind === 'pads' && each.input && (each.corner === left || each.corner === right),
    );
    const [first, second] = sides;
    if (!first || !second || sides.length > 2 || first.corner === second.corner) return [];
    const [one, other] = [first.input as Input, second.input as Input];
    if (one.newMm !== other.newMm || one.minimumMm !== other.minimumMm) return [];
    return [
      { ...second, said: undefined, input: { ...other, corners: { ...one.corners, ...other.corners } } },
    ];
  });
}
