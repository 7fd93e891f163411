/**
 * Minutes until the car is wanted; nothing when no time was named, or when it has gone by: a car that is late anyway gets
 * the checks it needs.
 */
export function timeLeft(neededAt: string | null, now: Date): number | undefined {
  if (neededAt === null) return undefined;
  const minutes = (new Date(neededAt).getTime() - now.getTime()) / 60_000;
  return minutes > 0 ? minutes : undefined;
}
