/** V8 compiles a pattern at once that meets a text as long as this. */
const LONG = ' '.repeat(1000);

const readied = new WeakSet<RegExp>();

/**
 * A pattern, the first time it is used compiled at once. V8 interprets a new one first, and for patterns as long as those of the lexicon
 * nearly all of that goes into tidying up a bytecode that the second use throws away: the first line that was read took eight times as long,
 * a second on a slow tablet. Other engines lose nothing by it.
 */
export function ready(pattern: RegExp): RegExp {
  if (!readied.has(pattern)) {
    readied.add(pattern);
    pattern.test(LONG);
  }
  return pattern;
}
