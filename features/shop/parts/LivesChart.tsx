'use client';

import { Chart as ChartJS, Filler, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { Scatter } from 'react-chartjs-2';
import type { PartRecord } from '@/core/planning/lives/partLives';
import { chartLetters } from '@/ui/chartLetters';
import { chartLine } from '@/ui/chartLine';
import { useTokens } from '@/ui/useTokens';

ChartJS.register(LinearScale, PointElement, LineElement, Tooltip, Filler);

/** Which share of a part's lives is still good after so many sessions, with the bounds of that. */
export function LivesChart({ record: { what, lives, sessions } }: { record: PartRecord }) {
  const tokens = useTokens();
  const letters = chartLetters(tokens);
  const end = Math.max(1, ...lives.map((life) => life.sessions));
  const stair = (of: 'share' | 'low' | 'high') => {
    const points = [{ x: 0, y: 100 }, ...sessions.steps.map((step) => ({ x: step.at, y: 100 * step[of] }))];
    return [...points, { x: end, y: points.at(-1)!.y }];
  };
  const line = (data: { x: number; y: number }[], width: number, fill: false | string) => ({
    ...chartLine('', data, tokens.ink, { width }),
    ...{ backgroundColor: tokens.rule, stepped: 'before' as const, fill },
  });
  return (
    <figure aria-label={`Share of ${what} still good, by sessions`} className="h-52">
      <Scatter
        data={{
          // The first lies on top.
          datasets: [
            line(stair('share'), 2, false),
            line(stair('high'), 0, false),
            line(stair('low'), 0, '-1'),
          ],
        }}
        options={{
          animation: false,
          maintainAspectRatio: false,
          plugins: { legend: { display: false }, tooltip: { enabled: false } },
          scales: {
            x: { type: 'linear', ...letters.axis('sessions', { min: 0, max: end }) },
            y: letters.axis('% still good', { min: 0, max: 100 }),
          },
        }}
      />
    </figure>
  );
}
