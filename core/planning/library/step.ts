import { CORNER_WORDS, type Corner } from '../../car/corner';
import type { Part, Step } from '../run/step';

/** A step, with what it needs beyond its words. */
export function step(part: Part, id: string, title: string, how: string, more: Partial<Step> = {}): Step {
  return { id, part, title, how, ...more };
}

/** Corners in a sentence: "front left and front right". */
export function cornersInWords(corners: readonly Corner[]): string {
  const words = corners.map((corner) => CORNER_WORDS[corner]);
  return words.length < 2 ? (words[0] ?? 'the car') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}

/** A change made at each corner. */
export const atEach = (
  corners: readonly Corner[],
  id: string,
  title: string,
  how: string,
  more: Partial<Step> | ((corner: Corner) => Partial<Step>) = {},
): Step[] =>
  corners.map((corner) =>
    step('Fit', `${id}-${corner.toLowerCase()}`, `${corner}: ${title}`, how, {
      ...(typeof more === 'function' ? more(corner) : more),
      corner,
    }),
  );
