/**
 * The known word closest to a mistyped one, by edit distance (insert, delete, replace).
 * @returns undefined when nothing is nearer than half the word's length.
 */
export function nearest(word: string, known: readonly string[]): string | undefined {
  let best: string | undefined;
  let least = Math.max(2, Math.ceil(word.length / 2));
  for (const candidate of known) {
    const distance = editDistance(word.toLowerCase(), candidate.toLowerCase());
    if (distance < least) {
      least = distance;
      best = candidate;
    }
  }
  return best;
}

/** Letters to insert, delete or replace to make one word of another (Levenshtein 1966). */
export function editDistance(left: string, right: string): number {
  let row = Array.from({ length: right.length + 1 }, (_, index) => index);
  for (let i = 1; i <= left.length; i++) {
    const next = [i];
    for (let j = 1; j <= right.length; j++) {
      const replace = row[j - 1]! + (left[i - 1] === right[j - 1] ? 0 : 1);
      next.push(Math.min(replace, row[j]! + 1, next[j - 1]! + 1));
    }
    row = next;
  }
  return row[right.length]!;
}
