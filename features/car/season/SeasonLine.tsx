'use client';

import type { BaseUnit } from '@/core/base/units/display';
import type { SeasonSeries } from '@/core/planning/season/lanes';
import { useUnits } from '../../shell/useUnits';
import { LEFT, MONTHS, monthStarts, WIDTH, xOf } from './axis';

const HEIGHT = 74;
const TOP = 18;
const BOTTOM = 12;

/** One figure of a car through a year, with its limit where it has one. */
export function SeasonLine({ year, line }: { year: number; line: SeasonSeries }) {
  const { name, which, unit, decimals, points, limit } = line;
  const units = useUnits();
  const base = unit as BaseUnit;
  const values = [...points.map(({ value }) => value), ...(limit ? [limit.value] : [])];
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const y = (value: number) =>
    high - low < 1e-9
      ? (TOP + HEIGHT - BOTTOM) / 2
      : TOP + ((high - value) / (high - low)) * (HEIGHT - TOP - BOTTOM);
  const at = points.map(({ on, value }) => ({ on, value, x: xOf(on, year), y: y(value) }));
  const last = at.at(-1)!;
  const said = (value: number) => units.full(value, base, decimals);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="block w-full border-t border-rule"
      role="img"
      aria-label={`${name}${which ? `, ${which}` : ''}: ${at.map(({ on, value }) => `${on} ${said(value)}`).join(', ')}${limit ? `; limit ${said(limit.value)}, ${limit.from}` : ''}`}
    >
      {monthStarts(year).map((x, month) => (
        <path key={MONTHS[month]} d={`M${x} 0V${HEIGHT}`} className="stroke-rule" />
      ))}
      <text x={10} y={30} className="fill-ink text-[0.875rem] font-semibold">
        {name}
      </text>
      <text x={10} y={50} className="fill-soft text-[0.8125rem]">
        {which}
      </text>
      {limit && (
        <>
          <path d={`M${LEFT} ${y(limit.value)}H${WIDTH}`} className="stroke-stop" strokeDasharray="6 4" />
          <text x={LEFT + 4} y={y(limit.value) - 4} className="fill-stop text-[0.75rem]">
            {said(limit.value)}, {limit.from}
          </text>
        </>
      )}
      <path
        d={`M${at.map((point) => `${point.x.toFixed(1)} ${point.y.toFixed(1)}`).join('L')}`}
        className="fill-none stroke-ink"
        strokeWidth="2"
      />
      {at.map((point) => (
        <circle key={point.on} cx={point.x} cy={point.y} r="4" className="fill-ink">
          <title>{said(point.value)}</title>
        </circle>
      ))}
      <text
        x={Math.min(WIDTH - 8, last.x + 8)}
        y={last.y - 6}
        textAnchor={last.x > WIDTH - 90 ? 'end' : 'start'}
        className="fill-ink text-[0.8125rem] font-semibold"
      >
        {said(last.value)}
      </text>
    </svg>
  );
}
