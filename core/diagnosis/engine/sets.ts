import type { Touch } from './plan';
import { copyOf, roomFor } from './room';

/**
 * Weights of sets of explained answers, one number a set (bit on: explained at its level). Each function writes a new
 * array; all terms are positive, so nothing cancels.
 */

/** A new answer opens as the highest bit: the leak leaves it below its level, or reaches it. */
export function openBit(weights: Float64Array, below: number, reaches: number): Float64Array {
  const size = weights.length;
  const out = roomFor(size * 2);
  for (let set = 0; set < size; set++) {
    out[set] = weights[set]! * below;
    out[size + set] = weights[set]! * reaches;
  }
  return out;
}

/** The transpose of `openBit`. */
export function openBitBack(weights: Float64Array, below: number, reaches: number): Float64Array {
  const size = weights.length / 2;
  const out = roomFor(size);
  for (let set = 0; set < size; set++) out[set] = weights[set]! * below + weights[size + set]! * reaches;
  return out;
}

/** An answer closes: only sets that explain it stay. */
export function closeBit(weights: Float64Array, bit: number): Float64Array {
  const out = roomFor(weights.length / 2);
  const low = (1 << bit) - 1;
  for (let set = 0; set < out.length; set++)
    out[set] = weights[((set & ~low) << 1) | (1 << bit) | (set & low)]!;
  return out;
}

/** The transpose of `closeBit`. */
export function closeBitBack(weights: Float64Array, bit: number): Float64Array {
  const out = roomFor(weights.length * 2);
  const low = (1 << bit) - 1;
  for (let set = 0; set < weights.length; set++)
    out[((set & ~low) << 1) | (1 << bit) | (set & low)] = weights[set]!;
  return out;
}

/** What the sets become when a fault is present. */
export function applyFault(weights: Float64Array, touches: readonly Touch[]): Float64Array {
  const out = copyOf(weights);
  for (const { bit, below, reaches, atMost } of touches) {
    const step = 1 << bit;
    for (let base = 0; base < out.length; base += step * 2) {
      for (let set = base; set < base + step; set++) {
        const lower = out[set]!;
        out[set + step] = out[set + step]! * atMost + lower * reaches;
        out[set] = lower * below;
      }
    }
  }
  return out;
}

/** The transpose of `applyFault`. */
export function applyFaultBack(weights: Float64Array, touches: readonly Touch[]): Float64Array {
  const out = copyOf(weights);
  for (const { bit, below, reaches, atMost } of touches) {
    const step = 1 << bit;
    for (let base = 0; base < out.length; base += step * 2) {
      for (let set = base; set < base + step; set++) {
        const upper = out[set + step]!;
        out[set] = out[set]! * below + upper * reaches;
        out[set + step] = upper * atMost;
      }
    }
  }
  return out;
}

/** (1 − share)·left + share·right, written into `right`: it is a new array wherever the engine mixes. */
export function mixInto(right: Float64Array, left: Float64Array, share: number): Float64Array {
  for (let set = 0; set < right.length; set++) right[set] = left[set]! * (1 - share) + right[set]! * share;
  return right;
}

/** Weights times a factor, as a new array. */
export function scaled(weights: Float64Array, factor: number): Float64Array {
  const out = roomFor(weights.length);
  for (let set = 0; set < out.length; set++) out[set] = weights[set]! * factor;
  return out;
}

/** Sum of products. */
export function dot(left: Float64Array, right: Float64Array): number {
  let sum = 0;
  for (let set = 0; set < left.length; set++) sum += left[set]! * right[set]!;
  return sum;
}
