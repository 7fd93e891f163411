import type { TraceRule } from '../definition';

/** For the road a pad is replaced at its minimum and this much, mm (practice). */
const ROAD_OVER_MINIMUM_MM = 1;

/** Of one kind of pad, mm. */
export type PadHeld = { newMm: number; minimumMm: number; use: 'track' | 'road'; trackPadMm: number };

/** From what thickness a pad is replaced, mm, for its use. */
export function replacePadMm({ newMm, minimumMm, use, trackPadMm }: PadHeld): number {
  return use === 'track' ? Math.max(newMm / 2, trackPadMm) : minimumMm + ROAD_OVER_MINIMUM_MM;
}

/** Where a pad stands by its lowest figure, mm. */
export function padStanding(
  lowestMm: number,
  held: PadHeld,
): { state: 'ok' | 'low' | 'worn_out'; replaceMm: number } {
  const replaceMm = replacePadMm(held);
  return {
    replaceMm,
    state: lowestMm <= held.minimumMm ? 'worn_out' : lowestMm < replaceMm ? 'low' : 'ok',
  };
}

/** How the standing of a pad is traced: to its lowest figure, against the limit that decides it. */
export const padTrace =
  (rule: string) =>
  (state: string): TraceRule => ({
    ...{ value: 'lowestMm', unit: 'mm', decimals: 1, rule },
    limits: [state === 'worn_out' ? 'minimumMm' : 'replaceMm'],
  });
