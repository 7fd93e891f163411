import type { BaseUnit } from '@/core/base/units/display';
import type { LimitName } from '@/core/car/limits/catalogue';
import { SOURCE_WORDS } from '@/core/car/limits/sources';
import type { FluidResult } from '@/core/readings/fluid/fluid';
import type { ListedFigure } from '@/ui/FigureList';
import { figure } from '@/ui/format';
import type { useLimits } from '../../../measure/useLimit';
import type { Units } from '../../../shell/units';

/** How well the water is known that no tester read. */
function waterFrom({ moisturePct, moistureRangePct: range }: FluidResult): string {
  if (typeof moisturePct !== 'number') return 'no reading it could come from';
  if (!range) return 'from the boiling point';
  return `from the boiling point, ${figure(range[0], 1)} to ${figure(range[1], 1)} % by a tester 3 K off`;
}

/** A fluid in figures: its water, where it boils, here and at sea level, and the margin over the caliper. */
export function fluidFigures(
  result: FluidResult,
  use: 'road' | 'track',
  { units, limit }: { units: Units; limit: ReturnType<typeof useLimits> },
): ListedFigure[] {
  const bound = (name: LimitName, base: BaseUnit, decimals = 0) =>
    units.full(limit(name).value, base, decimals);
  const least = result.limits.find((each) => each.name === 'marginK')?.value ?? 0;
  const margin = result.marginK;
  const { fluid_moisture: moisture, fluid_boiling: boiling } = result.states;
  return [
    {
      label: 'Water',
      value: typeof result.moisturePct === 'number' ? `${figure(result.moisturePct, 1)} %` : '—',
      say: moisture
        ? {
            dry: `dry, under ${bound('dryBelowPct', '%', 1)}`,
            borderline: `borderline, ${bound('dryBelowPct', '%', 1)} to ${bound('wetFromPct', '%', 1)}`,
            wet: `wet, from ${bound('wetFromPct', '%', 1)}: replace it`,
          }[moisture]
        : waterFrom(result),
      bad: moisture === 'wet',
    },
    {
      label: 'Boils at sea level',
      value: units.full(result.boilingC, '°C', 0),
      say: boiling
        ? {
            ok: `inside, ${bound('boilingOkFromC', '°C')} or more`,
            borderline: `borderline, ${bound('boilingLowBelowC', '°C')} to ${bound('boilingOkFromC', '°C')}`,
            low: `low, under ${bound('boilingLowBelowC', '°C')}: replace it`,
          }[boiling]
        : 'from the water',
      bad: boiling === 'low',
    },
    {
      label: 'Boils here',
      value: units.full(result.boilingHereC, '°C', 0),
      say:
        result.altitudeShiftK === null ? '' : `${units.full(result.altitudeShiftK, 'K', 1)} for the altitude`,
      bad: false,
    },
    {
      label: 'Margin over the caliper',
      value: margin === null ? '—' : units.full(margin, 'K', 0),
      say:
        margin === null
          ? 'needs the caliper peak'
          : margin < least
            ? `${units.show(least - margin, 'K', 0)} short of ${units.show(least, 'K', 0)}`
            : `inside, ${units.show(least, 'K', 0)} needed${use === 'track' ? ` (${SOURCE_WORDS[limit('trackMarginK').from]})` : ''}`,
      bad: margin !== null && margin < least,
    },
  ];
}
