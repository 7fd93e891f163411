import { expect, it } from 'vitest';
import { RULES } from './lexicon/all';
import { ready } from './readied';

const longest = RULES.map(({ words }) => words.source)
  .sort((left, right) => right.length - left.length)
  .slice(0, 20);

/** How long it takes to use patterns that V8 has not seen before the first two times, ms. */
function firstUse(patterns: readonly RegExp[], use: (pattern: RegExp) => RegExp): number {
  const start = performance.now();
  for (const pattern of patterns)
    for (let time = 0; time < 2; time++) use(pattern).test('soft pedal after five laps');
  return performance.now() - start;
}

it('has the patterns of the lexicon there in less than half the time', () => {
  // Each source once: V8 keeps what it made of the last ones.
  const plain = firstUse(
    longest.map((source) => new RegExp(`(?:${source})`)),
    (pattern) => pattern,
  );
  const readied = firstUse(
    longest.map((source) => new RegExp(`(?:(?:${source}))`)),
    ready,
  );
  expect(readied).toBeLessThan(plain / 2);
});

it('leaves nothing behind in a pattern: none of them remembers where it was', () => {
  expect(RULES.filter(({ words }) => words.global || words.sticky)).toEqual([]);
});
