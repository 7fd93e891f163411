import type { UnitChoice } from '../base/units/display';

export const BENCH_IDS = ['fluid', 'pedal', 'balance', 'heat'] as const;
export type BenchId = (typeof BENCH_IDS)[number];

/** A bench as it stood, under a name: what was typed, in the units it was typed in. */
export type BenchState = { bench: BenchId; name: string; typed: Record<string, unknown>; units: UnitChoice };

/** The most characters that what was typed on a bench may have. */
export const MOST_TYPED = 20_000;
