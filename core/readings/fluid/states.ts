import { fallsShort } from '../../car/limits/limit';
import type { FluidLimits } from './limits';

/** By its water, %: dry below the first bound, wet from the second on (docs/sources.md). */
export function moistureState(
  pct: number,
  limits: Pick<FluidLimits, 'dryBelowPct' | 'wetFromPct'>,
): 'dry' | 'borderline' | 'wet' {
  if (pct < limits.dryBelowPct) return 'dry';
  return pct < limits.wetFromPct ? 'borderline' : 'wet';
}

/** By where it boils at sea level, °C: ok from the first bound up, low below the second (docs/sources.md). */
export function boilingState(
  boilingC: number,
  limits: Pick<FluidLimits, 'boilingOkFromC' | 'boilingLowBelowC'>,
): 'ok' | 'borderline' | 'low' {
  if (!fallsShort(boilingC, limits.boilingOkFromC)) return 'ok';
  return boilingC >= limits.boilingLowBelowC ? 'borderline' : 'low';
}
