'use client';

import { Chart as ChartJS, Filler, Legend, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { Scatter } from 'react-chartjs-2';
import { shownValue } from '@/core/base/units/display';
import type { WearLine } from '@/core/planning/wear/lines';
import { chartLetters } from '@/ui/chartLetters';
import { chartLine } from '@/ui/chartLine';
import { useTokens } from '@/ui/useTokens';
import { useUnits } from '../shell/useUnits';

ChartJS.register(LinearScale, PointElement, LineElement, Tooltip, Filler, Legend);

/** Further ahead than so many times what was run nothing is drawn. */
const AHEAD = 4;

type Props = {
  line: WearLine;
  /** The next day on track, and the sessions the car will have run by its end. */
  next?: { name: string; by: number };
};

/** A part over its life: what was read, its limit, and the fan of the forecast: where it gets there, between 80 of 100 cases. */
export function WearFan({ line, next }: Props) {
  const { label, series, limitMm } = line;
  const tokens = useTokens();
  const letters = chartLetters(tokens);
  const units = useUnits();
  const point: Point = (x, mm) => ({ x, y: shownValue(mm, 'mm', units.choice) });
  const first = series[0]!.sessions;
  const end = endOf(line, next);
  const datasets = [
    ...readLines(line, end, point, tokens),
    ...forecastLines(line, end, point, tokens),
    ...(next ? [nextLine(line, next, point, tokens)] : []),
  ];
  const words = `${label} over its sessions, with its limit and forecast`;
  return (
    <figure aria-label={words} className="h-80 pb-2">
      <Scatter
        role="img"
        aria-label={words}
        data={{ datasets }}
        options={{
          animation: false,
          maintainAspectRatio: false,
          plugins: {
            legend: {
              ...letters.legend,
              labels: { ...letters.legend.labels, filter: ({ text }) => text !== '' },
            },
            tooltip: { enabled: false },
          },
          scales: {
            x: letters.axis('sessions', { min: first, max: end }),
            // Little below the limit matters: the room goes to what leads there.
            y: letters.axis(units.unit('mm'), {
              min: point(0, limitMm - 0.1 * (series[0]!.mm - limitMm)).y,
            }),
          },
        }}
      />
    </figure>
  );
}

type Point = (sessions: number, mm: number) => { x: number; y: number };
type Tokens = ReturnType<typeof useTokens>;

/** The sessions up to which it is drawn. */
function endOf({ series, life }: WearLine, next: Props['next']): number {
  const first = series[0]!.sessions;
  const last = series.at(-1)!.sessions;
  const most = last + AHEAD * Math.max(1, last - first);
  const reach = Math.max(last + (life?.high ?? 0), next?.by ?? 0);
  return Math.ceil(Math.min(most, reach + 0.05 * (reach - first)));
}

function readLines({ series, limitMm }: WearLine, end: number, point: Point, { ink, stop }: Tokens) {
  const readings = series.map(({ sessions, mm }) => point(sessions, mm));
  const limit = [point(series[0]!.sessions, limitMm), point(end, limitMm)];
  return [
    chartLine('Read', readings, ink, { width: 2 }),
    // The readings themselves, apart: the legend shows a line.
    { ...chartLine('', readings, ink, { width: 0 }), pointRadius: 4, pointStyle: 'circle' as const },
    chartLine('Limit', limit, stop, { dash: [6, 4] }),
  ];
}

function forecastLines({ series, limitMm, life }: WearLine, end: number, point: Point, tokens: Tokens) {
  if (!life) return [];
  const { ink, bronze, straw } = tokens;
  const last = series.at(-1)!;
  /** From the last reading to the limit, and along it to the edge. */
  const ray = (sessions: number) => [
    point(last.sessions, last.mm),
    point(last.sessions + sessions, limitMm),
    point(Math.max(end, last.sessions + sessions), limitMm),
  ];
  return [
    chartLine('Expected', ray(life.sessions), ink, { width: 1.5, dash: [4, 3] }),
    chartLine('80 of 100 cases', ray(life.high), bronze, { width: 1 }),
    {
      ...chartLine('', ray(life.low), bronze, { width: 1 }),
      ...{ backgroundColor: `${straw}99`, fill: '-1' },
    },
  ];
}

/** The next day on track, upright where the car will have run it. */
function nextLine(
  { series, limitMm }: WearLine,
  { name, by }: NonNullable<Props['next']>,
  point: Point,
  { go }: Tokens,
) {
  return chartLine(`After ${name}`, [point(by, limitMm), point(by, series[0]!.mm)], go, { dash: [2, 3] });
}
