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
export function WearFan({ line: { label, series, limitMm, life }, next }: Props) {
  const tokens = useTokens();
  const letters = chartLetters(tokens);
  const units = useUnits();
  const point = (x: number, mm: number) => ({ x, y: shownValue(mm, 'mm', units.choice) });
  const first = series[0]!.sessions;
  const last = series.at(-1)!;
  const most = last.sessions + AHEAD * Math.max(1, last.sessions - first);
  const reach = Math.max(last.sessions + (life?.high ?? 0), next?.by ?? 0);
  const end = Math.ceil(Math.min(most, reach + 0.05 * (reach - first)));
  /** From the last reading to the limit, and along it to the edge. */
  const ray = (sessions: number) => [
    point(last.sessions, last.mm),
    point(last.sessions + sessions, limitMm),
    point(Math.max(end, last.sessions + sessions), limitMm),
  ];
  const readings = series.map(({ sessions, mm }) => point(sessions, mm));
  const datasets = [
    chartLine('Read', readings, tokens.ink, { width: 2 }),
    // The readings themselves, apart: the legend shows a line.
    { ...chartLine('', readings, tokens.ink, { width: 0 }), pointRadius: 4, pointStyle: 'circle' as const },
    chartLine('Limit', [point(first, limitMm), point(end, limitMm)], tokens.stop, { dash: [6, 4] }),
    ...(life
      ? [
          chartLine('Expected', ray(life.sessions), tokens.ink, { width: 1.5, dash: [4, 3] }),
          chartLine('80 of 100 cases', ray(life.high), tokens.bronze, { width: 1 }),
          {
            ...chartLine('', ray(life.low), tokens.bronze, { width: 1 }),
            ...{ backgroundColor: `${tokens.straw}99`, fill: '-1' },
          },
        ]
      : []),
    ...(next
      ? [
          chartLine(
            `After ${next.name}`,
            [point(next.by, limitMm), point(next.by, series[0]!.mm)],
            tokens.go,
            { dash: [2, 3] },
          ),
        ]
      : []),
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
