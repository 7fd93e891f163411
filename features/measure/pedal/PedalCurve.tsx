'use client';

import { Chart as ChartJS, Legend, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { Scatter } from 'react-chartjs-2';
import { shownUnit, shownValue } from '@/core/base/units/display';
import { chartLetters } from '@/ui/chartLetters';
import { useTokens } from '@/ui/useTokens';
import { useUnits } from '../../shell/useUnits';

ChartJS.register(LinearScale, PointElement, LineElement, Tooltip, Legend);

type Point = { forceN: number; travelMm: number };

/** Force over travel: the pedal now, its third press, and the car's own good one behind them. */
export function PedalCurve({
  first,
  third,
  good,
}: {
  first: readonly Point[];
  third: readonly Point[];
  good: readonly Point[];
}) {
  const tokens = useTokens();
  const { choice } = useUnits();
  const { legend, axis } = chartLetters(tokens);
  const line = (
    label: string,
    points: readonly Point[],
    color: string,
    dash: number[],
    pointStyle: 'circle' | 'rect' | 'triangle',
  ) => ({
    label,
    data: [...points]
      .sort((left, right) => left.forceN - right.forceN)
      .map(({ forceN, travelMm }) => ({ x: shownValue(travelMm, 'mm', choice), y: forceN })),
    borderColor: color,
    backgroundColor: color,
    borderWidth: 2,
    borderDash: dash,
    showLine: true,
    pointRadius: 5,
    pointStyle,
  });
  return (
    <Scatter
      role="img"
      aria-label="Force over travel of the pedal"
      data={{
        datasets: [
          line('Now, first press', first, tokens.ink, [], 'circle'),
          ...(third.length > 0 ? [line('Third press', third, tokens.bronze, [6, 4], 'rect')] : []),
          ...(good.length > 0 ? [line('When it was good', good, tokens.go, [2, 3], 'triangle')] : []),
        ],
      }}
      options={{
        maintainAspectRatio: false,
        animation: false,
        plugins: {
          legend,
          tooltip: { callbacks: { label: ({ parsed }) => `${parsed.y} N at ${parsed.x}` } },
        },
        scales: {
          x: axis(`Travel at the pad, ${shownUnit('mm', choice)}`),
          y: axis('Force, N'),
        },
      }}
    />
  );
}
