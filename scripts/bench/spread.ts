/** The time in the middle of many. */
export function middle(times: readonly number[]): number {
  return [...times].sort((left, right) => left - right)[times.length >> 1]!;
}

/** Times as the bench prints them. */
export function spread(times: number[]): string {
  const sorted = [...times].sort((left, right) => left - right);
  const at = (share: number) =>
    sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!.toFixed(1);
  return `median ${at(0.5)} ms, 95th ${at(0.95)} ms, most ${at(1)} ms (${sorted.length} runs)`;
}
