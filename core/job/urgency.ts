/** What decides which card stands first. */
export type Urgency = { holds: number; out: boolean; neededAt: string | null; openedAt: string };

/** Most urgent first: cars on hold, then the one needed soonest, then the one waiting longest; last those out on proof. */
export function byUrgency(left: Urgency, right: Urgency): number {
  const held = Number(right.holds > 0) - Number(left.holds > 0);
  if (held !== 0) return held;
  if (left.out !== right.out) return left.out ? 1 : -1;
  if (left.neededAt !== right.neededAt) {
    if (left.neededAt === null) return 1;
    if (right.neededAt === null) return -1;
    return left.neededAt < right.neededAt ? -1 : 1;
  }
  return left.openedAt < right.openedAt ? -1 : 1;
}
