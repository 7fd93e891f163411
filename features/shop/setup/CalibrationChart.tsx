'use client';

import { Chart as ChartJS, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { Scatter } from 'react-chartjs-2';
import type { Bin } from '@/core/diagnosis/learn/calibration';
import { chartLine } from '@/ui/chartLine';
import { useTokens } from '@/ui/useTokens';

ChartJS.register(LinearScale, PointElement, LineElement, Tooltip);

/** What was said against how often it was so, each with the bounds that hold four times in five. */
export function CalibrationChart({ bins }: { bins: readonly Bin[] }) {
  const tokens = useTokens();
  const font = { family: 'Archivo Variable', size: 14 };
  const line = (data: { x: number; y: number }[], color: string, width: number, dash?: number[]) =>
    chartLine('', data, color, { width, dash });
  const axis = (text: string) => ({
    min: 0,
    max: 100,
    title: { display: true, text, color: tokens.ink, font },
    ticks: { color: tokens.ink, font, stepSize: 20 },
    grid: { color: tokens.rule },
  });
  return (
    <Scatter
      role="img"
      aria-label={`Said against so: ${bins.map(({ said, was }) => `${(said * 100).toFixed(0)} % said, ${(was * 100).toFixed(0)} % so`).join('; ')}`}
      data={{
        datasets: [
          {
            label: 'It was so',
            data: bins.map(({ said, was }) => ({ x: said * 100, y: was * 100 })),
            backgroundColor: tokens.straw,
            borderColor: tokens.ink,
            borderWidth: 2,
            pointRadius: 7,
            pointHoverRadius: 7,
            // What was never or always so stands on the edge: whole.
            clip: false as const,
          },
          ...bins.map(({ said, wasLow, wasHigh }) =>
            line(
              [
                { x: said * 100, y: wasLow * 100 },
                { x: said * 100, y: wasHigh * 100 },
              ],
              tokens.ink,
              3,
            ),
          ),
          line(
            [
              { x: 0, y: 0 },
              { x: 100, y: 100 },
            ],
            tokens.soft,
            1.5,
            [6, 4],
          ),
        ],
      }}
      options={{
        maintainAspectRatio: false,
        animation: false,
        plugins: { legend: { display: false }, tooltip: { enabled: false } },
        scales: { x: axis('It said, %'), y: axis('It was so, %') },
      }}
    />
  );
}
