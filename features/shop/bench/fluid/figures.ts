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

type Shown = { units: Units; limit: ReturnType<typeof useLimits> };

/** A fluid in figures: its water, where it boils, here and at sea level, and the margin over the caliper. */
export function fluidFigures(result: FluidResult, use: 'road' | 'track', shown: Shown): ListedFigure[] {
  const { units } = shown;
  const shift = result.altitudeShiftK;
  return [
    waterFigure(result, shown),
    boilingFigure(result, shown),
    {
      label: 'Boils here',
      value: units.full(result.boilingHereC, '°C', 0),
      say: shift === null ? '' : `${units.full(shift, 'K', 1)} for the altitude`,
      bad: false,
    },
    marginFigure(result, use, shown),
  ];
}

/** A limit as it is shown. */
function boundIn({ units, limit }: Shown) {
  return (name: LimitName, base: BaseUnit, decimals = 0) => units.full(limit(name).value, base, decimals);
}

function waterFigure(result: FluidResult, shown: Shown): ListedFigure {
  const bound = boundIn(shown);
  const { fluid_moisture: state } = result.states;
  const words = {
    dry: `dry, under ${bound('dryBelowPct', '%', 1)}`,
    borderline: `borderline, ${bound('dryBelowPct', '%', 1)} to ${bound('wetFromPct', '%', 1)}`,
    wet: `wet, from ${bound('wetFromPct', '%', 1)}: replace it`,
  };
  return {
    label: 'Water',
    value: typeof result.moisturePct === 'number' ? `${figure(result.moisturePct, 1)} %` : '—',
    say: state ? words[state] : waterFrom(result),
    bad: state === 'wet',
  };
}

function boilingFigure(result: FluidResult, shown: Shown): ListedFigure {
  const bound = boundIn(shown);
  const { fluid_boiling: state } = result.states;
  const words = {
    ok: `inside, ${bound('boilingOkFromC', '°C')} or more`,
    borderline: `borderline, ${bound('boilingLowBelowC', '°C')} to ${bound('boilingOkFromC', '°C')}`,
    low: `low, under ${bound('boilingLowBelowC', '°C')}: replace it`,
  };
  return {
    label: 'Boils at sea level',
    value: shown.units.full(result.boilingC, '°C', 0),
    say: state ? words[state] : 'from the water',
    bad: state === 'low',
  };
}

function marginFigure(
  { marginK: margin, limits }: FluidResult,
  use: 'road' | 'track',
  { units, limit }: Shown,
): ListedFigure {
  const label = 'Margin over the caliper';
  if (margin === null) return { label, value: '—', say: 'needs the caliper peak', bad: false };
  const least = limits.find((each) => each.name === 'marginK')?.value ?? 0;
  const bad = margin < least;
  const from = use === 'track' ? ` (${SOURCE_WORDS[limit('trackMarginK').from]})` : '';
  return {
    label,
    value: units.full(margin, 'K', 0),
    say: bad
      ? `${units.show(least - margin, 'K', 0)} short of ${units.show(least, 'K', 0)}`
      : `inside, ${units.show(least, 'K', 0)} needed${from}`,
    bad,
  };
}
