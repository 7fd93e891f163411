/** Doubles in a block. */
const BLOCK = 8192;
/** Shorter arrays are made where small objects are, which is as quick; longer ones are worth a call of their own. */
const SHORT = 8;
const LONG = 1024;

let block = new Float64Array(BLOCK);
let used = 0;

/**
 * Zeros for one of the many arrays that live as long as a verdict is worked out. Each typed array past 64 bytes is a
 * call for memory otherwise, which costs more than what is summed in it: here they share a block, each its own part of
 * it, and the block goes when all of them have gone.
 */
export function roomFor(size: number): Float64Array {
  if (size <= SHORT || size > LONG) return new Float64Array(size);
  if (used + size > BLOCK) {
    block = new Float64Array(BLOCK);
    used = 0;
  }
  used += size;
  return block.subarray(used - size, used);
}

/** A copy to be written over. */
export function copyOf(values: Float64Array): Float64Array {
  const out = roomFor(values.length);
  out.set(values);
  return out;
}
